package dev.schachtel.bench;

/** How often something is measured: once where it is only shown that it runs, with {@code -Drounds=1}. */
final class Rounds {
    private Rounds() {}

    static int of(int usual) {
        return Math.min(usual, Integer.getInteger("rounds", usual));
    }
}
