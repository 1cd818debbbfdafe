package dev.schachtel.core.material;

import java.util.Optional;

import dev.schachtel.core.measure.Length;

/**
 * Card, pattern paper, vellum or board.
 *
 * @param finish what ink and pens meet on it
 */
public record Cardstock(MaterialId id, String name, Length thickness, int grammage, Colour colour, Finish finish)
        implements Material {
    /** Below this lightness ink does not show: L* 45, the handbook's limit for a writing surface. */
    public static final double DARKEST_TO_WRITE_ON = 45;

    /** How its surface takes colour. */
    public enum Finish {
        SMOOTH,
        /** Drinks water and ink, as paper for watercolour does. */
        ABSORBENT,
        /** Printed all over. */
        PATTERNED
    }

    public boolean canBeWrittenOn() {
        return colour.lightness() >= DARKEST_TO_WRITE_ON;
    }

    @Override
    public Optional<Colour> tint() {
        return Optional.of(colour);
    }
}
