package dev.schachtel.app.colours;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.colour.Harmony;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.colour.Sight;
import dev.schachtel.core.design.SideBySide;
import dev.schachtel.core.design.UseUp;

/** What is said of colours. */
@Component
class ColourWords {
    /** What is to be known of a recipe. */
    String note(Coloured one) {
        Recipe recipe = one.recipe();
        if (recipe.tones().isEmpty()) {
            return "nothing in the drawer is of this kind";
        }
        List<String> notes = new ArrayList<>();
        if (!recipe.reaches()) {
            notes.add(String.format(Locale.ROOT, "no pen comes near: the best is %.0f away", recipe.nearest()));
        }
        recipe.mixture()
                .ifPresent(m -> notes.add(String.format(
                        Locale.ROOT,
                        "“%s” over “%s” comes nearer, %.1f away",
                        m.first().name(),
                        m.then().name(),
                        m.apart())));
        recipe.tones().stream()
                .filter(t -> t.empty().isPresent())
                .findFirst()
                .ifPresent(t -> notes.add(String.format(
                        Locale.ROOT,
                        "“%s” is empty; “%s” is %.1f away and does",
                        t.empty().orElseThrow().name(),
                        t.shade().name(),
                        t.apart())));
        if (notes.isEmpty()) {
            notes.add(order(one));
        }
        if (recipe.steps() == Recipe.Steps.WIDE) {
            notes.add("the steps are uneven");
        }
        return String.join("; ", notes);
    }

    private static String order(Coloured one) {
        return switch (one.strokes().size()) {
            case 1 ->
                one.recipe().tones().size() == 1
                        ? "one tone: no shadow would show"
                        : "one tone: all of it lies in shadow";
            case 2 ->
                (one.narrow() ? "two tones, under 4 mm wide; " : "two tones; ")
                        + (one.darkFirst() ? "dark first" : "light first");
            default -> one.darkFirst() ? "dark first" : "light first";
        };
    }

    /** What the strokes on all copies come to. */
    List<String> strokes(Build build, List<Coloured> group) {
        int cards = build.spec().brief().cards();
        double area = group.stream()
                .mapToDouble(c -> c.area().squareMillimetres()
                        * build.part(c.part()).map(p -> p.perCard()).orElse(1))
                .sum();
        List<String> lines = new ArrayList<>();
        lines.add(
                cards == 1
                        ? String.format(Locale.ROOT, "%.1f cm² on the card.", area / 100)
                        : String.format(
                                Locale.ROOT,
                                "%.1f cm² on each card, %.0f cm² on %d.",
                                area / 100,
                                area * cards / 100,
                                cards));
        lines.add("Take a pen for all pictures of all cards, then the next.");
        boolean wet = build.inkings().stream()
                .anyMatch(i -> i.overWet()
                        && group.get(0).recipe().tones().stream()
                                .anyMatch(t -> t.shade().equals(i.shade())));
        if (wet) {
            lines.add("Beside a much lighter or darker area wait 60 s.");
        }
        return lines;
    }

    ColoursView.Use runsShort(UseUp.Use use) {
        String title = use.there() <= 0 ? "“" + use.name() + "” is used up" : "“" + use.name() + "” runs short";
        String wanted = use.there() <= 0 || use.sort() == UseUp.Sort.SHADE || use.sort() == UseUp.Sort.GLUE
                ? "The cards take about " + part(use.share()) + " of a full one"
                : "The cards take " + String.format(Locale.ROOT, "%.1f times", use.share()) + " what is there";
        return new ColoursView.Use(title, wanted + ".", "watch");
    }

    /** What is used most, and what is left of it. */
    ColoursView.Use enough(UseUp.Use most, boolean ofAll) {
        String what =
                most.sort() == UseUp.Sort.TAPE || most.sort() == UseUp.Sort.PIECES ? "what is there" : "a full one";
        String words = most.isShort()
                ? "Of none of the others more is taken than there is."
                : "“" + most.name() + "” is used most: " + part(most.share()) + " of " + what + ", and "
                        + part(most.left()) + " are left.";
        return new ColoursView.Use(
                ofAll ? "There is enough ink, glue and tape" : "There is enough of all others", words, "works");
    }

    /** A share in words that a hand can judge. */
    static String part(double share) {
        if (share < 0.015) {
            return "hardly any";
        }
        return share < 0.95
                ? Math.round(100 * share) + " %"
                : String.format(Locale.ROOT, "%.1f times as much as", share);
    }

    ColoursView.Beside beside(SideBySide.Pair pair) {
        String title = (pair.count() > 1 ? pair.count() + " times " : "") + pair.picture() + " on "
                + pair.ground().substring(0, 1).toLowerCase(Locale.ROOT)
                + pair.ground().substring(1);
        String lost = pair.lost().stream().map(ColourWords::without).collect(Collectors.joining(" or "));
        String plain = String.format(Locale.ROOT, "difference %.0f", pair.difference());
        String words = pair.difference() < Recipe.UNLIKE
                ? plain + (pair.meant() ? ", meant so" : ", they run together")
                : lost.isEmpty() ? plain + ", for all eyes" : plain + "; " + lost + " they run together";
        boolean watch = pair.runsTogether() || !lost.isEmpty() && !pair.meant();
        return new ColoursView.Beside(
                pair.piece().value(),
                pair.under().value(),
                title,
                words,
                watch ? "watch" : "works",
                pair.runsTogether());
    }

    String least(double difference) {
        return String.format(Locale.ROOT, "every picture differs by %.0f or more", Math.floor(difference));
    }

    private static String without(Sight sight) {
        return "without " + colour(sight) + " sight";
    }

    private static String colour(Sight sight) {
        return sight.name().substring(sight.name().indexOf('_') + 1).toLowerCase(Locale.ROOT);
    }

    String harmony(Harmony harmony) {
        String kind =
                switch (harmony.kind()) {
                    case NO_HUE -> "Greys only: they go with everything.";
                    case ONE_HUE -> "All of one hue";
                    case NEIGHBOURS -> "Neighbouring hues";
                    case OPPOSITES -> "Two opposite hues";
                    case TRIAD -> "Three hues, a third of the circle apart";
                };
        if (harmony.kind() == Harmony.Kind.NO_HUE) {
            return kind;
        }
        return harmony.isClose()
                ? kind + ", within " + Math.round(harmony.off()) + "°."
                : "Many hues; nearest to " + kind.substring(0, 1).toLowerCase(Locale.ROOT) + kind.substring(1) + ", "
                        + Math.round(harmony.off()) + "° off.";
    }

    /** Colour matrices for the page: rows of five, alpha as it is. */
    List<ColoursView.Filter> filters() {
        return Arrays.stream(Sight.values())
                .map(s -> new ColoursView.Filter(
                        "sight-" + s.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                        s == Sight.ALL ? "all" : "no " + colour(s),
                        matrix(s)))
                .toList();
    }

    private static String matrix(Sight sight) {
        double[] m = sight.matrix();
        StringBuilder out = new StringBuilder();
        for (int row = 0; row < 3; row++) {
            out.append(String.format(Locale.ROOT, "%.6f %.6f %.6f 0 0 ", m[3 * row], m[3 * row + 1], m[3 * row + 2]));
        }
        return out + "0 0 0 1 0";
    }
}
