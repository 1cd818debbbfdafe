package dev.schachtel.core.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Mat;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Severity;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Reading;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.edit.Scalars;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.HouseRules;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/**
 * The ways in which makers differ, and what each costs or saves on this card: the same card planned once with every way.
 * Some are the house's, kept with the workshop; some are this card's own materials.
 */
public final class Schools {
    private static final String FILM = "filmFixing";
    private static final String FIXING = "fixing";

    private Schools() {}

    /** A question on which makers differ. */
    public record School(String question, List<Option> options) {
        public School {
            options = List.copyOf(options);
        }
    }

    /**
     * One answer.
     *
     * @param yours whether it is the one that holds now
     * @param later how much later the finish is with it; negative for earlier
     * @param thicker how much thicker the card is with it
     * @param mends how many more findings there are to mend with it
     */
    public record Option(String word, boolean yours, Duration later, Length thicker, int mends) {}

    /** Where an answer leads: another card, or another workshop. */
    public record Taken(CardSpec spec, Workshop workshop) {}

    /** What matters for this card; house rules about surface work only where there is some. */
    public static List<School> of(Plan plan) {
        List<School> schools = new ArrayList<>();
        for (String question : questions(plan.spec())) {
            List<Option> options = words(question).stream()
                    .map(word -> option(plan, question, word))
                    .toList();
            schools.add(new School(question, options));
        }
        return schools;
    }

    private static List<String> questions(CardSpec spec) {
        List<String> all = new ArrayList<>();
        if (!withFilm(spec).isEmpty()) {
            all.add("film");
        }
        if (raised(spec).isPresent()) {
            all.add("height");
        }
        boolean surfaces = spec.elements().stream().anyMatch(e -> e instanceof dev.schachtel.core.card.Treatment);
        if (surfaces) {
            all.addAll(List.of("edges", "shades", "outlines", "ground"));
        }
        if (raised(spec).isPresent()) {
            all.add("border");
        }
        if (!images(spec).isEmpty()) {
            all.add("images");
        }
        all.add("overhang");
        all.add("layout");
        return all;
    }

    private static List<String> words(String question) {
        return switch (question) {
            case "film" -> List.of("tape", "gel", "glue");
            case "height" -> List.of("foam-tape-1", "foam-tape-2", "foam-tape-3", "tape");
            case "border" -> List.of("covers", "even");
            case "images" -> List.of("die", "knife", "electronic");
            case "overhang" -> constants(HouseRules.Overhang.values());
            case "edges" -> constants(HouseRules.InkOrCut.values());
            case "shades" -> constants(HouseRules.Shades.values());
            case "outlines" -> constants(HouseRules.Outlines.values());
            case "ground" -> constants(HouseRules.Ground.values());
            default -> constants(HouseRules.Layout.values());
        };
    }

    private static List<String> constants(Enum<?>... values) {
        return Arrays.stream(values).map(v -> Scalars.kebab(v.name())).toList();
    }

    /**
     * The card and workshop with an answer taken.
     *
     * @throws RefusedException if there is no such question or answer
     */
    public static Taken take(CardSpec spec, Workshop workshop, String question, String word) {
        if (!questions(spec).contains(question) || !words(question).contains(word)) {
            throw new RefusedException(question, "'" + word + "' is no answer to that on this card");
        }
        HouseRules house = workshop.house();
        return switch (question) {
            case "film" -> new Taken(with(spec, withFilm(spec), FILM, word), workshop);
            case "height" -> new Taken(with(spec, raised(spec).stream().toList(), FIXING, word), workshop);
            case "border" ->
                new Taken(with(spec, raised(spec).stream().toList(), "reveal", reveal(spec, word)), workshop);
            case "images" -> new Taken(cut(spec, word), workshop);
            case "overhang" -> house(spec, workshop, house.with(of(HouseRules.Overhang.class, word)));
            case "edges" -> house(spec, workshop, house.with(of(HouseRules.InkOrCut.class, word)));
            case "shades" -> house(spec, workshop, house.with(of(HouseRules.Shades.class, word)));
            case "outlines" -> house(spec, workshop, house.with(of(HouseRules.Outlines.class, word)));
            case "ground" -> house(spec, workshop, house.with(of(HouseRules.Ground.class, word)));
            default -> house(spec, workshop, house.with(of(HouseRules.Layout.class, word)));
        };
    }

    private static Taken house(CardSpec spec, Workshop workshop, HouseRules rules) {
        return new Taken(spec, workshop.with(workshop.techniques(), rules));
    }

    private static <E extends Enum<E>> E of(Class<E> type, String word) {
        return Arrays.stream(type.getEnumConstants())
                .filter(e -> Scalars.kebab(e.name()).equals(word))
                .findFirst()
                .orElseThrow();
    }

    private static CardSpec with(CardSpec spec, List<Piece> pieces, String component, String word) {
        CardSpec now = spec;
        for (Piece piece : pieces) {
            now = CardEdit.of(now).set(piece.id(), component, word);
        }
        return now;
    }

    /** Cut-outs laid on, which may be cut in different ways. */
    private static List<Piece> images(CardSpec spec) {
        return spec.elements().stream()
                .filter(Motif.class::isInstance)
                .map(Piece.class::cast)
                .toList();
    }

    private static CardSpec cut(CardSpec spec, String way) {
        CutMethod method = CutMethod.valueOf(way.toUpperCase(Locale.ROOT));
        CardSpec now = spec;
        for (Piece piece : images(spec)) {
            String part = piece.id().value();
            now = CardEdit.of(now)
                    .cut(new CutChoice(
                            part,
                            Optional.of(method),
                            spec.cut(part).flatMap(CutChoice::from),
                            spec.cut(part).filter(CutChoice::middle).isPresent()));
        }
        return now;
    }

    /** No border, or 1/8 in or 3 mm all round. */
    private static String reveal(CardSpec spec, String word) {
        return word.equals("covers") ? "0 mm" : spec.units() == Units.INCH ? "1/8 in" : "3 mm";
    }

    private static List<Piece> withFilm(CardSpec spec) {
        return spec.pieces()
                .filter(p -> Reading.material(spec, p.id(), FILM).isPresent())
                .toList();
    }

    /** The first panel, whose fixing is the height of the front. */
    private static Optional<Piece> raised(CardSpec spec) {
        return spec.layers().stream()
                .filter(Mat.class::isInstance)
                .map(Piece.class::cast)
                .findFirst();
    }

    private static Option option(Plan plan, String question, String word) {
        Taken taken = take(plan.spec(), plan.workshop(), question, word);
        boolean same = taken.spec().equals(plan.spec()) && taken.workshop().equals(plan.workshop());
        if (same) {
            return new Option(word, true, Duration.ZERO, Length.ZERO, 0);
        }
        Function<Plan, Duration> total =
                p -> Assembly.plan(p.build(), p.workshop()).total();
        Plan other = Planner.plan(taken.spec(), taken.workshop());
        return new Option(
                word,
                false,
                total.apply(other).minus(total.apply(plan)),
                other.build().thickness().minus(plan.build().thickness()),
                Math.max(
                        0,
                        other.findings().count(Severity.MEND) - plan.findings().count(Severity.MEND)));
    }
}
