package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Sheets of one material and size in the drawer. */
public record Sheet(MaterialId id, MaterialId material, Length width, Length height, Grain grain, int count) {}
