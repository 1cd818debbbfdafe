package dev.schachtel.core.build;

import dev.schachtel.core.measure.Length;

/** A size in which the card lies flat, and how many of its panels lie on each other there at most. */
public record Flat(String name, Length width, Length height, int layers) {}
