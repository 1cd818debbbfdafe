package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The same pieces on the same boards, each board cut anew: first so that the largest rest grows, then so that the stop is
 * set to fewer places, then with fewer strokes. Boards with the same pieces are cut alike, so that they are cut together.
 * Tries what they have and the greedy layouts; never makes a board worse.
 */
final class Tidy {
    private static final Comparator<Node> BETTER = Comparator.comparingDouble(Node::largestFree)
            .reversed()
            .thenComparingInt(Tidy::settings)
            .thenComparingInt(Tidy::strokes);

    private Tidy() {}

    /** What is on a board, whatever the order. */
    private record Content(int board, List<Integer> counts) {}

    static Packing tidied(Packing packing) {
        Map<Content, Node> known = new HashMap<>();
        for (Packing.Sheet sheet : packing.sheets()) {
            known.merge(content(packing.job(), sheet), either(sheet.root()), Tidy::better);
        }
        known.replaceAll((content, node) -> laidAnew(packing.job(), content, node));
        return Packing.of(
                packing.job(),
                packing.sheets().stream()
                        .map(s -> new Packing.Sheet(s.board(), known.get(content(packing.job(), s))))
                        .toList());
    }

    private static Node better(Node a, Node b) {
        return BETTER.compare(b, a) < 0 ? b : a;
    }

    /** As it is or gathered: common strips save strokes, but may ask for a setting more. */
    private static Node either(Node root) {
        return better(root, root.gathered());
    }

    private static Content content(Job job, Packing.Sheet sheet) {
        int[] counts = new int[job.wants().size()];
        sheet.root().count(counts);
        return new Content(sheet.board(), Arrays.stream(counts).boxed().toList());
    }

    private static Node laidAnew(Job job, Content content, Node now) {
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < content.counts.size(); i++) {
            Want w = job.wants().get(i);
            wants.add(new Want(w.width(), w.height(), content.counts.get(i), w.stays(), w.turns()));
        }
        Board of = job.boards().get(content.board);
        Job alone = new Job(wants, List.of(new Board(of.width(), of.height(), of.grain(), 1, false)));
        Node best = now;
        for (Greedy.Order order : Greedy.Order.values()) {
            Packing next = Greedy.pack(alone, new Greedy.Rule(order, Opened.Taste.REST, 0, false));
            if (next.lacking() == 0) {
                best = better(best, either(next.sheets().get(0).root()));
            }
        }
        return best;
    }

    /** Different distances of the stop. */
    static int settings(Node node) {
        Set<Long> stops = new HashSet<>();
        stops(node, stops);
        return stops.size();
    }

    /** Every strip but the last takes a stroke. */
    static int strokes(Node node) {
        int sum = Math.max(0, node.strips.length - 1);
        for (Node strip : node.strips) {
            sum += strokes(strip);
        }
        return sum;
    }

    private static void stops(Node node, Set<Long> stops) {
        Node[] strips = node.strips.clone();
        Arrays.sort(
                strips,
                Comparator.comparing(Node::isFree)
                        .thenComparing(Comparator.comparingLong((Node n) -> n.along(node.upright))
                                .reversed()));
        for (int i = 0; i < strips.length; i++) {
            if (i < strips.length - 1) {
                stops.add(strips[i].along(node.upright));
            }
            stops(strips[i], stops);
        }
    }
}
