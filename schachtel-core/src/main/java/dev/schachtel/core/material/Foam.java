package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/** Self-adhesive foam, from a roll of tape or a sheet; thickness is its height h in the card. */
public record Foam(MaterialId id, String name, Length thickness, int grammage, Form form) implements Material {
    @Override
    public boolean fromRoll() {
        return form == Form.TAPE;
    }

    /** How it is sold. */
    public enum Form {
        TAPE,
        SHEET
    }
}
