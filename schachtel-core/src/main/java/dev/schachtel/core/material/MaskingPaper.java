package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Paper that sticks lightly and comes off again; masks are cut from it. Nothing of it stays on a card. */
public record MaskingPaper(MaterialId id, String name, Length thickness, int grammage) implements Material {}
