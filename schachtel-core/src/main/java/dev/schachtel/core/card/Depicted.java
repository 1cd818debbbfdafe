package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** A piece of a scene: it lies on a face with its middle somewhere, and may be moved there. */
public interface Depicted {
    Id id();

    /** What it lies on. */
    Id on();

    /** Its middle, from the left. */
    Length across();

    /** Its middle, from the foot. */
    Length up();

    /** Left for right. */
    boolean mirrored();

    /** What stands over the edge of its ground is cut off. */
    boolean trimmed();

    /** Stays where it is when others are laid out anew. */
    boolean pinned();

    /** Nobody moves or changes it in the scene until it is unlocked. */
    boolean locked();

    /** Its outline, which may be a picture of the box. */
    Opening shape();

    /** Degrees against the clock. */
    int turned();

    /** What it is held by. */
    MaterialId fixing();

    /** What it is cut from. */
    MaterialId card();
}
