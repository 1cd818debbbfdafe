package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** All layers lifted off each other, seen at a slant from the front left, the back lowest. */
final class ApartView {
    /** Points on the canvas for lead and letter beside the drawing, and for each letter of a name. */
    private static final int BESIDE = 48;

    private static final int LETTER = 8;
    private static final int MOST_LETTERS = 28;
    private static final int MOST_IN_SMALL = 18;

    private final Build build;
    private final Set<PartId> only;
    private final Optional<PartId> fresh;
    private final List<Mark> marks = new ArrayList<>();
    private Box extent = new Box(0, 0, 0, 0);
    private int longest;

    ApartView(Build build) {
        this(build, Set.of(), Optional.empty());
    }

    /** Only these parts, all when empty; one of them is shown as added now. */
    ApartView(Build build, Set<PartId> only, Optional<PartId> fresh) {
        this.build = build;
        this.only = only;
        this.fresh = fresh;
    }

    Scene scene() {
        Tiers tiers = new Tiers(Tiers.of(build).all().stream()
                .map(t -> t.stream().filter(l -> shown(l.slab().part())).toList())
                .filter(t -> !t.isEmpty())
                .toList());
        double lift = lift(tiers.all().size());
        for (int i = 0; i < tiers.all().size(); i++) {
            tier(tiers.all().get(i), i * lift, i);
        }
        return new Scene("Taken apart", extent, new Scene.Room(16, 16, BESIDE + LETTER * longest, 16), false, marks);
    }

    private boolean shown(PartId part) {
        return only.isEmpty() || only.contains(part);
    }

    /** What the drawing goes by: the whole face, or the box round the parts shown. */
    private Box frame() {
        return only.isEmpty()
                ? build.face().bounds()
                : build.levels().stream()
                        .filter(l -> shown(l.slab().part()))
                        .map(l -> l.slab().bounds())
                        .reduce(Box::union)
                        .orElseGet(() -> build.face().bounds());
    }

    /** Far enough apart to tell, near enough to fit: a share of the height that the frame takes up when slanted. */
    private double lift(int tiers) {
        Box face = frame();
        double high = face.width() * 0.22 + face.height() * 0.27;
        return Math.max(high * 0.18, Math.min(high * 0.45, 1.6 * high / Math.max(1, tiers)));
    }

    private void tier(List<Level> levels, double lift, int index) {
        for (Level level : levels) {
            Part part = build.part(level.slab().part()).orElseThrow();
            Fill fill =
                    part.material() instanceof Film ? new Fill.Behind(part.material()) : new Fill.Made(part.material());
            for (Outline footprint : level.slab().footprints()) {
                Outline slanted = slant(footprint, lift);
                extent = index == 0 && marks.isEmpty() ? slanted.bounds() : extent.union(slanted.bounds());
                Meaning edge = fresh.filter(part.id()::equals).isPresent() ? Meaning.FRESH : Meaning.CUT;
                marks.add(new Mark.Area(slanted, fill, edge, Optional.of(part.owner())));
                part.stitches(footprint).ifPresent(s -> marks.add(Mark.stitches(slant(s, lift))));
            }
        }
        label(levels, lift);
    }

    private void label(List<Level> levels, double lift) {
        Level first = levels.get(0);
        Box box = first.slab().bounds();
        Point edge = slant(new Point(box.right(), box.top()), lift);
        Box face = frame();
        Point at = slant(new Point(face.right(), face.top()), lift);
        double line = 0.03 * (face.width() + face.height());
        extent = extent.union(new Box(at.x(), at.y() - line, at.x(), at.y() + line));
        marks.add(new Mark.Line(List.of(edge, at.plus(3, 0)), Meaning.LEAD));
        String letter = build.letters().getOrDefault(first.slab().part(), "");
        marks.add(new Mark.Letter(
                at,
                new Mark.Shift(24, 0, Mark.Anchor.MIDDLE),
                letter,
                first.slab().part()));
        String names = names(levels);
        if (names.isEmpty()) {
            return;
        }
        longest = Math.max(longest, names.length());
        marks.add(new Mark.Label(
                at,
                new Mark.Shift(40, 5, Mark.Anchor.START),
                Words.of(names),
                Mark.Style.NAME,
                Optional.of(first.slab().part().owner())));
    }

    /**
     * All names of a tier where there is room for them, else the first and how many more. In the small picture of a few
     * parts the letter must do for a long name.
     */
    private String names(List<Level> levels) {
        List<String> names =
                levels.stream().map(l -> l.slab().name()).distinct().toList();
        String all = String.join(", ", names);
        if (!only.isEmpty() && all.length() > MOST_IN_SMALL) {
            return "";
        }
        return all.length() <= MOST_LETTERS || names.size() == 1
                ? all
                : names.get(0) + " and " + (names.size() - 1) + " more";
    }

    private static Outline slant(Outline outline, double lift) {
        Ring outer = slant(outline.outer(), lift);
        return new Outline(
                outer, outline.holes().stream().map(h -> slant(h, lift)).toList());
    }

    private static Ring slant(Ring ring, double lift) {
        return Outline.ofCorners(
                        ring.flattened().stream().map(p -> slant(p, lift)).toList())
                .outer();
    }

    private static Point slant(Point p, double lift) {
        return new Point(p.x() * 0.93 + p.y() * 0.47, -p.x() * 0.22 + p.y() * 0.27 + lift);
    }
}
