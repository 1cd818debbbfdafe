package dev.schachtel.core.cutting;

import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.guillotine.Found;
import dev.schachtel.core.material.MaterialId;

/** How far the search for fewer sheets came, by material. */
public record FoundCuts(Map<String, Found> materials) {
    public static final FoundCuts NONE = new FoundCuts(Map.of());

    public FoundCuts {
        materials = Map.copyOf(materials);
    }

    Optional<Found> of(MaterialId material) {
        return Optional.ofNullable(materials.get(material.value()));
    }
}
