package dev.schachtel.app.cards;

import java.util.Optional;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Planner;

/**
 * What the page for a new card asks.
 *
 * @param base a kind of base, with its variant after a dot
 * @param front bare, panel or raised
 */
public record NewCard(String name, String format, String base, String front) {
    public NewCard {
        name = name == null || name.isBlank() ? "New card" : name.strip();
        format = format == null ? "slim" : format;
        base = base == null ? "flat-fold.side" : base;
        front = front == null ? "raised" : front;
    }

    /**
     * The card to start with.
     *
     * @throws RefusedException if the name or the format can't be taken
     */
    CardSpec spec(Workshop workshop) {
        Format chosen = Format.USUAL.stream()
                .filter(f -> f.id().equals(format))
                .findFirst()
                .orElseThrow(() -> new RefusedException("format", "there is no such format"));
        Base made = BaseTiles.base(base, chosen);
        Brief plain = Brief.PLAIN;
        Brief brief = new Brief(
                plain.recipient(),
                plain.occasion(),
                1,
                0,
                false,
                false,
                new MaterialId(chosen.envelope()),
                Optional.empty(),
                false,
                plain.makers(),
                plain.together());
        CardSpec bare = CardSpec.of("New card", chosen.units(), brief, made);
        CardSpec named = CardEdit.of(bare).set(new Id("card"), "name", name);
        if (front.equals("bare")) {
            return named;
        }
        CardSpec panel = CardEdit.of(named).add("mat");
        CardSpec flat = held(panel, "tape");
        CardSpec raised = held(panel, "foam-tape-2");
        return front.equals("raised") && sound(raised, workshop) ? raised : flat;
    }

    private static CardSpec held(CardSpec spec, String by) {
        return CardEdit.of(spec).set(new Id("panel"), "fixing", by);
    }

    /** A base on which a raised panel would be at fault gets a flat one. */
    private static boolean sound(CardSpec spec, Workshop workshop) {
        return Planner.withoutRemedies(spec, workshop).findings().count(Severity.MEND) == 0;
    }
}
