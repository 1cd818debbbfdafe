package dev.schachtel.core.engineering;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Spacers;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * The spacer map of small pieces: over each thing that lies under one, the fewest layers of foam of the stock that fill the
 * gap to 0.15 mm; where none do, scraps of the piece's own card, each with its glue. Squares lie 3 mm inside the piece's edge, wholly over one thing, one for each 25 mm; where a piece is too
 * slim, smaller ones. What is narrower than 4 mm takes none, and a flat piece bends over one caliper. Handbook chapter 10.
 */
final class Propping {
    private static final double EACH = 25;
    private static final int MOST = 4;

    /** How wide a square is and how far it keeps from the piece's edge, in mm. */
    private record Square(double side, double inset) {}

    private static final List<Square> SQUARES =
            List.of(new Square(6, 3), new Square(4, 2), new Square(3, 1), new Square(2, 0.5));
    /** What is laid under a piece that takes no square, in mm. */
    private static final double SLIVER = 1;
    /** Sizes that are cut where a piece could do without. */
    private static final int WORTH = 3;

    private final BuildDraft draft;
    private final List<Joint> joints;
    private final Map<SlabId, Level> levels = new HashMap<>();
    /** Asked for with every piece, and worked out from outlines. */
    private final Map<SlabId, Box> boxes = new HashMap<>();

    private final List<Length> heights;
    private final Material glue;
    private final Map<Length, List<Length>> filling = new HashMap<>();
    /** By ground, all that rests on it. */
    private final Map<SlabId, Set<SlabId>> carried = new HashMap<>();

    Propping(BuildDraft draft, List<Joint> joints) {
        this.draft = draft;
        this.joints = joints;
        this.glue = new Materials(draft).glue();
        this.heights = draft.workshop().all(Foam.class).stream()
                .map(Foam::thickness)
                .distinct()
                .sorted()
                .toList();
    }

    /** Adds the foam of all these pieces, with its joints. */
    void prop(Map<PartId, SlabId> pieces, List<Level> lying) {
        for (Level level : lying) {
            levels.put(level.slab().id(), level);
            boxes.put(level.slab().id(), level.slab().bounds());
        }
        pieces.forEach(this::prop);
    }

    private void prop(PartId id, SlabId ground) {
        Level piece = levels.get(SlabId.of(id));
        Optional<Joint> lies = joints.stream()
                .filter(j -> j.upper().equals(SlabId.of(id)) && j.hold() == Joint.Hold.RESTS)
                .findFirst();
        if (piece == null || lies.isEmpty()) {
            return;
        }
        boolean raised = lies.get().by() instanceof Foam;
        List<Level> below = below(piece, ground);
        if (!raised && below.size() < 2) {
            return;
        }
        Map<Integer, List<Point>> found = new LinkedHashMap<>();
        Map<Integer, Double> sides = new HashMap<>();
        for (Outline copy : piece.slab().footprints()) {
            Underside under = underside(copy, below);
            for (int i = 0; i < below.size(); i++) {
                List<Foam> spacers = spacers(
                        piece, lies.get(), piece.bottom().minus(below.get(i).top()));
                boolean needed =
                        raised && below.get(i).slab().id().equals(lies.get().lower());
                if (!spacers.isEmpty() && under.holds(i)) {
                    place(under, i, needed ? SQUARES.size() : WORTH, found, sides);
                }
            }
        }
        if (raised && found.isEmpty()) {
            whereWidest(piece, below, lies.get(), found, sides);
        }
        found.forEach((i, at) -> add(piece, below.get(i), lies.get(), sides.get(i), at));
    }

    /** What may lie under a piece, the highest last: its ground, and what rests on that. */
    private List<Level> below(Level piece, SlabId ground) {
        Box box = piece.slab().bounds();
        return levels.values().stream()
                .filter(l -> !l.slab().part().equals(piece.slab().part())
                        && !l.top().isAbove(piece.bottom())
                        && boxes.get(l.slab().id()).touches(box)
                        && (l.slab().id().equals(ground) || restsOn(l.slab().id(), ground)))
                .sorted(Comparator.comparing(Level::top)
                        .thenComparing(l -> l.slab().id().toString()))
                .toList();
    }

    private boolean restsOn(SlabId upper, SlabId ground) {
        return carried.computeIfAbsent(ground, this::allOn).contains(upper);
    }

    private Set<SlabId> allOn(SlabId ground) {
        Map<SlabId, List<SlabId>> above = new HashMap<>();
        joints.stream().filter(j -> j.hold() == Joint.Hold.RESTS).forEach(j -> above.computeIfAbsent(
                        j.lower(), k -> new ArrayList<>())
                .add(j.upper()));
        Set<SlabId> all = new HashSet<>();
        Deque<SlabId> next = new ArrayDeque<>(List.of(ground));
        while (!next.isEmpty()) {
            for (SlabId upper : above.getOrDefault(next.poll(), List.of())) {
                if (all.add(upper)) {
                    next.add(upper);
                }
            }
        }
        return all;
    }

    private Underside underside(Outline copy, List<Level> below) {
        Underside under = new Underside(copy);
        for (int i = 0; i < below.size(); i++) {
            for (Outline footprint : below.get(i).slab().footprints()) {
                under.cover(footprint, i);
            }
        }
        for (Zone zone : draft.zones()) {
            boolean off = zone.use() == Zone.Use.NO_GLUE || zone.use() == Zone.Use.KEEP_OFF;
            if (off && below.stream().anyMatch(l -> l.slab().id().equals(zone.on()))) {
                under.cover(zone.outline(), Underside.NOTHING);
            }
        }
        return under;
    }

    /** Thickest first; none where nothing is needed, or nothing fits. */
    private List<Foam> spacers(Level piece, Joint lies, Length gap) {
        boolean raised = lies.by() instanceof Foam;
        if (raised && !gap.minus(lies.thickness()).abs().isAbove(Spacers.WITHIN)) {
            return List.of(material(lies.thickness(), lies));
        }
        if (!gap.isAbove(raised ? Spacers.WITHIN : Spacers.BENDS)) {
            return List.of();
        }
        List<Length> foam = filling.computeIfAbsent(gap, g -> Spacers.fewest(g, heights));
        return foam.isEmpty()
                ? scraps(piece, gap)
                : foam.stream().map(h -> material(h, lies)).toList();
    }

    /** Of the piece's own card, as many as fill the gap; none if they don't. */
    private List<Foam> scraps(Level piece, Length gap) {
        return draft.part(piece.slab().part())
                .map(Part::material)
                .filter(Cardstock.class::isInstance)
                .map(card -> Foam.scrap((Cardstock) card, glue.thickness()))
                .map(scrap -> Spacers.fewest(gap, List.of(scrap.thickness())).stream()
                        .map(h -> scrap)
                        .toList())
                .orElse(List.of());
    }

    private static void place(
            Underside under, int what, int sizes, Map<Integer, List<Point>> found, Map<Integer, Double> sides) {
        Box over = under.bounds(what);
        int most = count(over.width()) * count(over.height());
        for (Square square : SQUARES.subList(0, sizes)) {
            double side = sides.getOrDefault(what, square.side());
            List<Point> at = under.squares(what, side, square.inset(), most);
            if (!at.isEmpty()) {
                sides.put(what, side);
                found.computeIfAbsent(what, k -> new ArrayList<>()).addAll(at);
                return;
            }
        }
    }

    private static int count(double size) {
        return Math.max(1, Math.min(MOST, (int) (size / EACH)));
    }

    /** A piece slimmer than any square stands on what goes under it where it is widest. */
    private void whereWidest(
            Level piece, List<Level> below, Joint lies, Map<Integer, List<Point>> found, Map<Integer, Double> sides) {
        Underside under = underside(piece.slab().footprints().get(0), below);
        for (int i = 0; i < below.size(); i++) {
            if (below.get(i).slab().id().equals(lies.lower())) {
                sides.put(i, SLIVER);
                found.put(i, List.of(under.widest(i)));
            }
        }
    }

    private void add(Level piece, Level under, Joint lies, double side, List<Point> at) {
        Length gap = piece.bottom().minus(under.top());
        SlabId lower = under.slab().id();
        Length filled = Length.ZERO;
        List<Foam> spacers = spacers(piece, lies, gap);
        Foam last = spacers.get(0);
        for (int n = 0; n < spacers.size(); n++) {
            last = spacers.get(n);
            Length thick = n == spacers.size() - 1 ? gap.minus(filled) : last.thickness();
            SlabId foam = foam(piece.slab().part(), last, side, at, thick);
            joints.add(new Joint(foam, lower, Joint.Hold.RESTS, last, Length.ZERO));
            lower = foam;
            filled = filled.plus(thick);
        }
        joints.add(new Joint(piece.slab().id(), lower, Joint.Hold.RESTS, last, Length.ZERO));
    }

    /** Foam gives, and glue fills: it is as thick as the gap it fills. */
    private SlabId foam(PartId piece, Foam foam, double side, List<Point> at, Length thick) {
        Length wide = Mm.length(side);
        PartId id = free(piece);
        Outline square = Outline.rectangle(wide, wide);
        Part part = Part.of(
                        id, foam.isStock() ? "Foam square" : "Scrap of card", foam, Form.rectangle(wide, wide), square)
                .at(at.stream()
                        .map(p -> Placement.at(Mm.length(p.x()), Mm.length(p.y())))
                        .toList())
                .cutBy(CutMethod.SCISSORS);
        draft.folded(part);
        draft.slab(new Slab(SlabId.of(id), id, part.name(), thick, part.footprints()));
        return SlabId.of(id);
    }

    private PartId free(PartId piece) {
        PartId id = new PartId(piece.owner(), "foam");
        for (int n = 2; draft.part(id).isPresent(); n++) {
            id = new PartId(piece.owner(), "foam-" + n);
        }
        return id;
    }

    /** That by which the piece is held, if it is as thick. */
    private Foam material(Length height, Joint lies) {
        return lies.by() instanceof Foam own && own.thickness().equals(height)
                ? own
                : draft.workshop().all(Foam.class).stream()
                        .filter(f -> f.thickness().equals(height))
                        .max(Comparator.comparing(f -> f.form() != Foam.Form.SHEET))
                        .orElseThrow();
    }
}
