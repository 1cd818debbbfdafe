package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Clear sheet for windows, also called acetate. */
public record Film(MaterialId id, String name, Length thickness, int grammage) implements Material {}
