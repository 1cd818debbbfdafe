package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.material.Colour;

/** The inks along one line of words, from the left; each runs softly into the next. */
public sealed interface Inks permits Inks.One, Inks.Two, Inks.Three {
    /** Those after the first. */
    List<Colour> further();

    /** No other. */
    @Kind(value = "one", title = "One ink")
    record One() implements Inks {
        @Override
        public List<Colour> further() {
            return List.of();
        }
    }

    /** Two from left to right. */
    @Kind(value = "two", title = "Two inks along the line")
    record Two(@Asked(value = "Ink at the right", initial = "#b3432b") Colour right) implements Inks {
        @Override
        public List<Colour> further() {
            return List.of(right);
        }
    }

    /** Three from left to right. */
    @Kind(value = "three", title = "Three inks along the line")
    record Three(
            @Asked(value = "Ink in the middle", initial = "#7a3b69") Colour middle,
            @Asked(value = "Ink at the right", initial = "#b3432b") Colour right)
            implements Inks {
        @Override
        public List<Colour> further() {
            return List.of(middle, right);
        }
    }
}
