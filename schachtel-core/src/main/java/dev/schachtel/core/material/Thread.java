package dev.schachtel.core.material;

import java.util.Optional;

import dev.schachtel.core.measure.Length;

/** Thread or cord from a spool. Thickness is its diameter, grammage that of a square metre of threads side by side. */
public record Thread(MaterialId id, String name, Length thickness, int grammage, Colour colour) implements Material {
    @Override
    public boolean fromRoll() {
        return true;
    }

    @Override
    public Optional<Colour> tint() {
        return Optional.of(colour);
    }
}
