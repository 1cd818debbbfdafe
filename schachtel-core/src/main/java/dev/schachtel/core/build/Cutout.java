package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.shape.Outline;

/** An opening cut into a part: who asked for it, what it is for, its form, where it lies on the face, how it is cut. */
public record Cutout(Id owner, Sort sort, Form form, Outline onFace, CutMethod method) {
    /** What an opening is for. */
    public enum Sort {
        /** To look through. */
        WINDOW,
        /** For a connector to run in. */
        SLOT,
        /** For a thread or a pivot. */
        HOLE,
        /** For a thumb, at an edge. */
        NOTCH,
        /** Taken off a corner. */
        CORNER,
        /** Filled by a door. */
        DOOR,
        /** Open work of the part itself, such as the middle of a frame. */
        PATTERN
    }
}
