package dev.schachtel.core.build;

import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;

/** Upper is held to lower by a material of some thickness (zero for foam, which sticks by itself, and for closing). */
public record Joint(SlabId upper, SlabId lower, Hold hold, Material by, Length thickness) {
    /** The one whose size says how much holds it: what lies on the other, or hangs behind it. */
    public SlabId stuck() {
        return hold == Hold.HANGS ? lower : upper;
    }

    /** What gives the height. */
    public enum Hold {
        /** Upper lies on lower: its height follows from what is under it. */
        RESTS,
        /** Lower hangs behind upper: its height follows from what it hangs from. */
        HANGS,
        /** Upper only lies there when the card is closed; nothing is stuck. */
        MEETS,
        /** Lower hangs from upper by a thread, level with it: a piece and its mirror stuck together round the thread. */
        TIED,
        /** Upper is a leaf stuck to lower, a strip that hinges it; closed it only lies there. */
        HINGES
    }
}
