package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Pull;

/**
 * A way out which the tool can take itself.
 *
 * @param pull what it changes; words hang on it
 * @param to what that is afterwards
 */
public record Remedy(Pull pull, Amount to, List<Change> changes) {
    public Remedy {
        changes = List.copyOf(changes);
    }
}
