package dev.schachtel.core.check;

import java.util.List;

import dev.schachtel.core.build.Amount;

/** A way out which the tool can take itself. */
public record Remedy(Act act, Amount to, List<Change> changes) {
    public Remedy {
        changes = List.copyOf(changes);
    }

    /** What the remedy does; the amount says to what. */
    public enum Act {
        MAKE_ONE_PIECE,
        WIDEN_OVERLAP,
        SET_BACK,
        ADD_FOAM_LAYER,
        MOVE_INSIDE,
        ADD_LINER,
        RAISE_ON_FOAM,
        TAKE_FOAM_SHEET,
        MOVE_AWAY,
        HOLD_MORE,
        GUIDE_LONGER,
        ADD_GUSSET,
        WIDEN_GAP,
        CREASE_HALF_WAY,
        LEAN_BACK,
        RAISE_STOP,
        MATCH_STEPS,
        HANG_FEWER,
        FEWER_PICTURES,
        SHORTEN_DROP,
        TAKE_DIE
    }
}
