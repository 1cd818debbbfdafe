package dev.schachtel.app.cards;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.material.MaterialId;

/**
 * What the page for a new card asks.
 *
 * @param fold side or top
 * @param front bare, panel or raised
 */
public record NewCard(String name, String format, String fold, String front) {
    public NewCard {
        name = name == null || name.isBlank() ? "New card" : name.strip();
        format = format == null ? "slim" : format;
        fold = fold == null ? "side" : fold;
        front = front == null ? "raised" : front;
    }

    /**
     * The card to start with.
     *
     * @throws RefusedException if the name or the format can't be taken
     */
    CardSpec spec() {
        Format chosen = Format.USUAL.stream()
                .filter(f -> f.id().equals(format))
                .findFirst()
                .orElseThrow(() -> new RefusedException("format", "there is no such format"));
        FlatFold base = new FlatFold(
                chosen.width(),
                chosen.height(),
                fold.equals("top") ? FlatFold.Fold.TOP : FlatFold.Fold.SIDE,
                new MaterialId("slate-300"));
        Brief plain = Brief.PLAIN;
        Brief brief = new Brief(
                plain.recipient(),
                plain.occasion(),
                1,
                0,
                false,
                new MaterialId(chosen.envelope()),
                Optional.empty(),
                false);
        CardSpec bare = new CardSpec("New card", "", chosen.units(), brief, base, List.of(), List.of(), List.of());
        CardSpec named = CardEdit.of(bare).set(new Id("card"), "name", name);
        if (front.equals("bare")) {
            return named;
        }
        CardSpec panel = CardEdit.of(named).add("mat");
        return front.equals("raised") ? CardEdit.of(panel).set(new Id("panel"), "fixing", "foam-tape-2") : panel;
    }
}
