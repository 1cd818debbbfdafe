package dev.schachtel.app.store;

import java.time.Instant;

import dev.schachtel.core.card.CardSpec;

/**
 * A card as it is now.
 *
 * @param version grows with every change; a change that names an older one is set aside
 */
public record StoredCard(
        long id, long revision, long version, CardSpec spec, boolean canUndo, boolean canRedo, Instant changedAt) {}
