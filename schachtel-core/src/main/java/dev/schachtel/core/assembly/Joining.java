package dev.schachtel.core.assembly;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Material;

/**
 * What an operation fixes.
 *
 * @param laid the parts that are fixed by it; each part of a card is laid by exactly one operation
 * @param onto what they are fixed to
 * @param side from which side hands get there
 * @param by what holds them; empty for what is held by its shape or a knot
 */
public record Joining(List<PartId> laid, SlabId onto, Side side, Optional<Material> by) {
    /** A side of a slab in the closed card. */
    public enum Side {
        /** Towards whoever looks at the closed card. */
        FRONT,
        /** Towards the back of the card. */
        BACK
    }

    public Joining {
        laid = List.copyOf(laid);
    }

    static Joining on(PartId laid, SlabId onto, Material by) {
        return new Joining(List.of(laid), onto, Side.FRONT, Optional.of(by));
    }

    static Joining behind(List<PartId> laid, SlabId onto, Optional<Material> by) {
        return new Joining(laid, onto, Side.BACK, by);
    }

    /** Whether hands must reach the back of something: once that is laid down, nothing can be put there. */
    boolean isBehind() {
        return side == Side.BACK;
    }
}
