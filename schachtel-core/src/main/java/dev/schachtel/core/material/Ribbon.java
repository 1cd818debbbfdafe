package dev.schachtel.core.material;

import java.util.Optional;

import dev.schachtel.core.measure.Length;

/** Ribbon from a spool; snipped to length when it is laid. Grammage is that of a square metre. */
public record Ribbon(MaterialId id, String name, Length width, Length thickness, int grammage, Colour colour)
        implements Material {
    @Override
    public boolean fromRoll() {
        return true;
    }

    @Override
    public boolean isReady() {
        return true;
    }

    @Override
    public Optional<Colour> tint() {
        return Optional.of(colour);
    }
}
