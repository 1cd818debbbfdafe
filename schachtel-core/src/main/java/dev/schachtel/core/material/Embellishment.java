package dev.schachtel.core.material;

import java.util.Optional;

import dev.schachtel.core.measure.Length;

/**
 * A small ready-made thing that is stuck on: counted, never cut. Thickness is how high it stands off what it is stuck on,
 * grammage that of a square metre of them side by side.
 *
 * @param width its diameter
 * @param owned how many are left
 */
public record Embellishment(
        MaterialId id, String name, Sort sort, Length width, Length thickness, int grammage, Colour colour, int owned)
        implements Material {
    public Embellishment {
        if (owned < 0) {
            throw new IllegalArgumentException("'" + name + "' left (" + owned + ") must be 0 or more");
        }
    }

    /** What it is. */
    public enum Sort {
        GEM,
        PEARL,
        EYE,
        SEQUIN
    }

    /** The same with another number left. */
    public Embellishment counted(int left) {
        return new Embellishment(id, name, sort, width, thickness, grammage, colour, left);
    }

    @Override
    public boolean isReady() {
        return true;
    }

    @Override
    public boolean isCounted() {
        return true;
    }

    @Override
    public Optional<Colour> tint() {
        return Optional.of(colour);
    }
}
