package dev.schachtel.core.build;

import dev.schachtel.core.measure.Length;

/** A slab with its heights from the back of the card. */
public record Level(Slab slab, Length bottom, Length top) {}
