package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Self-adhesive foam: tape, sheets or ready squares; thickness is its height h in the card. */
public record Foam(MaterialId id, String name, Length thickness, int grammage, Form form) implements Material {
    /** The side of a ready square. */
    public static final Length SQUARE = Length.ofMillimetres(6);

    @Override
    public boolean fromRoll() {
        return form != Form.SHEET;
    }

    /** How it is sold. */
    public enum Form {
        TAPE,
        SHEET,
        /** Cut ready, 6 mm; counted along the strip on which they lie side by side. */
        SQUARES
    }
}
