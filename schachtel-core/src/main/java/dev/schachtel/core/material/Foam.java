package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Self-adhesive foam: tape, sheets or ready squares; thickness is its height h in the card. */
public record Foam(MaterialId id, String name, Length thickness, int grammage, Form form) implements Material {
    /** The side of a ready square. */
    public static final Length SQUARE = Length.ofMillimetres(6);
    /** So much foam gives: one film and its tape. */
    public static final Length GIVES = Length.ofMicrometres(350);

    @Override
    public boolean fromRoll() {
        return form == Form.TAPE || form == Form.SQUARES;
    }

    /** How it is sold. */
    public enum Form {
        TAPE,
        SHEET,
        /** Cut ready, 6 mm; counted along the strip on which they lie side by side. */
        SQUARES,
        /** No foam, but snippets of the card that is being cut, with the glue that holds them: nobody buys them. */
        SCRAP
    }

    /** Snippets of a card as spacers: as thick as the card with the glue under it. */
    public static Foam scrap(Cardstock card, Length glue) {
        return new Foam(
                new MaterialId("scrap"),
                "scraps of " + card.name(),
                card.thickness().plus(glue),
                card.grammage(),
                Form.SCRAP);
    }

    @Override
    public boolean isStock() {
        return form != Form.SCRAP;
    }

    @Override
    public boolean isReady() {
        return form == Form.SQUARES;
    }
}
