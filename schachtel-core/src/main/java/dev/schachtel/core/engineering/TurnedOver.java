package dev.schachtel.core.engineering;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A leaf that was folded over: what is cut at a place of the face lies mirrored about the fold when the blank is cut.
 * With a gusset the line is in its middle.
 *
 * @param upright whether the fold runs up; else across
 * @param at where the line lies on the face, from the left or from the foot
 */
record TurnedOver(boolean upright, Length at) {
    /** About an upright fold. */
    static TurnedOver aside(Length across) {
        return new TurnedOver(true, across);
    }

    /** About a fold that runs across. */
    static TurnedOver upwards(Length up) {
        return new TurnedOver(false, up);
    }

    Outline back(Outline onFace) {
        return upright ? onFace.mirrored(Mm.of(at)) : onFace.flipped(Mm.of(at));
    }

    Point back(Point onFace) {
        double line = 2 * Mm.of(at);
        return upright ? new Point(line - onFace.x(), onFace.y()) : new Point(onFace.x(), line - onFace.y());
    }
}
