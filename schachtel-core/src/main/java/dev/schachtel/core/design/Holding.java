package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.tolerance.Fits;

/**
 * What a piece may be stuck with on what it lies on: the ways that hold, best first, and why the others don't. Judged by where the two
 * touch, what moves near, what they are made of, how the card travels and what is in the drawer. Handbook chapter 12; the limits are our own
 * estimates.
 *
 * @param now what it is stuck with as planned
 * @param land where the two touch, free of what must stay free of glue
 * @param options best first
 */
public record Holding(Adhesive now, List<Outline> land, List<Option> options) {
    private static final Length TAPE = Length.ofMillimetres(6);
    static final Length DOT = Length.ofMillimetres(8);
    /** What is thicker stands out as points. */
    private static final Length POINTS = Length.ofMicrometres(300);
    /** Glue that is thinner runs. */
    private static final Length RUNS = Length.ofMicrometres(80);
    /** So near to what moves glue can creep into it. */
    private static final Length NEAR = Length.ofMillimetres(3);
    /** Thinner paper cockles under wet glue, grams a square metre. */
    private static final int COCKLES = 160;
    /** Dots alone hold so much at most, square millimetres. */
    private static final double LARGE = 6_000;

    /** Grams that a square millimetre holds for years. */
    private static final double GLUE_HOLDS = 0.2;

    private static final double TAPE_HOLDS = 0.02;
    private static final double DOTS_HOLD = 0.04;

    public Holding {
        land = List.copyOf(land);
        options = List.copyOf(options);
    }

    /** Something that speaks for a way, against it, or forbids it. */
    public enum Reason {
        AT_ONCE(2),
        SLIDES(3),
        FINE_LINE(1),
        /** Every bar between openings is held, and nothing oozes out. */
        UP_TO_EDGES(4),
        NO_SLIDING(-2),
        DRIES(-1),
        /** Much of it is thrown away. */
        WASTES(-3),
        CREEPS(-4),
        COCKLES(-2),
        BULGES(-3),
        ONLY_POINTS(-3),
        /** What it holds is heavier than it holds for long. */
        TOO_HEAVY(-4),
        TOO_NARROW(Integer.MIN_VALUE),
        FOGS_FILM(Integer.MIN_VALUE),
        HOLDS_ALL(Integer.MIN_VALUE),
        NONE_LEFT(Integer.MIN_VALUE);

        private final int weight;

        Reason(int weight) {
            this.weight = weight;
        }

        public boolean forbids() {
            return weight == Integer.MIN_VALUE;
        }

        public boolean speaksFor() {
            return weight > 0;
        }
    }

    /**
     * One way.
     *
     * @param marks where it goes, on the face; empty where it doesn't hold
     * @param cost of one card's, in thousandths of the maker's money; 0 where no price is known
     * @param take how the card takes it; empty for what it is stuck with already
     */
    public record Option(Adhesive by, List<Reason> reasons, List<Outline> marks, int cost, Optional<Remedy> take) {
        public Option {
            reasons = List.copyOf(reasons);
            marks = List.copyOf(marks);
        }

        public boolean holds() {
            return reasons.stream().noneMatch(Reason::forbids);
        }

        int worth() {
            return holds() ? reasons.stream().mapToInt(r -> r.weight).sum() : Integer.MIN_VALUE;
        }
    }

    /** Empty for a piece that nothing is stuck with, such as one on foam. */
    public static Optional<Holding> of(Build build, Workshop workshop, Id piece) {
        Optional<Joint> joint = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS && j.by() instanceof Adhesive)
                .filter(j -> build.partAt(j.upper())
                        .filter(p -> p.owner().equals(piece))
                        .isPresent())
                .findFirst();
        Optional<Lever> lever =
                Lever.of(build.spec(), piece, Pull.ADHESIVE).or(() -> Lever.of(build.spec(), piece, Pull.FIXING));
        return joint.isEmpty() || lever.isEmpty()
                ? Optional.empty()
                : Optional.of(new Judge(build, workshop, piece, joint.get(), lever.get()).judge());
    }

    /** One joint looked at. */
    private static final class Judge {
        private final Build build;
        private final Workshop workshop;
        private final Joint joint;
        private final Lever lever;
        private final Level upper;
        private final Level lower;
        private final List<Outline> land;
        /** It has a border, or an opening, into which it must be pushed to sit right. */
        private final boolean mustSit;

        Judge(Build build, Workshop workshop, Id piece, Joint joint, Lever lever) {
            this.build = build;
            this.workshop = workshop;
            this.joint = joint;
            this.lever = lever;
            this.upper = build.level(joint.upper()).orElseThrow();
            this.lower = build.level(joint.lower()).orElseThrow();
            this.land = land();
            this.mustSit = Fits.of(build, workshop).stream()
                    .anyMatch(f ->
                            f.owner().equals(piece) && (f.sort() == Fit.Sort.EVEN || f.sort() == Fit.Sort.DROPS_IN));
        }

        Holding judge() {
            List<Option> options = workshop.all(Adhesive.class).stream()
                    .filter(a -> lever.offers(workshop, a.id()))
                    .map(this::option)
                    .sorted(Comparator.comparing(Option::worth).reversed())
                    .toList();
            return new Holding((Adhesive) joint.by(), land, options);
        }

        private List<Outline> land() {
            List<Outline> free = free();
            List<Outline> touching = new ArrayList<>();
            for (Outline over : upper.slab().footprints()) {
                for (Outline under : lower.slab().footprints()) {
                    over.common(under).forEach(o -> touching.addAll(o.less(free)));
                }
            }
            return touching;
        }

        /** Where no glue may be. */
        private List<Outline> free() {
            return build.zones(Zone.Use.NO_GLUE).stream()
                    .filter(z -> z.on().equals(joint.lower()) || z.on().equals(joint.upper()))
                    .map(Zone::outline)
                    .toList();
        }

        private Option option(Adhesive by) {
            List<Reason> reasons = new ArrayList<>();
            boolean points = !by.isPoured() && !by.thickness().isBelow(POINTS);
            if (by.isPoured()) {
                poured(by, reasons);
            } else if (by.whole()) {
                whole(by, reasons);
            } else if (points) {
                points(by, reasons);
            } else {
                tape(by, reasons);
            }
            boolean now = by.id().equals(joint.by().id());
            Optional<Remedy> take = now ? Optional.empty() : Optional.of(lever.to(by.id()));
            if (reasons.stream().anyMatch(Reason::forbids)) {
                return new Option(by, reasons, List.of(), 0, take);
            }
            List<Outline> marks = by.whole()
                    ? land
                    : GluePattern.of(land, by, points ? Optional.empty() : Optional.of(width(by, TAPE)));
            double area = marks.stream()
                    .mapToDouble(m -> m.area().squareMillimetres())
                    .sum();
            if (area * grams(by, points) < weight()) {
                reasons.add(Reason.TOO_HEAVY);
            }
            return new Option(by, reasons, marks, cost(by, area), take);
        }

        private void poured(Adhesive by, List<Reason> reasons) {
            if (isFilm(upper) || isFilm(lower)) {
                reasons.add(Reason.FOGS_FILM);
            }
            if (by.left() == 0) {
                reasons.add(Reason.NONE_LEFT);
            }
            boolean runs = by.thickness().isBelow(RUNS);
            if (runs && land.stream().anyMatch(l -> free().stream().anyMatch(z -> l.isWithin(z, NEAR)))) {
                reasons.add(Reason.CREEPS);
            }
            if (runs && material(upper).filter(m -> m.grammage() < COCKLES).isPresent()) {
                reasons.add(Reason.COCKLES);
            }
            if (mustSit) {
                reasons.add(Reason.SLIDES);
            }
            if (isNarrow(TAPE)) {
                reasons.add(Reason.FINE_LINE);
            }
            reasons.add(Reason.DRIES);
        }

        /** On the whole back, before that is cut. */
        private void whole(Adhesive by, List<Reason> reasons) {
            if (free().stream().anyMatch(z -> upper.slab().footprints().stream().anyMatch(z::overlaps))) {
                reasons.add(Reason.HOLDS_ALL);
            }
            none(by, reasons);
            if (land.stream().anyMatch(l -> l.holes().size() >= GluePattern.LATTICE)) {
                reasons.add(Reason.UP_TO_EDGES);
            } else {
                reasons.add(Reason.WASTES);
            }
            if (mustSit) {
                reasons.add(Reason.NO_SLIDING);
            }
            reasons.add(Reason.AT_ONCE);
        }

        private void tape(Adhesive by, List<Reason> reasons) {
            if (isNarrow(width(by, TAPE))) {
                reasons.add(Reason.TOO_NARROW);
            }
            none(by, reasons);
            if (mustSit) {
                reasons.add(Reason.NO_SLIDING);
            }
            reasons.add(Reason.AT_ONCE);
        }

        private void points(Adhesive by, List<Reason> reasons) {
            if (isNarrow(DOT)) {
                reasons.add(Reason.TOO_NARROW);
            }
            none(by, reasons);
            if (build.spec().brief().posted()) {
                reasons.add(Reason.BULGES);
            }
            double area =
                    land.stream().mapToDouble(l -> l.area().squareMillimetres()).sum();
            if (area > LARGE) {
                reasons.add(Reason.ONLY_POINTS);
            }
            if (mustSit) {
                reasons.add(Reason.NO_SLIDING);
            }
            reasons.add(Reason.AT_ONCE);
        }

        /** What a square millimetre of it holds for years, grams. */
        private static double grams(Adhesive by, boolean points) {
            return by.isPoured() ? GLUE_HOLDS : points ? DOTS_HOLD : TAPE_HOLDS;
        }

        /** Grams of the piece. */
        private double weight() {
            return build.part(upper.slab().part())
                    .map(p -> p.grams() / p.at().size())
                    .orElse(0.0);
        }

        private int cost(Adhesive by, double area) {
            return workshop.rollsOf(by.id()).stream()
                    .filter(r -> r.price() > 0 && r.full().isPositive())
                    .mapToInt(r -> (int) Math.round(10.0 * r.price() * area / Mm.of(r.width()) / Mm.of(r.full())))
                    .min()
                    .orElse(0);
        }

        /** Rolls of it are known, and all are used up. */
        private void none(Adhesive by, List<Reason> reasons) {
            List<Roll> rolls = workshop.rollsOf(by.id());
            if (!rolls.isEmpty() && rolls.stream().allMatch(r -> r.left().isZero())) {
                reasons.add(Reason.NONE_LEFT);
            }
        }

        private Length width(Adhesive by, Length otherwise) {
            return workshop.rollsOf(by.id()).stream()
                    .map(Roll::width)
                    .min(Comparator.naturalOrder())
                    .orElse(otherwise);
        }

        /** Nowhere as wide as this. */
        private boolean isNarrow(Length width) {
            return land.stream().allMatch(l -> l.isNarrower(width));
        }

        private Optional<Cardstock> material(Level level) {
            return build.part(level.slab().part())
                    .map(Part::material)
                    .filter(Cardstock.class::isInstance)
                    .map(Cardstock.class::cast);
        }

        private boolean isFilm(Level level) {
            Optional<Material> material = build.part(level.slab().part()).map(Part::material);
            return material.filter(Film.class::isInstance).isPresent();
        }
    }
}
