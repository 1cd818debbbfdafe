package dev.schachtel.core.cutting;

import dev.schachtel.core.measure.Length;

/** What becomes of a rectangle: cut in two from edge to edge, used as a piece, or left. */
public sealed interface CutNode {
    <R> R tell(Cases<R> cases);

    /**
     * One stroke.
     *
     * @param upright true: the cut runs up, at a distance from the left; false: it runs across, at a distance from the
     *     foot
     * @param kerf what the blade takes away between the two, 0 for most
     */
    record Stroke(boolean upright, Length at, Length kerf, CutNode first, CutNode second) implements CutNode {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.stroke(this);
        }
    }

    /** A blank of a demand, turned by a quarter or not; it fills its rectangle exactly. */
    record Blank(Demand demand, boolean turned) implements CutNode {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.blank(this);
        }
    }

    /** Left over. */
    record Rest() implements CutNode {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.rest(this);
        }
    }

    /** One answer for each case. */
    interface Cases<R> {
        R stroke(Stroke stroke);

        R blank(Blank blank);

        R rest(Rest rest);
    }
}
