package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Point;

/**
 * Other ways to lay out the pictures of a face. What is pinned and what is ground stays; nothing comes to lie on what must
 * stay free, on words, on each other or over the edge. The same scene, seed and rounds give the same answer.
 */
public final class Layouts {
    /** No two are nearer than this: how far matched pieces are moved on average, over the width of the face. */
    static final double DIFFER = 0.12;

    /** Cards with other numbers of pieces that are looked at. */
    private static final int NUMBERS = 4;

    private Layouts() {}

    /** What a layout was made for. */
    public enum Wish {
        /** All over. */
        SCATTERED,
        /** To the left and to the right, with room between. */
        TWO_GROUPS,
        /** Nothing in the upper half that could be lower. */
        SKY_OPEN,
        /** Close together in the middle. */
        GATHERED,
        /** As much on the left as on the right. */
        EVEN,
        /** The same on the left as on the right, as far as there are pairs. */
        SYMMETRICAL
    }

    /** A layout: where the middle of each piece that may move comes to lie. */
    public record Layout(Wish wish, List<Id> pieces, List<Point> middles, double cost) {
        public Layout {
            pieces = List.copyOf(pieces);
            middles = List.copyOf(middles);
        }

        /** The card with this layout. */
        public CardSpec take(CardSpec spec) {
            CardSpec now = spec;
            for (int i = 0; i < pieces.size(); i++) {
                now = PieceEdit.of(now, pieces.get(i))
                        .at(
                                Fixes.rounded(middles.get(i).x()),
                                Fixes.rounded(middles.get(i).y()))
                        .card();
            }
            return now;
        }

        /** How far the pieces of another are moved on average, over a width. */
        double differsFrom(Layout other, double width) {
            double sum = 0;
            for (int i = 0; i < middles.size(); i++) {
                sum += middles.get(i).distanceTo(other.middles.get(i));
            }
            return middles.isEmpty() ? 0 : sum / middles.size() / width;
        }
    }

    /**
     * One for each wish at most, that differ, the one that sits best first; fewer where there is no more room.
     *
     * @param rounds how many moves are tried for each
     */
    public static List<Layout> of(Scenery scenery, int rounds, long seed) {
        return of(
                scenery,
                rounds,
                Arrays.stream(Wish.values()).map(w -> new Try(w, seed)).toList());
    }

    /** As many that differ, all for one wish. */
    public static List<Layout> of(Scenery scenery, int rounds, Wish wish) {
        return of(
                scenery,
                rounds,
                LongStream.rangeClosed(1, Wish.values().length)
                        .mapToObj(seed -> new Try(wish, seed))
                        .toList());
    }

    /**
     * What layouts of a card are asked for.
     *
     * @param wish what they are for; empty for each of its own
     * @param rounds how many moves are tried for each
     * @param numbers of what there may be more or fewer
     */
    public record Ask(Optional<Wish> wish, int rounds, List<HowMany> numbers) {
        public Ask {
            numbers = List.copyOf(numbers);
        }
    }

    /** A layout and the card with it. */
    public record Other(Layout layout, CardSpec card) {}

    /** Some that differ, with as many pieces as may be, the one that sits best first. */
    public static List<Other> of(CardSpec spec, Workshop workshop, Id on, Ask ask) {
        List<CardSpec> cards = HowMany.cards(spec, workshop, on, ask.numbers, NUMBERS);
        List<Other> all = new ArrayList<>();
        for (CardSpec card : cards) {
            Scenery.of(Engineering.engineer(card, workshop), workshop, on).ifPresent(scenery -> {
                int rounds = Math.max(1, ask.rounds / cards.size());
                List<Layout> found = ask.wish.map(w -> of(scenery, rounds, w)).orElseGet(() -> of(scenery, rounds, 1));
                found.forEach(l -> all.add(new Other(l, l.take(card))));
            });
        }
        all.sort(Comparator.comparingDouble(o -> o.layout.cost));
        return cards.size() == 1 ? all : varied(all);
    }

    /** The best of each number of pieces before the next best of any. */
    private static List<Other> varied(List<Other> all) {
        List<Other> first = new ArrayList<>();
        for (Other other : all) {
            if (first.stream().noneMatch(o -> o.layout.pieces.size() == other.layout.pieces.size())) {
                first.add(other);
            }
        }
        List<Other> rest = new ArrayList<>(all);
        rest.removeAll(first);
        first.addAll(rest);
        return List.copyOf(first.subList(0, Math.min(first.size(), Wish.values().length)));
    }

    private record Try(Wish wish, long seed) {}

    private static List<Layout> of(Scenery scenery, int rounds, List<Try> tries) {
        List<Layout> all = new ArrayList<>();
        double width = scenery.face().bounds().width();
        LayoutPieces pieces = LayoutPieces.of(scenery);
        for (Try one : tries) {
            LayoutSearch search = new LayoutSearch(pieces, one.wish, one.seed);
            search.run(rounds)
                    .filter(l -> all.stream().noneMatch(o -> l.differsFrom(o, width) < DIFFER))
                    .ifPresent(all::add);
        }
        all.sort(Comparator.comparingDouble(Layout::cost));
        return all;
    }
}
