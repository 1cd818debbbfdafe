package dev.schachtel.core.build;

import dev.schachtel.core.shape.Outline;

/**
 * A rigid region of the base, between its folds and cuts; all that is stuck on it moves with it.
 *
 * @param slab whose region it is
 * @param region where it lies on the card as that is drawn
 */
public record Panel(String name, SlabId slab, Outline region) {}
