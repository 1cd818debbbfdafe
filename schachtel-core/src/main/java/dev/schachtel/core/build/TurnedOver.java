package dev.schachtel.core.build;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A leaf that was folded over: what is cut at a place of the face lies mirrored about the fold when the blank is cut.
 * With a gusset the line is in its middle. So is what lies on the side of a leaf that looks away from the front.
 *
 * @param upright whether the fold runs up; else across
 * @param at where the line lies on the face, from the left or from the foot
 */
public record TurnedOver(boolean upright, Length at) {
    /** About an upright fold. */
    public static TurnedOver aside(Length across) {
        return new TurnedOver(true, across);
    }

    /** About a fold that runs across. */
    public static TurnedOver upwards(Length up) {
        return new TurnedOver(false, up);
    }

    public Outline back(Outline onFace) {
        return upright ? onFace.mirrored(Mm.of(at)) : onFace.flipped(Mm.of(at));
    }

    public Point back(Point onFace) {
        double line = 2 * Mm.of(at);
        return upright ? new Point(line - onFace.x(), onFace.y()) : new Point(onFace.x(), line - onFace.y());
    }
}
