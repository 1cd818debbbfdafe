package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.model.RefusedException;

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

    /**
     * The card with it taken.
     *
     * @throws RefusedException if the card can't take one of its changes
     */
    public CardSpec taken(CardSpec spec) {
        CardSpec now = spec;
        for (Change c : changes) {
            now = taken(CardEdit.of(now), c);
        }
        return now;
    }

    private static CardSpec taken(CardEdit edit, Change c) {
        if (c.component().isEmpty()) {
            return edit.add(c.value());
        }
        return c.component().equals(Change.MEANT)
                ? edit.meant(c.piece(), new Id(c.value()))
                : edit.set(c.piece(), c.component(), c.value());
    }
}
