package dev.schachtel.core.build;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.material.Die;
import dev.schachtel.core.measure.Length;

/** The plain shape and exact overall size by which a maker asks for a part. */
public record Form(Sort sort, Length width, Length height) {
    /** What it is called in a cut list. */
    public enum Sort {
        RECTANGLE,
        ROUND,
        OVAL,
        ROUNDED,
        MITRED,
        RING,
        FRAME,
        ARCH,
        /** Any other outline; width and height are those of the box round it. */
        SHAPE,
        /** A length off a spool. */
        THREAD
    }

    public static Form rectangle(Length width, Length height) {
        return new Form(Sort.RECTANGLE, width, height);
    }

    public static Form of(Sort sort, Length width, Length height) {
        return new Form(sort, width, height);
    }

    /** The first die of a register that cuts this shape and size, lying either way. */
    public Optional<Die> die(List<Die> register) {
        return register.stream()
                .filter(d -> d.shape().name().equals(sort.name()) && d.cuts(width, height))
                .findFirst();
    }

    public Length longer() {
        return Length.max(width, height);
    }

    public Length shorter() {
        return Length.min(width, height);
    }
}
