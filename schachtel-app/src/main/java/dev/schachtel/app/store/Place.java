package dev.schachtel.app.store;

/** Where a card is kept. From each place it can be put into each other one. */
public enum Place {
    BENCH,
    ARCHIVED,
    DELETED;

    /** As it stands in an address. */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** The bench if the word is none of them. */
    public static Place of(String word) {
        return java.util.Arrays.stream(values())
                .filter(p -> p.word().equals(word))
                .findFirst()
                .orElse(BENCH);
    }
}
