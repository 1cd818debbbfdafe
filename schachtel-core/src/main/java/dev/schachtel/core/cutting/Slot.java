package dev.schachtel.core.cutting;

import dev.schachtel.core.measure.Length;

/** A place in the cut tree that is still open; becomes a node when the layout is done. */
final class Slot {
    private CutNode own = new CutNode.Rest();
    private Slot[] halves = {};
    private boolean upright;
    private Length at = Length.ZERO;

    void fill(CutNode node) {
        own = node;
    }

    void fill(Slot other) {
        own = other.own;
        halves = other.halves;
        upright = other.upright;
        at = other.at;
    }

    void fill(boolean isUpright, Length place, Slot first, Slot second) {
        halves = new Slot[] {first, second};
        upright = isUpright;
        at = place;
    }

    CutNode node() {
        return halves.length == 0 ? own : new CutNode.Stroke(upright, at, halves[0].node(), halves[1].node());
    }
}
