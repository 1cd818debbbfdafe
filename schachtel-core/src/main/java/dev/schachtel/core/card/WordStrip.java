package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** Words on a strip that lies on a face and is at least as wide and high as its maker says. */
public interface WordStrip extends Worded {
    /** What it lies on. */
    Id on();

    Length width();

    Length height();
}
