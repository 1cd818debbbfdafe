package dev.schachtel.core.scene;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.WordStrip;
import dev.schachtel.core.card.Worded;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.letters.TextLine;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Where words have most room on a face: the best of all upright boxes that nothing lies in, to a millimetre, and the strip
 * that has its x-height free all round in it.
 */
public final class WordRoom {
    /** From the face's edge, mm. */
    private static final double MARGIN = 3;
    /** A strip is no larger than this, mm. */
    private static final double WIDEST = 70;

    private static final double HIGHEST = 14;
    private static final double LOWEST = 5;
    private static final double NARROWEST = 18;
    /** What a strip and its x-height above and below take, in strips. */
    private static final double CLEAR = 1 + 2 * 0.45;

    private static final String KIND = RecordType.kinds(Piece.class).stream()
            .filter(WordStrip.class::isAssignableFrom)
            .map(RecordType::word)
            .findFirst()
            .orElseThrow();

    /** Round the words on their strip, mm: chapter 10 of the domain's handbook. */
    private static final double ROUND = 3;

    private WordRoom() {}

    /** The strip that has most room; empty where none is left. */
    public static Optional<Box> of(Scenery scenery) {
        Box face = scenery.face().bounds().grown(-MARGIN);
        boolean[][] taken = taken(scenery, face);
        int[] high = new int[taken.length];
        Box best = null;
        double most = 0;
        for (int r = 0; r < taken[0].length; r++) {
            for (int c = 0; c < high.length; c++) {
                high[c] = taken[c][r] ? 0 : high[c] + 1;
            }
            for (Box box : under(high, r)) {
                Box strip = strip(box);
                double worth = strip.width() * strip.height();
                if (strip.height() >= LOWEST && strip.width() >= NARROWEST && worth > most) {
                    most = worth;
                    best = strip;
                }
            }
        }
        return best == null
                ? Optional.empty()
                : Optional.of(new Box(
                        face.left() + best.left(),
                        face.bottom() + best.bottom(),
                        face.left() + best.right(),
                        face.bottom() + best.top()));
    }

    /** In the middle of a free box, as large as it may be. */
    private static Box strip(Box free) {
        double high = Math.min(HIGHEST, free.height() / CLEAR);
        double wide = Math.min(WIDEST, free.width() - (CLEAR - 1) * high);
        Point at = free.centre();
        return new Box(at.x() - wide / 2, at.y() - high / 2, at.x() + wide / 2, at.y() + high / 2);
    }

    /** The boxes that end in a row and can't be wider, from how high the free columns are that end there. */
    private static List<Box> under(int[] high, int row) {
        List<Box> all = new ArrayList<>();
        Deque<Integer> rising = new ArrayDeque<>();
        for (int c = 0; c <= high.length; c++) {
            int now = c == high.length ? 0 : high[c];
            while (!rising.isEmpty() && high[rising.peek()] >= now) {
                int tall = high[rising.pop()];
                int from = rising.isEmpty() ? 0 : rising.peek() + 1;
                if (tall > 0) {
                    all.add(new Box(from, row + 1 - tall, c, row + 1));
                }
            }
            rising.push(c);
        }
        return all;
    }

    /** The square millimetres of a face in which something lies, by columns. */
    private static boolean[][] taken(Scenery scenery, Box face) {
        List<Outline> all =
                new ArrayList<>(scenery.pieces().stream().map(Placed::outline).toList());
        all.addAll(scenery.obstacles());
        boolean[][] taken = new boolean[Math.max(1, (int) face.width())][Math.max(1, (int) face.height())];
        for (Outline outline : all) {
            Box box = outline.bounds();
            for (double y = box.bottom() + 0.25; y < box.top() + 0.25; y += 0.5) {
                int r = (int) Math.floor(y - face.bottom());
                if (r >= 0 && r < taken[0].length) {
                    for (Outline.Span span : outline.across(Math.min(y, box.top() - 1e-6))) {
                        int from = Math.max(0, (int) Math.floor(span.from() - face.left()));
                        int to = Math.min(taken.length - 1, (int) Math.floor(span.to() - face.left()));
                        for (int c = from; c <= to; c++) {
                            taken[c][r] = true;
                        }
                    }
                }
            }
        }
        return taken;
    }

    /**
     * The card with a strip of words where they have most room. Its letters have a height of their own, so that it grows with
     * what is written on it.
     *
     * @throws RefusedException if there is no room for the smallest
     */
    public static CardSpec placed(CardSpec spec, Scenery scenery) {
        Box strip = of(scenery)
                .orElseThrow(() ->
                        new RefusedException("words", "find no room here: move some pieces, or take another layout"));
        Id id = CardEdit.of(spec).nextId(KIND);
        CardSpec now = PieceEdit.of(CardEdit.of(spec).add(KIND), id)
                .on(scenery.on())
                .strip(Fixes.rounded(strip.width()), Fixes.rounded(strip.height()))
                .at(
                        Fixes.rounded(strip.centre().x()),
                        Fixes.rounded(strip.centre().y()))
                .shadows(0)
                .card();
        Worded words = (Worded) now.piece(id).orElseThrow();
        TextLine fills = TextLine.within(
                words.text(),
                words.letters(),
                Mm.length(strip.width() - 2 * ROUND),
                Mm.length(strip.height() - 2 * ROUND));
        return PieceEdit.of(now, id)
                .xHeight(Fixes.rounded(Math.floor(10 * fills.xHeight()) / 10))
                .card();
    }
}
