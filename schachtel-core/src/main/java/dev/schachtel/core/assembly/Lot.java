package dev.schachtel.core.assembly;

/**
 * Cards that go through a step together.
 *
 * @param number from 1; 0 if all cards are one lot
 * @param first the number of its first card, from 1
 */
public record Lot(int number, int first, int cards) {
    static Lot whole(int cards) {
        return new Lot(0, 1, cards);
    }

    public boolean isWhole() {
        return number == 0;
    }

    public int last() {
        return first + cards - 1;
    }
}
