package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Needed;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.StockDraw;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * What the cards take of each pen, ink, powder and paste (area times coverage over what a full one covers, {@link dev.schachtel.core.material.MediumUse}), of
 * glue ({@value #LINE} ml a metre along the edge, {@value #DOT} ml for each small thing), of tape, and of gems and the like. Handbook
 * chapter 11. Surface work takes the owned shade that is nearest to its colour; what nobody owns isn't counted here.
 */
public final class UseUp {
    static final double LINE = 0.5;
    static final double DOT = 0.02;

    private UseUp() {}

    /**
     * One thing that is used up.
     *
     * @param share of a full one, for all cards
     * @param there of full ones, how much there is
     */
    public record Use(MaterialId id, String name, Sort sort, double share, double there) {
        public boolean isShort() {
            return share > there + 1e-9;
        }

        /** Of a full one, what is left when the cards are done: 0 or more. */
        public double left() {
            return Math.max(0, there - share);
        }
    }

    /** What a full one is. */
    public enum Sort {
        /** A pen, pad, jar or bottle of colour. */
        SHADE,
        /** A bottle. */
        GLUE,
        /** All rolls. */
        TAPE,
        /** All that are left. */
        PIECES
    }

    /** For all cards of a build, what is used most first. */
    public static List<Use> of(Build build, CutPlan cuts, Workshop workshop) {
        List<Use> all = new ArrayList<>(of(build, workshop));
        for (LinearPlan roll : cuts.rolls()) {
            Length full = workshop.rollsOf(roll.material().id()).stream()
                    .map(Roll::left)
                    .reduce(Length.ZERO, Length::plus);
            double share = full.isZero() ? 2 : (double) roll.needed().nanometres() / full.nanometres();
            double needed = roll.enough() ? Math.min(1, share) : Math.max(share, 1.01);
            all.add(new Use(roll.material().id(), roll.material().name(), Sort.TAPE, needed, 1));
        }
        all.sort(Comparator.comparingDouble(Use::share).reversed());
        return all;
    }

    /** For all cards of a build, what is used most first; without what comes from rolls. */
    public static List<Use> of(Build build, Workshop workshop) {
        List<Use> all = new ArrayList<>();
        shades(build, workshop)
                .forEach((shade, share) -> all.add(new Use(shade.id(), shade.name(), Sort.SHADE, share, shade.left())));
        glues(build)
                .forEach((glue, ml) -> all.add(new Use(
                        glue.id(), glue.name(), Sort.GLUE, ml / glue.holds(), glue.left() / 10.0 / glue.holds())));
        pieces(build)
                .forEach((one, count) -> all.add(new Use(
                        one.id(),
                        one.name(),
                        Sort.PIECES,
                        count / (double) Math.max(1, one.owned()),
                        Math.min(1, one.owned()))));
        all.sort(Comparator.comparingDouble(Use::share).reversed());
        return all;
    }

    /** What has to be bought of pens, glue and small things, a line each; rolls are on the list of what is cut. */
    public static List<String> shopping(List<Use> uses) {
        return uses.stream()
                .filter(u -> u.isShort() && u.sort() != Sort.TAPE)
                .map(u -> u.name()
                        + (u.sort() == Sort.PIECES
                                ? String.format(Locale.ROOT, ", %.1f times as many as are left", u.share())
                                : String.format(
                                        Locale.ROOT, ", %.0f %% of a full one more", 100 * (u.share() - u.there()))))
                .toList();
    }

    /** The workshop when the cards of a build are made: pens, glue and small things are less; what comes from rolls is taken elsewhere. */
    public static Workshop taken(Build build, Workshop now) {
        Map<Shade, Double> shades = shades(build, now);
        Map<Adhesive, Double> glues = glues(build);
        Map<Embellishment, Integer> pieces = pieces(build);
        List<Material> materials = new ArrayList<>();
        for (Material m : now.materials()) {
            Material less = m;
            if (m instanceof Adhesive glue) {
                less = glue.less(by(glues, glue.id(), Adhesive::id).orElse(0.0));
            } else if (m instanceof Embellishment one) {
                int gone = by(pieces, one.id(), Embellishment::id).orElse(0);
                less = one.counted(Math.max(0, one.owned() - gone));
            }
            materials.add(less);
        }
        return now.stocked(materials)
                .shaded(now.shades().stream()
                        .map(s -> s.less(shades.getOrDefault(s, 0.0)))
                        .toList());
    }

    /** All that the cards of a build take and give back, for a run or the log to keep. */
    public static List<Take> takes(Build build, CutPlan cuts, Workshop workshop) {
        List<Take> takes = new ArrayList<>(StockDraw.takes(cuts, workshop));
        shades(build, workshop).forEach((s, share) -> takes.add(thousandths(s.name(), s.id(), share)));
        glues(build).forEach((g, ml) -> takes.add(thousandths(g.name(), g.id(), ml / g.holds())));
        pieces(build).forEach((p, n) -> takes.add(new Take(p.name(), p.id(), p.id(), Take.Of.PIECES, n)));
        return takes;
    }

    private static Take thousandths(String name, MaterialId id, double share) {
        return new Take(name, id, id, Take.Of.THOUSANDTHS, (int) Math.max(1, Math.round(1000 * share)));
    }

    private static <K, V> Optional<V> by(Map<K, V> all, MaterialId id, Function<K, MaterialId> key) {
        return all.entrySet().stream()
                .filter(e -> key.apply(e.getKey()).equals(id))
                .map(Map.Entry::getValue)
                .findFirst();
    }

    private static Map<Shade, Double> shades(Build build, Workshop workshop) {
        int cards = build.spec().brief().cards();
        Map<Shade, Double> shares = new LinkedHashMap<>();
        for (Inking inking : build.inkings()) {
            double area = inking.area().squareMillimetres() / 100;
            workshop.shade(inking.shade().id())
                    .ifPresent(s -> shares.merge(
                            s, area * cards / workshop.use(s.medium()).covers(), Double::sum));
        }
        for (Surface surface :
                build.surfaces().stream().filter(Surface::takesInk).toList()) {
            int covers = workshop.use(surface.technique().medium()).covers();
            nearest(surface, workshop)
                    .ifPresent(s -> shares.merge(s, area(build, surface) * cards / covers, Double::sum));
        }
        return shares;
    }

    /** Millilitres of what comes out of bottles. */
    private static Map<Adhesive, Double> glues(Build build) {
        int cards = build.spec().brief().cards();
        Map<Adhesive, Double> all = new LinkedHashMap<>();
        for (Joint joint : build.joints()) {
            if (joint.by() instanceof Adhesive glue && glue.isPoured() && joint.hold() != Joint.Hold.MEETS) {
                build.level(joint.stuck()).ifPresent(l -> all.merge(glue, cards * glue(build, l.slab()), Double::sum));
            }
        }
        return all;
    }

    private static double glue(Build build, Slab slab) {
        boolean small =
                build.part(slab.part()).filter(p -> p.material().isCounted()).isPresent();
        double metres = slab.footprints().stream()
                        .map(Outline::bounds)
                        .mapToDouble(b -> 2 * (b.width() + b.height()))
                        .sum()
                / 1000;
        return small ? DOT * slab.footprints().size() : LINE * metres;
    }

    private static Map<Embellishment, Integer> pieces(Build build) {
        Map<Embellishment, Integer> all = new LinkedHashMap<>();
        for (Part part : build.parts()) {
            if (part.material() instanceof Embellishment one) {
                all.merge(one, part.perCard() * build.spec().brief().cards(), Integer::sum);
            }
        }
        return all;
    }

    private static Optional<Shade> nearest(Surface surface, Workshop workshop) {
        return workshop.shades().stream()
                .filter(s -> s.medium() == surface.technique().medium())
                .filter(s -> away(s, surface) < Recipe.UNLIKE)
                .min(Comparator.comparingDouble(s -> away(s, surface)));
    }

    private static double away(Shade shade, Surface surface) {
        return shade.colour().lab().differenceTo(surface.colour().lab());
    }

    /** Square centimetres on one card: what is needed of it, by how strong it is. */
    private static double area(Build build, Surface surface) {
        double whole = area(surface, 0);
        double strong = area(surface, 1);
        double needed = Needed.of(build, surface).neededArea().squareMillimetres();
        double mean = whole == 0 ? 0 : strong / whole;
        int copies = build.part(surface.part()).map(Part::perCard).orElse(1);
        return needed * mean * copies / 100;
    }

    private static double area(Surface surface, int power) {
        double sum = 0;
        for (Coat coat : surface.coats()) {
            double area = coat.areas().stream()
                    .mapToDouble(a -> a.area().squareMillimetres())
                    .sum();
            sum += area * Math.pow(coat.coverage(), power);
        }
        return sum;
    }
}
