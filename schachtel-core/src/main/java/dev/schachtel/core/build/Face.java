package dev.schachtel.core.build;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/**
 * What pieces can lie on.
 *
 * @param name by which a piece says that it lies there
 * @param slab whose upper side it is, or a part of that
 */
public record Face(Id name, SlabId slab, Outline outline) {}
