package dev.schachtel.app.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

import org.springframework.stereotype.Component;

import dev.schachtel.app.structure.Field;
import dev.schachtel.app.structure.FieldForms;
import dev.schachtel.app.structure.MotionPlayer;
import dev.schachtel.app.structure.StructureDrawings;
import dev.schachtel.app.structure.StructureView;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.motion.SideViews;
import dev.schachtel.core.practice.Exercise;
import dev.schachtel.core.practice.Mistake;
import dev.schachtel.core.practice.Outcome;
import dev.schachtel.core.practice.Repetition;

/** Puts an exercise on the page: first without what the checks say, then with it, played out. */
@Component
class PracticeDesk {
    private static final int HOURS = 24;
    private static final int REMEDIES = 3;

    private final FieldForms forms;
    private final Wording words;
    private final PracticeBook book;
    private final Exercises exercises;
    private final MotionPlayer player = new MotionPlayer();

    PracticeDesk(FieldForms forms, Wording words, PracticeBook book, Exercises exercises) {
        this.exercises = exercises;
        this.forms = forms;
        this.words = words;
        this.book = book;
    }

    /**
     * What of an exercise is looked at.
     *
     * @param piece that is chosen; empty if none is
     * @param said whether the answer was given
     */
    record Asked(long number, String maker, String piece, String view, String outcome, boolean said) {
        Optional<Id> chosen(CardSpec card) {
            return piece.matches(Id.PATTERN) ? card.piece(new Id(piece)).map(Piece::id) : Optional.empty();
        }

        Optional<Outcome> expected() {
            return Arrays.stream(Outcome.values())
                    .filter(o -> word(o).equals(outcome))
                    .findFirst();
        }

        Exercise.Answer answer(CardSpec card) {
            return new Exercise.Answer(chosen(card), expected());
        }
    }

    static String word(Enum<?> choice) {
        return Scalars.kebab(choice.name());
    }

    PracticeView view(Exercise exercise, Asked asked) {
        CardSpec card = exercise.card();
        Checked checked = exercise.checked();
        Id shown = asked.said ? exercise.finding().owner() : asked.chosen(card).orElse(Id.BASE);
        Views view = shown(exercise, asked);
        List<Finding> seen = asked.said ? List.of(exercise.finding()) : List.of();
        Checked drawn = new Checked(checked.build(), checked.movements(), new Findings(seen));
        StructureView.Drawings all = StructureDrawings.of(drawn, shown, view, link(asked, view));
        return new PracticeView(
                asked.number,
                asked.maker,
                card.name(),
                word(view),
                tabs(checked, view),
                new StructureView.Drawings(
                        all.stackSvg(),
                        all.mainSvg(),
                        asked.said ? all.besides() : List.of(),
                        all.lying(),
                        all.round()),
                moves(exercise, asked) ? player.of(checked, shown, view) : Optional.empty(),
                pieces(card, p -> asked.chosen(card).filter(p::equals).isPresent()),
                asked.said
                        ? Optional.empty()
                        : asked.chosen(card).flatMap(card::piece).map(p -> facts(card, p)),
                Arrays.stream(Outcome.values())
                        .map(o -> new PracticeView.Choice(
                                word(o),
                                words.named("outcome." + word(o)),
                                asked.expected().filter(o::equals).isPresent()))
                        .toList(),
                asked.said ? Optional.of(told(exercise, asked)) : Optional.empty(),
                progress(asked.maker));
    }

    /** What tips is seen from the side; all else from the front, unless another view was chosen. */
    private static Views shown(Exercise exercise, Asked asked) {
        boolean sides = SideViews.areThere(exercise.checked().build());
        Views usual =
                asked.said && sides && exercise.mistake().outcome() == Outcome.TIPS ? Views.FROM_THE_SIDE : Views.FRONT;
        return Arrays.stream(Views.values())
                .filter(v -> word(v).equals(asked.view))
                .findFirst()
                .orElse(usual);
    }

    /** Whether a movement tells something about the finding: the piece's own, or how the card opens and stands. */
    private static boolean moves(Exercise exercise, Asked asked) {
        Id owner = exercise.finding().owner();
        Outcome outcome = exercise.mistake().outcome();
        return asked.said
                && (!exercise.checked().movements().of(owner).isEmpty()
                        || owner.equals(Id.BASE) && outcome != Outcome.IS_LOST);
    }

    private static String link(Asked asked, Views view) {
        return PracticeController.at("/practice/" + asked.number, asked.maker) + "&view=" + word(view)
                + (asked.said ? "&said=true&outcome=" + asked.outcome : "") + "&piece=";
    }

    private static List<PracticeView.Tab> tabs(Checked card, Views shown) {
        return Arrays.stream(Views.values())
                .filter(v -> v != Views.FROM_THE_SIDE || SideViews.areThere(card.build()))
                .map(v -> new PracticeView.Tab(word(v), capital(word(v).replace('-', ' ')), v == shown))
                .toList();
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }

    private static String name(Id piece) {
        return piece.value().replace('-', ' ');
    }

    private static List<PracticeView.Choice> pieces(CardSpec card, Predicate<Id> selected) {
        return card.pieces()
                .map(Piece::id)
                .map(p -> new PracticeView.Choice(p.value(), name(p), selected.test(p)))
                .toList();
    }

    private PracticeView.Facts facts(CardSpec card, Piece piece) {
        List<PracticeView.Fact> lines = forms.of(card, piece.id(), piece).stream()
                .map(f -> new PracticeView.Fact(f.label(), value(f)))
                .filter(f -> !f.value().isBlank())
                .toList();
        return new PracticeView.Facts(capital(name(piece.id())), lines);
    }

    private static String value(Field field) {
        return field.options().stream()
                .filter(Field.Option::selected)
                .map(Field.Option::label)
                .findFirst()
                .orElse(field.value() + (field.unit().isEmpty() ? "" : " " + field.unit()));
    }

    private PracticeView.Told told(Exercise exercise, Asked asked) {
        CardSpec card = exercise.card();
        Exercise.Verdict verdict = exercise.judge(asked.answer(card));
        String is = words.named("outcome." + word(exercise.mistake().outcome()) + ".is");
        String headline = verdict.right()
                ? "Seen. " + is
                : verdict.place()
                        ? "That is the place, but something else comes of it. " + is
                        : verdict.outcome()
                                ? is + " But not there: look at “"
                                        + name(exercise.finding().owner()) + "”."
                                : is + " Look at “" + name(exercise.finding().owner()) + "”.";
        return new PracticeView.Told(
                verdict.right(),
                verdict.place(),
                verdict.outcome(),
                headline,
                words.found(exercise.finding(), card.units()),
                changed(exercise),
                remedies(exercise),
                back(exercise, asked.maker));
    }

    private String changed(Exercise exercise) {
        CardSpec card = exercise.card();
        Id piece = exercise.made().piece();
        CardSpec sound = CardEdit.of(card)
                .set(piece, exercise.undone().component(), exercise.undone().value());
        Optional<Field> now = field(card, exercise);
        Optional<Field> before = field(sound, exercise);
        return now.isEmpty() || before.isEmpty()
                ? "Something of “" + name(piece) + "” was changed."
                : "On the sound card “" + now.get().label() + "” of “" + name(piece) + "” is " + value(before.get())
                        + "; here it is " + value(now.get()) + ".";
    }

    private Optional<Field> field(CardSpec card, Exercise exercise) {
        Id id = exercise.made().piece();
        return card.piece(id).stream()
                .flatMap(p -> forms.of(card, id, p).stream())
                .filter(f -> f.component().equals(exercise.made().component()))
                .findFirst();
    }

    /** Those that leave nothing to mend. */
    private List<String> remedies(Exercise exercise) {
        return exercise.finding().remedies().stream()
                .filter(r -> mends(r, exercise))
                .limit(REMEDIES)
                .map(r -> words.remedy(exercise.finding(), r, exercise.card().units()))
                .toList();
    }

    private boolean mends(Remedy remedy, Exercise exercise) {
        try {
            Checked after = Checked.of(remedy.taken(exercise.card()), exercises.workshop());
            return after.mends() == 0
                    && after.findings().of(exercise.mistake().rule()).count(Severity.WATCH) == 0;
        } catch (RefusedException e) {
            return false;
        }
    }

    private String back(Exercise exercise, String maker) {
        return book.of(maker).standings().stream()
                .filter(s -> s.mistake() == exercise.mistake())
                .findFirst()
                .map(s -> "This kind comes back " + due(s.due()) + ".")
                .orElse("");
    }

    private String due(Instant due) {
        long hours = Duration.between(book.now(), due).toHours();
        long days = Math.round(hours / (double) HOURS);
        return hours < HOURS / 2 ? "in this round" : days <= 1 ? "tomorrow" : "in " + days + " days";
    }

    private PracticeView.Progress progress(String maker) {
        List<Repetition.Standing> all = book.of(maker).standings();
        long known = all.stream().filter(Repetition.Standing::known).count();
        int kinds = Mistake.values().length;
        String says = all.isEmpty()
                ? "There are " + kinds
                        + " kinds of mistake. What you miss comes back soon, what you see comes back later."
                : "You have met " + all.size() + " of " + kinds + " kinds of mistake"
                        + (known == 0 ? "." : " and know " + known + ".");
        return new PracticeView.Progress(
                says,
                all.stream()
                        .map(s -> new PracticeView.Known(
                                words.named("mistake." + word(s.mistake())),
                                Math.min(s.row(), Repetition.KNOWN),
                                s.known(),
                                due(s.due())))
                        .toList());
    }
}
