package dev.schachtel.core.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/**
 * The outline of a flat thing: one outer ring and its holes. Immutable. Shapes are made centred on the origin, save
 * {@link #sheet}. Sizes of zero or less are drawn as 0.001 mm, so that an impossible card can still be shown.
 */
public final class Outline {
    private static final double LEAST = 0.001;
    private final Ring outer;
    private final List<Ring> holes;

    private final Flat flat = new Flat(this);

    /** Scratch: without its holes; handed on where only a hole is added. */
    private volatile @Nullable Outline filled;

    /** Known not to cross itself, so that this need not be asked again. */
    private final boolean sound;

    public Outline(Ring outer, List<Ring> holes) {
        this(outer, holes, false);
    }

    private Outline(Ring outer, List<Ring> holes, boolean sound) {
        this.outer = outer;
        this.holes = List.copyOf(holes);
        this.sound = sound;
    }

    boolean isSound() {
        return sound;
    }

    public Ring outer() {
        return outer;
    }

    public List<Ring> holes() {
        return holes;
    }

    Flat flat() {
        return flat;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Outline o && o.outer.equals(outer) && o.holes.equals(holes);
    }

    @Override
    public int hashCode() {
        return 31 * outer.hashCode() + holes.hashCode();
    }

    @Override
    public String toString() {
        return "Outline[" + outer + ", holes " + holes + "]";
    }

    /** A rectangle from the origin to the right and up, as a panel is measured. */
    public static Outline sheet(Length width, Length height) {
        double w = size(width);
        double h = size(height);
        return ofCorners(List.of(Point.ORIGIN, new Point(w, 0), new Point(w, h), new Point(0, h)));
    }

    public static Outline rectangle(Length width, Length height) {
        double x = size(width) / 2;
        double y = size(height) / 2;
        return ofCorners(List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y)));
    }

    public static Outline of(Box box) {
        return rectangle(box.wide(), box.high()).moved(box.centre());
    }

    public static Outline circle(Length diameter) {
        return oval(diameter, diameter);
    }

    public static Outline oval(Length width, Length height) {
        return new Outline(Ring.ellipse(Point.ORIGIN, size(width) / 2, size(height) / 2), List.of(), true);
    }

    /** A rectangle with quarter circles at the corners; the radius is held to half the shorter side. */
    public static Outline roundedRectangle(Length width, Length height, Length corner) {
        double x = size(width) / 2;
        double y = size(height) / 2;
        double r = Math.min(size(corner), Math.min(x, y));
        Segment.Radii radii = new Segment.Radii(r, r);
        double quarter = Math.PI / 2;
        List<Segment> s = List.of(
                new Segment.Line(new Point(x - r, -y)),
                new Segment.Bow(new Point(x - r, -y + r), radii, 0, -quarter, quarter),
                new Segment.Line(new Point(x, y - r)),
                new Segment.Bow(new Point(x - r, y - r), radii, 0, 0, quarter),
                new Segment.Line(new Point(-x + r, y)),
                new Segment.Bow(new Point(-x + r, y - r), radii, 0, quarter, quarter),
                new Segment.Line(new Point(-x, -y + r)),
                new Segment.Bow(new Point(-x + r, -y + r), radii, 0, 2 * quarter, quarter));
        return new Outline(new Ring(new Point(-x + r, -y), s), List.of(), true);
    }

    /**
     * A closed polygon.
     *
     * @throws IllegalArgumentException if there are fewer than three corners
     */
    public static Outline ofCorners(List<Point> corners) {
        if (corners.size() < 3) {
            throw new IllegalArgumentException("an outline needs 3 corners, not " + corners.size());
        }
        return new Outline(Ring.polygon(corners), List.of());
    }

    private static double size(Length length) {
        return Math.max(LEAST, Mm.of(length));
    }

    public Outline placed(Placement at) {
        double turn = at.turn().radians();
        double dx = Mm.of(at.across());
        double dy = Mm.of(at.up());
        return new Outline(
                outer.placed(turn, dx, dy),
                holes.stream().map(h -> h.placed(turn, dx, dy)).toList(),
                sound);
    }

    /**
     * A hole clear of the outer edge and of the boxes of all other holes: told without the other holes, of which there may
     * be hundreds.
     */
    private boolean plainlyInside(Outline hole) {
        Box in = hole.bounds();
        if (holes.stream().map(Ring::box).anyMatch(in::touches)) {
            return false;
        }
        if (!outer.isBox()) {
            return Meeting.contains(filled(), hole);
        }
        Box out = outer.box();
        return in.left() > out.left() && in.bottom() > out.bottom() && in.right() < out.right() && in.top() < out.top();
    }

    /** Moved by a point's coordinates, unrounded. */
    public Outline moved(Point by) {
        return new Outline(
                outer.placed(0, by.x(), by.y()),
                holes.stream().map(h -> h.placed(0, by.x(), by.y())).toList(),
                sound);
    }

    /** Stretched so that the box round it has this size, from the origin to the right and up; flattened. */
    public Outline stretched(Length width, Length height) {
        Box box = bounds();
        double fx = size(width) / Math.max(LEAST, box.width());
        double fy = size(height) / Math.max(LEAST, box.height());
        UnaryOperator<Ring> stretch = ring -> Ring.polygon(ring.flattened().stream()
                .map(p -> new Point((p.x() - box.left()) * fx, (p.y() - box.bottom()) * fy))
                .toList());
        return new Outline(stretch.apply(outer), holes.stream().map(stretch).toList());
    }

    /** Turned about a point, counter-clockwise. */
    public Outline turned(Point about, Angle by) {
        double turn = by.radians();
        double dx = about.x() - about.x() * Math.cos(turn) + about.y() * Math.sin(turn);
        double dy = about.y() - about.x() * Math.sin(turn) - about.y() * Math.cos(turn);
        return new Outline(
                outer.placed(turn, dx, dy),
                holes.stream().map(h -> h.placed(turn, dx, dy)).toList(),
                sound);
    }

    /** Left and right exchanged about an upright line; flattened. */
    public Outline mirrored(double x) {
        return new Outline(
                mirrored(outer, x), holes.stream().map(h -> mirrored(h, x)).toList());
    }

    /** Top and foot exchanged about a level line; flattened. */
    public Outline flipped(double y) {
        return turned(new Point(0, y), Angle.ofDegrees(180)).mirrored(0);
    }

    private static Ring mirrored(Ring ring, double x) {
        List<Point> points = new ArrayList<>(ring.flattened());
        java.util.Collections.reverse(points);
        return Ring.polygon(
                points.stream().map(p -> new Point(2 * x - p.x(), p.y())).toList());
    }

    /** The middle of the mass of an even sheet of this outline. */
    public Point centroid() {
        var c = Geo.polygon(this).getCentroid();
        return new Point(c.getX(), c.getY());
    }

    /** The part of this outline that none of the others cover; empty if they cover it all (to 0.01 mm of depth). */
    public List<Outline> less(List<Outline> others) {
        return Geo.less(this, others);
    }

    /** This outline without its holes. */
    public Outline filled() {
        Outline known = filled;
        if (known == null) {
            known = holes.isEmpty() ? this : new Outline(outer, List.of(), sound);
            filled = known;
        }
        return known;
    }

    /**
     * With hole cut out. A hole that lies wholly inside keeps its true arcs; one that crosses the edge is cut off in
     * flattened form and the largest piece left is answered; one that leaves nothing changes nothing.
     */
    public Outline without(Outline hole) {
        if (plainlyInside(hole) || Meeting.contains(this, hole)) {
            List<Ring> all = new ArrayList<>(holes);
            all.add(hole.outer);
            Outline cut = new Outline(outer, all, sound && hole.sound);
            cut.filled = filled();
            return cut;
        }
        return Geo.largestOf(Geo.minus(Geo.polygon(this), Geo.polygon(hole.filled())))
                .orElse(this);
    }

    /** Whether another lies wholly inside, clear of every edge. */
    public boolean holds(Outline other) {
        return Geo.polygon(this)
                        .getEnvelopeInternal()
                        .contains(Geo.polygon(other).getEnvelopeInternal())
                && Meeting.contains(this, other);
    }

    /** Whether a point lies within the outer edge and in no hole. */
    public boolean holds(Point point) {
        return Geo.holds(this, point);
    }

    /** How wide the outer edge looks from a point outside it, in radians; a full turn from inside. */
    public double anglesFrom(Point eye) {
        if (Geo.holds(filled(), eye)) {
            return 2 * Math.PI;
        }
        List<Double> angles = outer.flattened().stream()
                .map(p -> Math.atan2(p.y() - eye.y(), p.x() - eye.x()))
                .sorted()
                .toList();
        double widestGap = 2 * Math.PI + angles.get(0) - angles.get(angles.size() - 1);
        for (int i = 1; i < angles.size(); i++) {
            widestGap = Math.max(widestGap, angles.get(i) - angles.get(i - 1));
        }
        return 2 * Math.PI - widestGap;
    }

    /** All these as one, in as many pieces as don't touch each other. */
    public static List<Outline> union(List<Outline> all) {
        return Geo.union(all);
    }

    /** This and another as one, where they touch or overlap; only the largest piece if they don't. */
    public Outline joined(Outline other) {
        return Geo.largestOf(Geo.union(Geo.polygon(this), Geo.polygon(other))).orElse(this);
    }

    /** The corners of the outer ring, then those of each hole; bows flattened as {@link Ring#flattened} does. */
    public List<List<Point>> corners() {
        return flat.corners();
    }

    public Area area() {
        return new Area(Geo.polygon(this).getArea());
    }

    public Box bounds() {
        var e = Geo.polygon(this).getEnvelopeInternal();
        return new Box(e.getMinX(), e.getMinY(), e.getMaxX(), e.getMaxY());
    }

    /** Whether every point of other lies in this outline (its edge counts, to 0.01 mm) and in none of its holes. */
    public boolean covers(Outline other) {
        return Meeting.covers(this, other);
    }

    /** Whether the two share more than 0.01 mm of depth. */
    public boolean overlaps(Outline other) {
        return Meeting.overlap(this, other);
    }

    /** The area that both cover. */
    public Area shared(Outline other) {
        return new Area(Meeting.shared(this, other));
    }

    /** Whether the other covers at least that share of this one's area, from 0 to 1. */
    public boolean isSharedBy(Outline other, double share) {
        return Meeting.isShared(this, other, share);
    }

    /** Whether the boxes round the two are at most this far apart: a quick test before an exact one. */
    public boolean isWithin(Outline other, Length distance) {
        return Geo.polygon(this)
                        .getEnvelopeInternal()
                        .distance(Geo.polygon(other).getEnvelopeInternal())
                <= Mm.of(distance);
    }

    /**
     * Whether a circle of that diameter that no support reaches into may lie in this outline. A no is sure; a yes may be
     * wrong by a millimetre. Much quicker than {@link #widestFree}.
     */
    public boolean mayHoldFree(Length diameter, List<Outline> supports) {
        return FreeCircle.mayFit(this, supports, Mm.of(diameter) / 2);
    }

    /** The widest circle in this outline that no support reaches into: its diameter (to 2 mm), its middle twice. */
    public Gap widestFree(List<Outline> supports) {
        return Geo.widest(this, supports);
    }

    /** What both cover, in as many pieces as that is. */
    public List<Outline> common(Outline other) {
        return bounds().touches(other.bounds()) ? Geo.common(this, other) : List.of();
    }

    /** Smallest distance between the two; zero when they touch or overlap. */
    public Gap gapTo(Outline other) {
        return Geo.gap(Geo.polygon(this), Geo.polygon(other));
    }

    /**
     * How far inside this outer edge the other stays, at the tightest place; negative by how far it sticks out. Holes
     * are ignored.
     */
    public Gap marginOf(Outline other) {
        return Geo.margin(this, other);
    }

    /** This shape grown by a length all round: a circle stays one, others are flattened with at most 0.01 mm of error. */
    public Outline grown(Length by) {
        Optional<Outline> circle = holes.isEmpty() ? Geo.grownCircle(outer, Mm.of(by)) : Optional.empty();
        return circle.or(() -> buffered(by)).orElse(this);
    }

    /** Whether no circle of that diameter lies in it. */
    public boolean isNarrower(Length diameter) {
        return buffered(diameter.half().negated()).isEmpty();
    }

    private Optional<Outline> buffered(Length by) {
        return Geo.largestOf(Geo.grown(Geo.polygon(this), Mm.of(by)));
    }

    /** The box round that part of this shape, holes filled, which lies in a box; empty if none does. */
    public Optional<Box> within(Box band) {
        return bounds().touches(band) ? Clip.bounds(outer.flattened(), band) : Optional.empty();
    }

    /** Where a level line at height y runs through this shape: x from and to, left to right. */
    public List<Span> across(double y) {
        return flat.levelLines().across(y);
    }

    /** Width and height. */
    public record Size(Length width, Length height) {}

    /** A stretch from x to x in millimetres. */
    public record Span(double from, double to) {}

    /** A distance and the two places where it was measured. */
    public record Gap(Length length, Point here, Point there) {}
}
