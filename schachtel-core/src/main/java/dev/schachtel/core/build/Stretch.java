package dev.schachtel.core.build;

import dev.schachtel.core.shape.Point;

/**
 * What a stretch of a folded blank becomes, as it is called when the blank lies open with its outside up.
 *
 * @param at where its name is written, in the part's own coordinates, in millimetres
 */
public record Stretch(PartId part, String name, Point at) {}
