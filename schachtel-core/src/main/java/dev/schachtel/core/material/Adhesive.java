package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** What holds two layers together: glue 0.05, tape 0.1, glue dots 0.4 mm. Drying in minutes, 0 for tapes. */
public record Adhesive(MaterialId id, String name, Length thickness, int grammage, int dryMinutes) implements Material {
    public boolean dries() {
        return dryMinutes > 0;
    }
}
