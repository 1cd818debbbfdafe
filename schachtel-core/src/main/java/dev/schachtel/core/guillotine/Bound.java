package dev.schachtel.core.guillotine;

/** So many boards, offcuts not counted, any packing of all wants needs at least; and how that is known. */
public record Bound(int boards, How how) {
    /** The argument behind it. */
    public enum How {
        /** Area of the pieces over that of a board. */
        AREA,
        /** Areas measured by a dual feasible function: large pieces count for more than their area. */
        DUAL_FEASIBLE,
        /** Prices of pieces, at which no board holds more than a known value: the dual of column generation. */
        COLUMNS,
        /** All ways of cutting were gone through. */
        EXHAUSTED
    }

    Bound or(Bound other) {
        return other.boards > boards ? other : this;
    }
}
