package dev.schachtel.core.drawing;

import java.util.List;

import dev.schachtel.core.measure.Length;

/** A label: plain runs and lengths, so that a writer can set fractions as on a ruler. */
public record Words(List<Run> runs) {
    public Words {
        runs = List.copyOf(runs);
    }

    public static Words of(String text) {
        return new Words(List.of(new Plain(text)));
    }

    public static Words of(Length length) {
        return new Words(List.of(new Size(length)));
    }

    public static Words of(Length length, String after) {
        return new Words(List.of(new Size(length), new Plain(after)));
    }

    /** Width by height. */
    public static Words of(Length width, Length height) {
        return new Words(List.of(new Size(width), new Plain(" × "), new Size(height)));
    }

    /** How many letters it has, a size counting as four. */
    public int letters() {
        return runs.stream()
                .mapToInt(r -> r instanceof Plain p ? p.text().length() : 4)
                .sum();
    }

    /** The same behind some letters. */
    Words after(String before) {
        List<Run> all = new java.util.ArrayList<>(List.of(new Plain(before)));
        all.addAll(runs);
        return new Words(all);
    }

    /** A piece of a label. */
    public sealed interface Run {}

    /** Letters. */
    public record Plain(String text) implements Run {}

    /** A length, written in the card's units. */
    public record Size(Length length) implements Run {}
}
