package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Gems;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.scene.Room;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Figures;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * What may save a spoiled sheet, worked out from the card: what covers a spot on it, how small an even border makes the
 * spot fall away, and which smaller formats come out of what is left. Handbook chapter 12.
 */
public final class Rescues {
    /** What covers a spot reaches so far past it: 0.5 mm, since it is laid by eye. */
    static final double PAST = 0.5;

    private static final double[] SCALES = {0.4, 0.5, 0.63, 0.79, 1, 1.26, 1.6, 2, 2.5};
    private static final int TRIED = 14;
    private static final int SHOWN = 4;
    private static final int GRID = 6;
    /** A border that takes more of a sheet than this on each side leaves another card. */
    private static final double MOST = 0.2;

    private final CardSpec spec;
    private final Workshop workshop;
    private final Checked now;
    private final Box spot;

    private Rescues(CardSpec spec, Workshop workshop, Spot spot) {
        this.spec = spec;
        this.workshop = workshop;
        this.now = Checked.of(spec, workshop);
        double half = Mm.of(spot.size) / 2;
        this.spot = new Box(spot.at.x() - half, spot.at.y() - half, spot.at.x() + half, spot.at.y() + half);
    }

    /**
     * A stain, tear or wrong cut.
     *
     * @param at its middle, in millimetres on the card's face
     * @param size how far it reaches across, above 0
     */
    public record Spot(Point at, Length size) {}

    /** What covers it: a picture in some size, or a small thing. */
    public record Cover(String name, Length width, Length height) {}

    /**
     * All sides of a sheet trimmed alike.
     *
     * @param each what is taken off each side
     * @param width and height of the sheet then
     * @param border that shows round it then
     * @param works whether nothing else goes wrong by it
     */
    public record Even(Length each, Length width, Length height, Length border, boolean works) {}

    /**
     * All of it.
     *
     * @param sheet what the spoiled sheet is called; empty where the spot is on none
     */
    public record Saved(String sheet, List<Cover> covers, Optional<Even> even, List<Format> smaller) {}

    /** What may be done about a spot on the sheet of a piece. */
    public static Saved of(CardSpec spec, Workshop workshop, Id piece, Spot spot) {
        Rescues rescues = new Rescues(spec, workshop, spot);
        Optional<Part> sheet = rescues.sheet(piece);
        return new Saved(
                sheet.map(Part::name).orElse(""),
                sheet.isEmpty() ? List.of() : rescues.covers(piece, spot),
                sheet.flatMap(s -> rescues.even(piece, s)),
                sheet.map(s -> rescues.smaller(piece, s)).orElse(List.of()));
    }

    /** The largest sheet of the piece that the spot is on. */
    private Optional<Part> sheet(Id piece) {
        return now.build().partsOf(piece).stream()
                .filter(p -> p.footprints().stream().anyMatch(f -> f.holds(spot.centre())))
                .max(Comparator.comparingDouble(p -> p.outline().area().squareMillimetres()));
    }

    private Optional<Box> lies(Part part) {
        Build build = now.build();
        return build.levels().stream()
                .map(Level::slab)
                .filter(s -> s.part().equals(part.id()) && !s.footprints().isEmpty())
                .map(s -> s.bounds())
                .findFirst();
    }

    private List<Cover> covers(Id piece, Spot at) {
        double size = Mm.of(at.size) + 2 * PAST;
        Id on = spec.base().id().equals(piece) ? Id.FRONT : piece;
        List<Cover> covers = new ArrayList<>();
        workshop.all(Embellishment.class).stream()
                .filter(e -> e.owned() > 0 && Mm.of(e.width()) >= size)
                .min(Comparator.comparing(Embellishment::width))
                .filter(e -> works(() -> stuck(e, on, at.at)))
                .ifPresent(e -> covers.add(new Cover(e.name(), e.width(), e.width())));
        List<Laid> laid = workshop.pictures().stream()
                .filter(p -> p.role() != Picture.Role.GROUND && p.role() != Picture.Role.FRAME)
                .flatMap(p -> laid(p, at.at, size).stream())
                .sorted(Comparator.comparingDouble(Laid::area))
                .limit(TRIED)
                .toList();
        for (Laid l : laid) {
            Room.Put put = new Room.Put(l.middle, l.scale, Room.card(workshop));
            if (covers.size() < SHOWN && works(() -> Room.placed(spec, on, l.picture, put))) {
                covers.add(new Cover(l.picture.name(), l.wide(), l.high()));
            }
        }
        return covers;
    }

    /** The card with one small thing there, held as new ones are. */
    private CardSpec stuck(Embellishment one, Id on, Point at) {
        String kind = RecordType.word(Gems.class);
        Id id = CardEdit.of(spec).nextId(kind);
        CardSpec more = CardEdit.of(spec).add(kind);
        Gems usual = more.find(id, Gems.class).orElseThrow();
        return CardEdit.of(more)
                .with(new Gems(
                        id,
                        on,
                        one.id(),
                        1,
                        usual.arranged(),
                        usual.apart(),
                        0,
                        Mm.length(at.x()),
                        Mm.length(at.y()),
                        usual.fixing()));
    }

    /** Whether a card has no trouble that this one hasn't, and can be made at all. */
    private boolean works(Supplier<CardSpec> other) {
        try {
            Findings after = Checked.of(other.get(), workshop).findings();
            return troubles(now.findings()).containsAll(troubles(after));
        } catch (RefusedException e) {
            return false;
        }
    }

    /** A picture with its middle there, so large that it covers the spot. */
    private record Laid(Picture picture, double scale, Point middle) {
        double area() {
            return Mm.of(picture.width()) * Mm.of(picture.height()) * scale * scale;
        }

        Length wide() {
            return Length.ofMicrometres(Math.round(1000 * Mm.of(picture.width()) * scale));
        }

        Length high() {
            return Length.ofMicrometres(Math.round(1000 * Mm.of(picture.height()) * scale));
        }
    }

    private static Optional<Laid> laid(Picture picture, Point at, double size) {
        for (double scale : SCALES) {
            Figures.View view = new Figures.View(Mm.of(picture.width()) / 2, Mm.of(picture.height()) / 2, scale);
            List<Outline> outlines = Figures.outlines(picture.outline().text(), view);
            Optional<Point> inside = outlines.isEmpty() ? Optional.empty() : inside(outlines.get(0), size);
            if (inside.isPresent()) {
                Point p = inside.get();
                return Optional.of(new Laid(picture, scale, new Point(at.x() - p.x(), at.y() - p.y())));
            }
        }
        return Optional.empty();
    }

    /** Somewhere in the outline a circle of this size lies wholly. */
    private static Optional<Point> inside(Outline outline, double size) {
        Length diameter = Length.ofMicrometres(Math.round(1000 * size));
        if (outline.isNarrower(diameter)) {
            return Optional.empty();
        }
        Box box = outline.bounds();
        Stream<Point> grid = DoubleStream.iterate(1, i -> i < GRID, i -> i + 1)
                .boxed()
                .flatMap(i -> DoubleStream.iterate(1, j -> j < GRID, j -> j + 1)
                        .mapToObj(j -> new Point(
                                box.left() + box.width() * i / GRID, box.bottom() + box.height() * j / GRID)));
        return Stream.concat(Stream.of(outline.centroid()), grid)
                .filter(p -> outline.covers(Outline.circle(diameter).moved(p)))
                .findFirst();
    }

    /** What is to mend, and what lies over a window: what only looks otherwise, or makes a letter thicker, saves a card all the same. */
    private static Set<String> troubles(Findings findings) {
        Set<String> keys = new HashSet<>();
        findings.all().stream()
                .filter(f -> f.severity() == Severity.MEND || f.rule() == RuleId.COVERS_WINDOW)
                .forEach(f -> keys.add(f.rule() + " " + f.owner()));
        return keys;
    }

    /** The least that must go off each side so that the spot goes with one of them. */
    private Optional<Even> even(Id piece, Part sheet) {
        Box box = lies(sheet).orElseThrow();
        double depth = Math.min(
                Math.min(spot.right() - box.left(), box.right() - spot.left()),
                Math.min(spot.top() - box.bottom(), box.top() - spot.bottom()));
        Length step = spec.units().step();
        Length each = step.times((int) Math.ceil(depth * 1e6 / step.nanometres() - 1e-9));
        Optional<Lever> reveal = Lever.of(spec, piece, Pull.REVEAL);
        if (reveal.isEmpty() || Mm.of(each) > MOST * Math.min(box.width(), box.height())) {
            return Optional.empty();
        }
        Length border = reveal.get().length().orElse(Length.ZERO).plus(each);
        Length width = sheet.form().width().minus(each.times(2));
        Length height = sheet.form().height().minus(each.times(2));
        return Optional.of(new Even(
                each, width, height, border, works(() -> reveal.get().to(border).taken(spec))));
    }

    /** Smaller formats whose sheet, with the same border, comes out of what is free of the spot and of openings; the largest first. */
    private List<Format> smaller(Id piece, Part sheet) {
        Box box = lies(sheet).orElseThrow();
        List<Box> spoiled = new ArrayList<>(List.of(spot));
        sheet.cutouts().stream().map(Cutout::onFace).map(Outline::bounds).forEach(spoiled::add);
        List<Box> left = free(box, spoiled);
        double border = Lever.of(spec, piece, Pull.REVEAL)
                .flatMap(Lever::length)
                .map(Mm::of)
                .orElse(0.0);
        double faceWide = now.build().face().bounds().width();
        double faceHigh = now.build().face().bounds().height();
        boolean wide = box.width() > 1.5 * faceWide;
        boolean high = box.height() > 1.5 * faceHigh;
        return Format.USUAL.stream()
                .filter(f -> Mm.of(f.width()) * Mm.of(f.height()) < faceWide * faceHigh - 1)
                .filter(f -> {
                    double w = (wide ? 2 : 1) * Mm.of(f.width()) - 2 * border;
                    double h = (high ? 2 : 1) * Mm.of(f.height()) - 2 * border;
                    return left.stream().anyMatch(b -> fits(b, w, h) || fits(b, h, w));
                })
                .sorted(Comparator.comparingDouble((Format f) -> -Mm.of(f.width()) * Mm.of(f.height())))
                .limit(SHOWN)
                .toList();
    }

    private static boolean fits(Box box, double wide, double high) {
        return wide <= box.width() + 1e-6 && high <= box.height() + 1e-6;
    }

    /** All rectangles between edges of what is spoiled that hold none of it. */
    static List<Box> free(Box box, List<Box> spoiled) {
        double[] xs = edges(box.left(), box.right(), spoiled.stream().flatMap(b -> Stream.of(b.left(), b.right())));
        double[] ys = edges(box.bottom(), box.top(), spoiled.stream().flatMap(b -> Stream.of(b.bottom(), b.top())));
        List<Box> free = new ArrayList<>();
        for (int l = 0; l < xs.length; l++) {
            for (int r = l + 1; r < xs.length; r++) {
                for (int b = 0; b < ys.length; b++) {
                    for (int t = b + 1; t < ys.length; t++) {
                        Box one = new Box(xs[l], ys[b], xs[r], ys[t]);
                        if (spoiled.stream().allMatch(s -> one.shared(s) < 1e-6)) {
                            free.add(one);
                        }
                    }
                }
            }
        }
        return free;
    }

    private static double[] edges(double from, double to, Stream<Double> inner) {
        return Stream.concat(Stream.of(from, to), inner.filter(e -> e > from && e < to))
                .mapToDouble(e -> e)
                .distinct()
                .sorted()
                .toArray();
    }
}
