package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * What holds two layers together: glue 0.05, tape 0.1, glue dots 0.4 mm. Drying in minutes, 0 for tapes.
 *
 * @param holds millilitres in a full bottle; 0 for what comes on a roll
 * @param left tenths of a millilitre that are left
 * @param whole whether it is a sheet of adhesive on paper, stuck on the whole back of a card before that is cut
 */
public record Adhesive(
        MaterialId id, String name, Length thickness, int grammage, int dryMinutes, int holds, int left, boolean whole)
        implements Material {
    /** One of which nothing else is known. */
    public static Adhesive of(MaterialId id, Length thickness, int grammage) {
        return new Adhesive(id, id.value(), thickness, grammage, 0, 0, 0, false);
    }

    public Adhesive {
        if (holds < 0 || left < 0) {
            throw new IllegalArgumentException(
                    "what '" + name + "' holds (" + holds + " ml) and what is left of it must be 0 or more");
        }
    }

    public boolean dries() {
        return dryMinutes > 0;
    }

    /** Whether it comes out of a bottle. */
    public boolean isPoured() {
        return holds > 0;
    }

    /** After so many millilitres were used. */
    public Adhesive less(double millilitres) {
        int rest = (int) Math.max(0, Math.round(left - 10 * millilitres));
        return new Adhesive(id, name, thickness, grammage, dryMinutes, holds, rest, whole);
    }
}
