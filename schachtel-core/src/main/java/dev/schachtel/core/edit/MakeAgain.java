package dev.schachtel.core.edit;

import java.util.Optional;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.OwnSizes;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;

/**
 * A card that was made once, in another number, format or paper.
 *
 * @param cards how many
 * @param format another size of the base; places of pieces go with it in proportion, their sizes stay
 * @param from a material that is replaced everywhere by {@code to}; the same where none is
 */
public record MakeAgain(int cards, Optional<Format> format, MaterialId from, MaterialId to) {
    private static final Id BRIEF = new Id("brief");
    private static final String CARDS = "cards";
    private static final String WIDTH = "width";
    private static final String HEIGHT = "height";

    /**
     * The card so.
     *
     * @throws RefusedException if it can't be made in that number, its base has no width and height to set, or sizes of its own would leave their ranges
     */
    public CardSpec of(CardSpec card) {
        CardSpec now = CardEdit.of(card).set(BRIEF, CARDS, "" + cards);
        for (Piece piece : card.pieces().toList()) {
            now = papered(now, piece.id(), piece, "");
        }
        return format.isEmpty() ? now : sized(now, format.get());
    }

    private CardSpec papered(CardSpec card, Id id, Object record, String stem) {
        CardSpec now = card;
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component c : type.components()) {
            Object value = type.get(record, c);
            if (value.equals(from) && !from.equals(to)) {
                now = CardEdit.of(now).set(id, stem + c.name(), to.value());
            } else if (c.isFamily() && value instanceof Record inner) {
                now = papered(now, id, inner, stem + c.name() + ".");
            }
        }
        return now;
    }

    private static CardSpec plainly(CardSpec card, Format format) {
        CardSpec now = CardEdit.of(card).set(Id.BASE, WIDTH, format.width().toString());
        return CardEdit.of(now).set(Id.BASE, HEIGHT, format.height().toString());
    }

    private static CardSpec sized(CardSpec card, Format format) {
        Base base = card.base();
        CardSpec now = card.base() instanceof OwnSizes own
                ? card.withPieces(
                        Ranges.within(
                                own.sized(
                                        format.width(),
                                        format.height(),
                                        card.units().step()),
                                "base"),
                        card.layers(),
                        card.features(),
                        card.elements())
                : plainly(card, format);
        for (Piece piece : card.pieces().toList()) {
            for (Positions.Spot spot : Positions.of(piece)) {
                Length scaled = spot.upright()
                        ? spot.now().scaled(format.height(), base.height())
                        : spot.now().scaled(format.width(), base.width());
                Length at = scaled.roundedTo(card.units().fineStep());
                now = CardEdit.of(now).set(piece.id(), spot.component(), at.toString());
            }
        }
        return now;
    }
}
