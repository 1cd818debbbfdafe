package dev.schachtel.core.build;

import java.util.List;

/**
 * How the card moves and lies.
 *
 * @param leaves what closes over what
 * @param flats the sizes in which it lies flat, the closed one first
 * @param stretches what the stretches of a folded blank are called
 * @param unfolding the base as panels that turn; how it stands
 * @param cords how threads run
 * @param fits what must suit each other though hands have their spread, as far as only its engineer knows
 */
public record Mechanics(
        List<Motion> motions,
        List<Leaf> leaves,
        Unfolding unfolding,
        List<Flat> flats,
        List<Stretch> stretches,
        List<Fit> fits,
        List<Cord> cords) {
    public Mechanics {
        motions = List.copyOf(motions);
        leaves = List.copyOf(leaves);
        flats = List.copyOf(flats);
        stretches = List.copyOf(stretches);
        fits = List.copyOf(fits);
        cords = List.copyOf(cords);
    }
}
