package dev.schachtel.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.guillotine.Board;
import dev.schachtel.core.guillotine.Found;
import dev.schachtel.core.guillotine.Job;
import dev.schachtel.core.guillotine.Node;
import dev.schachtel.core.guillotine.Packing;
import dev.schachtel.core.guillotine.Search;
import dev.schachtel.core.guillotine.Want;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.measure.Length;

/**
 * One material's blanks and sheets as a job of rectangles, in nanometres. Blanks of one size and grain are one want; a
 * kerf is added to every size and to the sheets, which comes to the same; what is squared up is off the sheet.
 */
final class SheetSearch {
    private static final long SEED = 1;

    private final Material material;
    private final Tools tools;
    private final List<Sheet> sheets;
    private final Map<Alike, List<Demand>> alike = new LinkedHashMap<>();
    private final List<Demand> nothing;
    private final Search search;

    /** What makes blanks exchangeable. */
    private record Alike(Length width, Length height, Grain grain, Optional<MaterialId> from) {}

    SheetSearch(Material material, List<Demand> wanted, List<Sheet> stock, Tools tools, Optional<Found> found) {
        this.material = material;
        this.tools = tools;
        this.sheets = stock.stream()
                .filter(s -> usable(s.width()) > 0 && usable(s.height()) > 0)
                .toList();
        wanted.stream().filter(Demand::isThere).forEach(d -> alike.computeIfAbsent(
                        new Alike(d.width(), d.height(), d.grain(), d.from()), k -> new ArrayList<>())
                .add(d));
        this.nothing = wanted.stream().filter(d -> !d.isThere()).toList();
        List<Want> wants = new ArrayList<>();
        alike.forEach((size, all) -> wants.add(new Want(
                Math.addExact(size.width.nanometres(), kerf()),
                Math.addExact(size.height.nanometres(), kerf()),
                all.stream().mapToInt(Demand::toCut).sum(),
                lies(size, false),
                lies(size, true))));
        List<Board> boards = sheets.stream()
                .map(s ->
                        new Board(usable(s.width()), usable(s.height()), sheets.indexOf(s), s.count(), s.canBeBought()))
                .toList();
        Job job = new Job(wants, boards);
        this.search = found.map(f -> Search.of(job, SEED, f)).orElseGet(() -> Search.of(job, SEED));
    }

    private long kerf() {
        return tools.kerf().nanometres();
    }

    /** Of a sheet's side, with a kerf at its end that needs no room. */
    private long usable(Length side) {
        Length squared = tools.squareUp().isPositive() ? tools.squareUp().plus(tools.kerf()) : Length.ZERO;
        return side.minus(squared).nanometres() + kerf();
    }

    /** Whether blanks like these may lie so on each sheet: by grain, by the pattern's top, by the maker's choice. */
    private boolean[] lies(Alike size, boolean turned) {
        boolean[] all = new boolean[Math.max(1, sheets.size())];
        for (int i = 0; i < sheets.size(); i++) {
            Sheet sheet = sheets.get(i);
            boolean heeds = size.grain != Grain.NONE && sheet.grain() != Grain.NONE;
            boolean chosen = size.from.isEmpty()
                    || size.from.get().equals(sheet.id())
                    || sheets.stream().noneMatch(s -> s.id().equals(size.from.get()));
            all[i] = chosen && (!heeds || (size.grain == sheet.grain()) != turned) && !(turned && sheet.directed());
        }
        return all;
    }

    void run(int rounds) {
        search.run(rounds);
    }

    boolean done() {
        return search.done();
    }

    MaterialId material() {
        return material.id();
    }

    Found found() {
        return search.found();
    }

    int rounds() {
        return search.rounds();
    }

    MaterialPlan plan() {
        Packing best = search.tidied();
        Map<Integer, Deque<Demand>> queues = new LinkedHashMap<>();
        List<List<Demand>> lists = List.copyOf(alike.values());
        for (int i = 0; i < lists.size(); i++) {
            Deque<Demand> queue = new ArrayDeque<>();
            lists.get(i).forEach(d -> {
                for (int n = 0; n < d.toCut(); n++) {
                    queue.add(d);
                }
            });
            queues.put(i, queue);
        }
        int[] left = sheets.stream().mapToInt(Sheet::count).toArray();
        List<SheetPlan> plans = best.sheets().stream()
                .sorted(Comparator.comparing((Packing.Sheet s) -> s.board())
                        .thenComparing(s -> s.root().toString()))
                .map(s -> new SheetPlan(sheets.get(s.board()), left[s.board()]-- > 0, squared(tree(s.root(), queues))))
                .toList();
        List<Demand> unplaced = Stream.concat(
                        nothing.stream(), queues.values().stream().flatMap(Deque::stream))
                .distinct()
                .toList();
        Proof proof = new Proof(search.bound().boards(), search.bound().how());
        return new MaterialPlan(material, plans, proof, unplaced, search.rounds());
    }

    private CutNode squared(CutNode tree) {
        Length off = tools.squareUp();
        if (!off.isPositive()) {
            return tree;
        }
        CutNode level = new CutNode.Stroke(false, off, tools.kerf(), new CutNode.Rest(), tree);
        return new CutNode.Stroke(true, off, tools.kerf(), new CutNode.Rest(), level);
    }

    private CutNode tree(Node node, Map<Integer, Deque<Demand>> queues) {
        if (node.isPiece()) {
            return new CutNode.Blank(queues.get(node.want()).remove(), node.turned());
        }
        if (node.isFree()) {
            return new CutNode.Rest();
        }
        Node[] strips = node.strips().stream()
                .sorted(Comparator.comparing(Node::isFree)
                        .thenComparing(Comparator.comparingLong((Node n) -> along(n, node))
                                .reversed())
                        .thenComparing(Node::toString))
                .toArray(Node[]::new);
        return strips(node.upright(), strips, queues);
    }

    private static long along(Node strip, Node of) {
        return of.upright() ? strip.width() : strip.height();
    }

    /** Strips one after the other, each cut off what is still in the hand. */
    private CutNode strips(boolean upright, Node[] strips, Map<Integer, Deque<Demand>> queues) {
        CutNode first = tree(strips[0], queues);
        if (strips.length == 1) {
            return first;
        }
        long size = upright ? strips[0].width() : strips[0].height();
        Node[] others = Arrays.copyOfRange(strips, 1, strips.length);
        return new CutNode.Stroke(
                upright, Length.ofNanometres(size - kerf()), tools.kerf(), first, strips(upright, others, queues));
    }
}
