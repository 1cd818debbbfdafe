package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.MaterialId;

/** Something that hands do and that may be off: what is off is the same wherever it is named. */
public sealed interface Off {
    /** Which way it is measured on the face. */
    enum Axis {
        ACROSS,
        UP
    }

    /** How wide or high a part is cut. */
    record Size(PartId part, Axis axis) implements Off {}

    /** How far both ends of one stroke along a part's side are apart: it is out of square. */
    record Square(PartId part, Axis axis) implements Off {}

    /** How wide or high an opening of this sort is cut that a piece asked for. */
    record Opened(Id owner, Cutout.Sort sort, Axis axis) implements Off {}

    /** Where a part is laid. */
    record Laid(PartId part, Axis axis) implements Off {}

    /** Where a stop or a mark of a piece comes to be; several of one piece are numbered. */
    record Marked(Id owner, int nth) implements Off {}

    /** Where a hole of a piece is punched; several of one piece are numbered. */
    record Punched(Id owner, int nth) implements Off {}

    /** Where a part is scored, from its edge. */
    record Scored(PartId part, int nth) implements Off {}

    /** How well two ends of a wall meet. */
    record Joined(Id owner, int nth) implements Off {}

    /** How thick a material comes: the same throughout a card. */
    record Thick(MaterialId material) implements Off {}
}
