package dev.schachtel.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.drawing.Words;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** How large is it? A dimension of some card's front with its figure taken out; width and height of the card stay, to compare with. */
public final class Sizes {
    /** Up to this a guess is like laying something by eye; beyond it, it says how the maker sees proportions. */
    public static final Length BY_EYE = Length.ofMillimetres(25);

    private static final Length LEAST = Length.ofMillimetres(2);
    private static final int TRIES = 60;
    /** Guesses are a kind of their own, whose book says that nobody is biased. */
    private static final String WORK = "guess";

    private final List<CardSpec> cards;
    private final Workshop workshop;

    public Sizes(List<CardSpec> cards, Workshop workshop) {
        this.cards = List.copyOf(cards);
        this.workshop = workshop;
    }

    /**
     * Something to guess.
     *
     * @param scene the front with a question mark for the figure
     * @param size what it is
     */
    public record Guess(CardSpec card, Build build, Id piece, Scene scene, Length size) {}

    /** The same seed gives the same question. */
    public Guess of(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < TRIES; i++) {
            CardSpec card = cards.get(random.nextInt(cards.size()));
            List<Piece> pieces = card.pieces().toList();
            Optional<Guess> guess =
                    of(card, pieces.get(random.nextInt(pieces.size())).id(), random);
            if (guess.isPresent()) {
                return guess.get();
            }
        }
        throw new IllegalStateException("no card of " + cards.size() + " has a dimension to guess");
    }

    private Optional<Guess> of(CardSpec card, Id piece, Random random) {
        Build build = Engineering.engineer(card, workshop);
        Scene front = Views.FRONT.of(build, piece);
        List<Mark.Dimension> all = front.marks().stream()
                .filter(m -> m instanceof Mark.Dimension)
                .map(m -> (Mark.Dimension) m)
                .toList();
        List<Mark.Dimension> asked = all.stream()
                .filter(d -> size(d).filter(s -> !s.isBelow(LEAST)).isPresent())
                .filter(d -> !isWhole(d, build))
                .toList();
        if (asked.isEmpty()) {
            return Optional.empty();
        }
        Mark.Dimension one = asked.get(random.nextInt(asked.size()));
        List<Mark> marks = new ArrayList<>();
        for (Mark mark : front.marks()) {
            boolean shown = !(mark instanceof Mark.Label) && !(mark instanceof Mark.Dimension d && !isWhole(d, build));
            if (shown) {
                marks.add(mark);
            }
        }
        marks.add(new Mark.Dimension(one.from(), one.to(), one.side(), one.lane(), Words.of("?")));
        Scene scene = new Scene(front.title(), front.extent(), front.room(), false, marks);
        return Optional.of(new Guess(card, build, piece, scene, size(one).orElseThrow()));
    }

    private static Optional<Length> size(Mark.Dimension d) {
        return d.words().runs().stream()
                .filter(r -> r instanceof Words.Size)
                .map(r -> ((Words.Size) r).length())
                .findFirst();
    }

    private static boolean isWhole(Mark.Dimension d, Build build) {
        Length size = size(d).orElse(Length.ZERO);
        return size.equals(build.face().bounds().wide())
                || size.equals(build.face().bounds().high());
    }

    /** A guess against what it was. */
    public record Guessed(Length size, Length said) {}

    private static final Length LEAST_SAID = Length.ofMicrometres(100);
    private static final Length MOST_SAID = Length.ofMillimetres(1500);

    /**
     * What was typed; a plain number counts in the units of the card.
     *
     * @throws RefusedException if it is no size of something on a card
     */
    public static Guessed guessed(Guess guess, String text) {
        Length said = Scalars.readLength(text, guess.card().units(), "size");
        if (said.isBelow(LEAST_SAID) || said.isAbove(MOST_SAID)) {
            throw new RefusedException("size", "'" + text.strip() + "' is no size of anything on a card");
        }
        return new Guessed(guess.size(), said);
    }

    /** How much too large or small a maker guesses as a rule, and how far that goes apart. */
    public static Pace.Known bias(List<Guessed> guesses) {
        List<Timing> timings = guesses.stream()
                .map(g -> new Timing(WORK, g.size().nanometres() / 1e6, g.said().nanometres() / 1e6))
                .toList();
        return Pace.of(timings, Pace.AMOUNTS).of(WORK);
    }
}
