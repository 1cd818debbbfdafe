package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * What tumbles in a shaker: flat or round pieces of a diameter and thickness.
 *
 * @param density grams of 100 ml as it is poured, 1 to 2,000
 */
public record Filling(MaterialId id, String name, Length diameter, Length thickness, Colour colour, int density) {
    /** Of what is not said: sand as it is poured. */
    public static final int USUAL_DENSITY = 150;

    /** Below this grain a filling asks for a one-piece ring: 0.5 mm, handbook chapter 2. */
    public static final Length FINE = Length.ofMicrometres(500);

    public Filling {
        if (density < 1 || density > 2000) {
            throw new IllegalArgumentException(
                    "density of '" + name + "' (" + density + " g for 100 ml) must be 1 to 2000");
        }
    }

    /**
     * Its grain: the narrowest upright slit, as high as the chamber, that a piece slips through. A piece that can stand
     * up in the chamber passes on edge, by its thickness; one that can't must pass lying, by its diameter. Discs of 5 x
     * 0.3 in a chamber of 2: 5; in one of 6: 0.3.
     */
    public Length grain(Length depth) {
        return diameter.isAbove(depth) ? diameter : Length.min(diameter, thickness);
    }

    /** Mass of so much of it as it is poured, in grams. */
    public double grams(double millilitres) {
        return millilitres * density / 100;
    }

    public boolean isFine() {
        return diameter.isBelow(FINE);
    }
}
