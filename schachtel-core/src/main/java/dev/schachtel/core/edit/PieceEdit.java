package dev.schachtel.core.edit;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/**
 * Changes to a piece of a scene or a strip of words by what it is, so that nobody else need know what its components are called.
 * Each throws a {@link dev.schachtel.core.model.RefusedException} if the piece has no such component or its value is out of range.
 */
public final class PieceEdit {
    private final CardSpec spec;
    private final Id id;

    private PieceEdit(CardSpec spec, Id id) {
        this.spec = spec;
        this.id = id;
    }

    public static PieceEdit of(CardSpec spec, Id id) {
        return new PieceEdit(spec, id);
    }

    /** The card with all that was changed. */
    public CardSpec card() {
        return spec;
    }

    private PieceEdit set(String component, Object value) {
        return new PieceEdit(CardEdit.of(spec).set(id, component, value.toString()), id);
    }

    /** What it lies on. */
    public PieceEdit on(Id ground) {
        return set("on", ground);
    }

    /** Its middle, from the left and from the foot. */
    public PieceEdit at(Length across, Length up) {
        return across(across).set("up", up);
    }

    public PieceEdit across(Length across) {
        return set("across", across);
    }

    /** Degrees against the clock. */
    public PieceEdit turned(int degrees) {
        return set("turned", degrees % 360);
    }

    public PieceEdit mirrored(boolean is) {
        return set("mirrored", is);
    }

    public PieceEdit trimmed(boolean is) {
        return set("trimmed", is);
    }

    public PieceEdit pinned(boolean is) {
        return set("pinned", is);
    }

    public PieceEdit locked(boolean is) {
        return set("locked", is);
    }

    public PieceEdit heldBy(MaterialId adhesive) {
        return set("fixing", adhesive);
    }

    public PieceEdit cutFrom(MaterialId card) {
        return set("card", card);
    }

    public PieceEdit pictured(Opening.Pictured picture) {
        return new PieceEdit(CardEdit.of(spec).pictured(id, "shape", picture), id);
    }

    /** The height of its shape; a circle or a picture keeps its proportions. */
    public PieceEdit shapeHigh(Length height) {
        return set("shape.height", height);
    }

    /** The width of its shape; a circle or a picture keeps its proportions. */
    public PieceEdit shapeWide(Opening shape, Length width) {
        return set(shape instanceof Opening.Circle ? "shape.diameter" : "shape.width", width);
    }

    /** The size of a strip of words. */
    public PieceEdit strip(Length width, Length height) {
        return set("width", width).set("height", height);
    }

    /** How many shadow layers a strip of words has. */
    public PieceEdit shadows(int count) {
        return set("shadows", count);
    }

    /** How high small letters are. */
    public PieceEdit xHeight(Length height) {
        return set("xHeight", height);
    }
}
