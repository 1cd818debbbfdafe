package dev.schachtel.core.cutting;

import dev.schachtel.core.measure.Length;

/** A blank where it lies on its sheet: its lower left corner and its size there. */
public record Laid(CutNode.Blank blank, Length x, Length y, Length width, Length height) {}
