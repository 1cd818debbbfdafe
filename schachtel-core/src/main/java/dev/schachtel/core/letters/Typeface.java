package dev.schachtel.core.letters;

import java.util.List;

/** Letters that come with the program. */
public enum Typeface {
    /** Strong, easy to read at any size. */
    PLAIN("atkinson-hyperlegible-latin-700-normal", "atkinson-hyperlegible-latin-ext-700-normal"),
    /** Soft ends. */
    ROUND("fredoka-latin-500-normal", "fredoka-latin-ext-500-normal"),
    /** As written with a brush; letters of a word run into each other. */
    SCRIPT("pacifico-latin-400-normal", "pacifico-latin-ext-400-normal");

    private final List<String> files;

    Typeface(String... files) {
        this.files = List.of(files);
    }

    /** Where its letters are looked for, in this order. */
    List<String> files() {
        return files;
    }
}
