package dev.schachtel.core.colour;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Shade;

/**
 * The shades that one area is coloured with.
 *
 * @param target how it should look
 * @param tones from the darkest to the lightest, one to three; none where nothing is owned
 * @param steps how they follow each other
 * @param mixture two owned ones, one over the other, that come nearer to the target than any single one
 */
public record Recipe(Colour target, List<Tone> tones, Steps steps, Optional<Mixture> mixture) {
    /** From here on two colours don't look alike any more: CIEDE2000, as between layers. */
    public static final double UNLIKE = 10;

    public Recipe {
        tones = List.copyOf(tones);
    }

    /** How the tones follow each other in lightness. */
    public enum Steps {
        /** By 8 to 15. */
        EVEN,
        /** By 4 to 25, since what is owned gives nothing better. */
        WIDE,
        /** There is but one. */
        SINGLE,
        /** The ground has the colour and stays as it is. */
        BARE
    }

    /**
     * One tone.
     *
     * @param result how it looks on the ground
     * @param apart CIEDE2000 between that and what the ramp asks for
     * @param empty one that is used up and would be nearer by more than 1
     */
    public record Tone(Shade shade, Colour result, double apart, Optional<Shade> empty) {}

    /**
     * Two shades over each other.
     *
     * @param apart CIEDE2000 between the mixture and the target
     */
    public record Mixture(Shade first, Shade then, Colour result, double apart) {}

    /** How near what is owned comes to the target: the tone that is nearest to it, CIEDE2000. */
    public double nearest() {
        Lab wanted = target.lab();
        return tones.stream()
                .mapToDouble(t -> t.result.lab().differenceTo(wanted))
                .min()
                .orElse(Double.MAX_VALUE);
    }

    /** Whether what is owned looks like the target at all. */
    public boolean reaches() {
        return nearest() < UNLIKE;
    }
}
