package dev.schachtel.core.design;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;

import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Mat;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Reading;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.tolerance.Odds;
import dev.schachtel.core.tolerance.Simulation;

/**
 * The ways in which makers differ, and what each costs or saves on this card: the same card planned once with every way.
 * Some are the house's, kept with the workshop; some are this card's own materials.
 */
public final class HouseQuestions {
    private static final String FILM = "filmFixing";
    private static final String FIXING = "fixing";
    private static final String STACKED = "stacked";
    private static final String PLACING = "placing";

    private HouseQuestions() {}

    /** A question on which makers differ. */
    public record Question(String question, List<Option> options) {
        public Question {
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
     * @param even the share of cards whose borders look even; empty where the answer has no part in that
     */
    public record Option(
            String word, boolean yours, Duration later, Length thicker, int mends, Optional<Double> even) {}

    /** Where an answer leads: another card, or another workshop. */
    public record Taken(CardSpec spec, Workshop workshop) {}

    /** Takes an answer. */
    private interface Taker {
        Taken take(CardSpec spec, Workshop workshop, String word);
    }

    /** A question: on which cards it matters, its answers, and what each does. */
    private record Topic(String id, BiPredicate<CardSpec, Workshop> matters, List<String> words, Taker taker) {}

    /** In the order in which pages show them; a further question is a further line. */
    private static final List<Topic> ALL = List.of(
            card(
                    "film",
                    s -> !withFilm(s).isEmpty(),
                    List.of("tape", "gel", "glue"),
                    (s, w) -> with(s, withFilm(s), FILM, w)),
            card(
                    "height",
                    s -> !raised(s).isEmpty(),
                    List.of("foam-tape-1", "foam-tape-2", "foam-tape-3", "foam-squares-2", STACKED, "tape"),
                    (s, w) -> lifted(s, raised(s), w)),
            house("edges", HouseQuestions::hasSurfaces, HouseRules.InkOrCut.class),
            house("shades", HouseQuestions::hasSurfaces, HouseRules.Shades.class),
            house("outlines", HouseQuestions::hasSurfaces, HouseRules.Outlines.class),
            house("ground", HouseQuestions::hasSurfaces, HouseRules.Ground.class),
            card(
                    "border",
                    s -> !raised(s).isEmpty(),
                    List.of("covers", "even"),
                    (s, w) -> with(s, raised(s), "reveal", reveal(s, w))),
            card("images", s -> !images(s).isEmpty(), List.of("die", "knife", "electronic"), HouseQuestions::cut),
            new Topic(
                    "shaker",
                    (s, w) -> !OnShaker.of(s, w).pieces().isEmpty(),
                    List.of("outside", "inside"),
                    (s, w, word) -> new Taken(OnShaker.of(s, w).laid(word.equals("inside")), w)),
            house(PLACING, s -> true, HouseRules.Placing.class),
            house("overhang", s -> true, HouseRules.Overhang.class),
            house("inside", s -> true, HouseRules.Inside.class),
            house("layout", s -> true, HouseRules.Layout.class));

    /** A question whose answer is in the card's own materials. */
    private static Topic card(
            String id, Predicate<CardSpec> matters, List<String> words, BiFunction<CardSpec, String, CardSpec> change) {
        return new Topic(
                id,
                (spec, workshop) -> matters.test(spec),
                words,
                (spec, workshop, word) -> new Taken(change.apply(spec, word), workshop));
    }

    /** A question whose answer is the house's. */
    private static <E extends Enum<E>> Topic house(String id, Predicate<CardSpec> matters, Class<E> type) {
        Map<String, E> answers = new LinkedHashMap<>();
        for (E answer : type.getEnumConstants()) {
            answers.put(Scalars.kebab(answer.name()), answer);
        }
        return new Topic(
                id, (spec, workshop) -> matters.test(spec), List.copyOf(answers.keySet()), (spec, workshop, word) -> {
                    HouseRules rules = workshop.house().with(answers.get(word));
                    return new Taken(spec, workshop.with(workshop.techniques(), rules));
                });
    }

    /** What matters for this card; house rules about surface work only where there is some. */
    public static List<Question> of(CardSpec spec, Workshop workshop) {
        return of(spec, workshop, BuildPlan::total);
    }

    /**
     * The same by somebody's pace.
     *
     * @param lasts how long a plan takes, from its first step until all is dry
     */
    public static List<Question> of(CardSpec spec, Workshop workshop, Function<BuildPlan, Duration> lasts) {
        Trial now = Trial.of(spec, workshop);
        Duration usual = lasts.apply(now.assembly());
        return questions(
                spec,
                workshop,
                (topic, word) ->
                        option(now, topic, word, plan -> lasts.apply(plan).minus(usual)));
    }

    /** The same questions with the answer that holds now, without what the others cost: at once. */
    public static List<Question> asked(CardSpec spec, Workshop workshop) {
        return questions(spec, workshop, (topic, word) -> plain(spec, workshop, topic, word));
    }

    private static List<Question> questions(
            CardSpec spec, Workshop workshop, BiFunction<Topic, String, Option> option) {
        return ALL.stream()
                .filter(q -> q.matters.test(spec, workshop))
                .map(q -> new Question(
                        q.id,
                        q.words.stream()
                                .filter(word -> isThere(workshop, word))
                                .map(word -> option.apply(q, word))
                                .toList()))
                .toList();
    }

    private static Option plain(CardSpec spec, Workshop workshop, Topic question, String word) {
        Taken taken = question.taker.take(spec, workshop, word);
        boolean yours = taken.spec().equals(spec) && taken.workshop().equals(workshop);
        return new Option(word, yours, Duration.ZERO, Length.ZERO, 0, Optional.empty());
    }

    /**
     * The card and workshop with an answer taken.
     *
     * @throws RefusedException if there is no such question or answer
     */
    public static Taken take(CardSpec spec, Workshop workshop, String question, String word) {
        return ALL.stream()
                .filter(q -> q.id.equals(question) && q.matters.test(spec, workshop) && q.words.contains(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException(question, "'" + word + "' is no answer to that on this card"))
                .taker
                .take(spec, workshop, word);
    }

    /** Foam that the workshop has never heard of is no answer. */
    private static boolean isThere(Workshop workshop, String word) {
        return !word.startsWith("foam-")
                || workshop.material(new MaterialId(word)).isPresent();
    }

    private static boolean hasSurfaces(CardSpec spec) {
        return spec.elements().stream().anyMatch(e -> Reading.choosing(spec, e.id(), Asked.Choice.TECHNIQUE)
                .isPresent());
    }

    private static CardSpec with(CardSpec spec, List<Piece> pieces, String component, String word) {
        CardSpec now = spec;
        for (Piece piece : pieces) {
            now = CardEdit.of(now).set(piece.id(), component, word);
        }
        return now;
    }

    /** On foam, or flat; or flat and of several sheets in one. */
    private static CardSpec lifted(CardSpec spec, List<Piece> pieces, String word) {
        boolean stacked = word.equals(STACKED);
        CardSpec held = with(spec, pieces, FIXING, stacked ? "glue" : word);
        return with(held, pieces, "sheets", stacked ? "3" : "1");
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
                            spec.cut(part).filter(CutChoice::middle).isPresent(),
                            spec.cut(part).map(CutChoice::spares).orElse(0)));
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

    /** The first panel, whose fixing is the height of the front; nothing if there is none. */
    private static List<Piece> raised(CardSpec spec) {
        return spec.layers().stream()
                .filter(Mat.class::isInstance)
                .limit(1)
                .map(Piece.class::cast)
                .toList();
    }

    private static Option option(Trial now, Topic question, String word, Function<BuildPlan, Duration> later) {
        CardSpec spec = now.build().spec();
        Taken taken = question.taker.take(spec, now.workshop(), word);
        boolean sameCard = taken.spec().equals(spec);
        if (sameCard && taken.workshop().equals(now.workshop())) {
            return new Option(word, true, Duration.ZERO, Length.ZERO, 0, even(question, now));
        }
        Trial other = sameCard ? now.in(taken.workshop()) : Trial.of(taken.spec(), taken.workshop());
        return new Option(
                word,
                false,
                later.apply(other.assembly()),
                other.build().thickness().minus(now.build().thickness()),
                Math.max(0, other.mends() - now.mends()),
                even(question, other));
    }

    private static Optional<Double> even(Topic question, Trial plan) {
        return question.id.equals(PLACING)
                ? Simulation.of(plan.build(), plan.workshop()).even().map(Odds::share)
                : Optional.empty();
    }
}
