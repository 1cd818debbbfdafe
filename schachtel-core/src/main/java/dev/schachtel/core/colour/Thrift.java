package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Shade;

/**
 * Pens that can stay in the drawer. One after the other, those that shade least, is left out wherever what remains gives every area
 * as many tones, in steps as even, and each tone no more than {@value #NEARLY} CIEDE2000 further off than the best of the whole
 * drawer.
 */
public final class Thrift {
    /** Hardly seen beside each other. */
    public static final double NEARLY = 2;

    /** An area that is coloured: how it should look, on what card, and whether it is narrow. */
    public record Ask(Colour target, Colour ground, boolean narrow) {}

    private final Map<Ask, Recipe> best = new LinkedHashMap<>();

    private Thrift(List<Ask> asks, List<Shade> shades) {
        Map<Colour, Recipes> drawers = new LinkedHashMap<>();
        for (Ask ask : asks) {
            Recipes drawer = drawers.computeIfAbsent(ask.ground, g -> new Recipes(shades, g));
            best.computeIfAbsent(ask, a -> drawer.of(a.target, a.narrow));
        }
    }

    /** Of the shades that the areas take those that are enough, in the order of the drawer. */
    public static List<Shade> few(List<Ask> asks, List<Shade> shades) {
        return new Thrift(asks, shades).few(shades);
    }

    private List<Shade> few(List<Shade> shades) {
        Map<Ask, Recipe> now = new LinkedHashMap<>(best);
        Set<Shade> used = used(now);
        boolean fewer = true;
        while (fewer) {
            fewer = false;
            for (Shade one : seldomFirst(used, now)) {
                Map<Ask, Recipe> without = without(one, used, now);
                if (!without.isEmpty()) {
                    now = without;
                    used = used(now);
                    fewer = true;
                    break;
                }
            }
        }
        Set<Shade> kept = used;
        return shades.stream().filter(kept::contains).toList();
    }

    private static Set<Shade> used(Map<Ask, Recipe> recipes) {
        Set<Shade> all = new LinkedHashSet<>();
        recipes.values().forEach(r -> r.tones().forEach(t -> all.add(t.shade())));
        return all;
    }

    private static List<Shade> seldomFirst(Set<Shade> used, Map<Ask, Recipe> now) {
        return used.stream()
                .sorted(Comparator.comparingLong((Shade s) ->
                                now.values().stream().filter(r -> takes(r, s)).count())
                        .thenComparing(s -> s.id().value()))
                .toList();
    }

    private static boolean takes(Recipe recipe, Shade shade) {
        return recipe.tones().stream().anyMatch(t -> t.shade().equals(shade));
    }

    /** The recipes with one less; empty where an area would look otherwise. */
    private Map<Ask, Recipe> without(Shade one, Set<Shade> used, Map<Ask, Recipe> now) {
        List<Shade> rest = new ArrayList<>(used);
        rest.remove(one);
        Map<Ask, Recipe> all = new LinkedHashMap<>(now);
        Map<Colour, Recipes> drawers = new LinkedHashMap<>();
        for (Map.Entry<Ask, Recipe> e : now.entrySet()) {
            if (takes(e.getValue(), one)) {
                Ask ask = e.getKey();
                Recipe other = drawers.computeIfAbsent(ask.ground, g -> new Recipes(rest, g))
                        .of(ask.target, ask.narrow);
                if (!isAsGood(other, best.get(ask))) {
                    return Map.of();
                }
                all.put(ask, other);
            }
        }
        return all;
    }

    private static boolean isAsGood(Recipe other, Recipe best) {
        if (other.steps() != best.steps()
                || other.tones().size() != best.tones().size()) {
            return false;
        }
        for (int i = 0; i < best.tones().size(); i++) {
            if (other.tones().get(i).apart() > best.tones().get(i).apart() + NEARLY) {
                return false;
            }
        }
        return true;
    }
}
