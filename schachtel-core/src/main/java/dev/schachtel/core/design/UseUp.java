package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Needed;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;

/**
 * What the cards take of each pen, ink, powder and paste: area times coverage over what a full one covers
 * ({@link Medium#covers}). Surface work takes the owned shade that is nearest to its colour; what nobody owns isn't counted here.
 */
public final class UseUp {
    private UseUp() {}

    /**
     * One shade.
     *
     * @param share of a full one, for all cards
     */
    public record Use(Shade shade, double share) {
        public boolean isShort() {
            return share > shade.level().share();
        }

        /** Of a full one, what is left when the cards are done: 0 to 1. */
        public double left() {
            return Math.max(0, shade.level().share() - share);
        }
    }

    /** For all cards of a build, what is used most first. */
    public static List<Use> of(Build build, Workshop workshop) {
        int cards = build.spec().brief().cards();
        Map<Shade, Double> shares = new LinkedHashMap<>();
        for (Inking inking : build.inkings()) {
            shares.merge(inking.shade(), inking.share(cards), Double::sum);
        }
        for (Surface surface :
                build.surfaces().stream().filter(Surface::takesInk).toList()) {
            nearest(surface, workshop)
                    .ifPresent(shade -> shares.merge(shade, share(build, surface) * cards, Double::sum));
        }
        List<Use> all = new ArrayList<>();
        shares.forEach((shade, share) -> all.add(new Use(shade, share)));
        all.sort(Comparator.comparingDouble(Use::share).reversed());
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

    /** On one card: what is needed of it, by how strong it is. */
    private static double share(Build build, Surface surface) {
        double whole = area(surface, 0);
        double strong = area(surface, 1);
        double needed = Needed.of(build, surface).neededArea().squareMillimetres();
        double mean = whole == 0 ? 0 : strong / whole;
        int copies = build.part(surface.part()).map(Part::perCard).orElse(1);
        return needed * mean * copies / 100 / surface.technique().medium().covers();
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
