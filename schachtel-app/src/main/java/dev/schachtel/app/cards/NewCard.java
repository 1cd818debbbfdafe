package dev.schachtel.app.cards;

import java.util.Optional;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.material.MaterialId;

/**
 * What the page for a new card asks.
 *
 * @param base a kind of base, or side or top for a folded card
 * @param front bare, panel or raised
 */
public record NewCard(String name, String format, String base, String front) {
    public NewCard {
        name = name == null || name.isBlank() ? "New card" : name.strip();
        format = format == null ? "slim" : format;
        base = base == null ? "side" : base;
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
        boolean folded = base.equals("side") || base.equals("top");
        Base made = CardEdit.base(folded ? "flat-fold" : base, chosen);
        Brief plain = Brief.PLAIN;
        Brief brief = new Brief(
                plain.recipient(),
                plain.occasion(),
                1,
                0,
                false,
                new MaterialId(chosen.envelope()),
                Optional.empty(),
                false,
                plain.makers(),
                plain.together());
        CardSpec bare = CardSpec.of("New card", chosen.units(), brief, made);
        CardSpec named = CardEdit.of(bare).set(new Id("card"), "name", name);
        CardSpec turned = folded ? CardEdit.of(named).set(Id.BASE, "fold", base) : named;
        if (front.equals("bare")) {
            return turned;
        }
        CardSpec panel = CardEdit.of(turned).add("mat");
        boolean raised = front.equals("raised") && (folded || base.equals("shaped"));
        return raised
                ? CardEdit.of(panel).set(new Id("panel"), "fixing", "foam-tape-2")
                : CardEdit.of(panel).set(new Id("panel"), "fixing", "tape");
    }
}
