package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** Words on a strip that lies on a face and is as wide and high as its maker says. */
public interface WordStrip {
    Id id();

    /** What it lies on. */
    Id on();

    /** What is read on it. */
    String text();

    Length width();

    Length height();
}
