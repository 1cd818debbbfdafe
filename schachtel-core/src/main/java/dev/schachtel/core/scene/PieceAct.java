package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** What can be done to a chosen piece of a scene. */
public enum PieceAct {
    LEFT,
    RIGHT,
    MIRROR,
    LARGER,
    SMALLER,
    FORWARD,
    BACK,
    RAISE,
    TRIM,
    /** What reaches over a crease is cut there, and goes on beside it. */
    CARRY_ON,
    PIN,
    LOCK,
    COPY,
    REMOVE;

    private static final int TURN = 5;
    private static final int GROW = 110;
    private static final Length FINE = Length.ofMicrometres(10);
    private static final Length ASIDE = Length.ofMillimetres(4);

    /**
     * The act that a word names.
     *
     * @throws RefusedException if there is none
     */
    public static PieceAct of(String word) {
        return Arrays.stream(values())
                .filter(a -> Scalars.kebab(a.name()).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("piece", "that can't be done to a piece"));
    }

    /**
     * The card after it.
     *
     * @throws RefusedException if there is no such piece, or it can't be done to it
     */
    public CardSpec apply(CardSpec spec, Id id, Workshop workshop) {
        Depicted piece = piece(spec, id);
        if (piece.locked() || this != RAISE && this != CARRY_ON) {
            return apply(spec, id);
        }
        return this == RAISE
                ? PieceEdit.of(spec, id).heldBy(other(piece, workshop).id()).card()
                : new CarriedOn(spec, piece, workshop).card();
    }

    CardSpec apply(CardSpec spec, Id id) {
        Depicted piece = piece(spec, id);
        if (piece.locked() && this != LOCK && this != COPY) {
            throw new RefusedException(id.value(), "is locked; unlock it first");
        }
        PieceEdit edit = PieceEdit.of(spec, id);
        return switch (this) {
            case LEFT -> edit.turned(piece.turned() + TURN).card();
            case RIGHT -> edit.turned(piece.turned() - TURN).card();
            case MIRROR -> edit.mirrored(!piece.mirrored()).card();
            case LARGER -> sized(spec, piece, GROW, 100);
            case SMALLER -> sized(spec, piece, 100, GROW);
            case FORWARD -> moved(spec, id, 1);
            case BACK -> moved(spec, id, -1);
            case TRIM -> edit.trimmed(!piece.trimmed()).card();
            case PIN -> edit.pinned(!piece.pinned()).card();
            case LOCK -> edit.locked(!piece.locked()).card();
            case COPY -> copied(spec, id);
            case REMOVE -> CardEdit.of(spec).remove(id);
            case RAISE, CARRY_ON -> throw new IllegalArgumentException("what it is made of depends on the stock");
        };
    }

    private static Depicted piece(CardSpec spec, Id id) {
        return spec.piece(id)
                .filter(Depicted.class::isInstance)
                .map(Depicted.class::cast)
                .orElseThrow(() -> new RefusedException(id.value(), "is not on the card any more"));
    }

    private static CardSpec copied(CardSpec spec, Id id) {
        Piece piece = spec.piece(id).orElseThrow();
        CardEdit edit = CardEdit.of(spec);
        Id copy = edit.nextId(RecordType.word(piece.getClass()));
        CardSpec now = PieceEdit.of(edit.paste(piece), copy).locked(false).card();
        return Positions.moved(now, copy, ASIDE, Length.ZERO);
    }

    private static CardSpec sized(CardSpec spec, Depicted piece, int times, int over) {
        Length by = Length.ofMillimetres(times);
        Length than = Length.ofMillimetres(over);
        Opening shape = piece.shape();
        Length wide = shape.width().scaled(by, than).roundedTo(FINE);
        PieceEdit now = PieceEdit.of(spec, piece.id()).shapeWide(shape, wide);
        boolean follows = shape instanceof Opening.Circle || shape instanceof Opening.Pictured;
        Length high = shape.height().scaled(by, than).roundedTo(FINE);
        return follows ? now.card() : now.shapeHigh(high).card();
    }

    /** Glue if it is on foam, else the thinnest foam. */
    private static Material other(Depicted piece, Workshop workshop) {
        boolean raised = workshop.find(piece.fixing(), Foam.class).isPresent();
        return raised
                ? workshop.all(Adhesive.class).get(0)
                : workshop.all(Foam.class).stream()
                        .filter(f -> f.form() != Foam.Form.SHEET)
                        .min(Comparator.comparing(Foam::thickness))
                        .orElseThrow(() -> new RefusedException("foam", "there is none in the stock"));
    }

    /** Nearer to the eye or farther from it, past the next one. */
    private static CardSpec moved(CardSpec spec, Id id, int by) {
        List<Element> all = new ArrayList<>(spec.elements());
        int at = at(all, id);
        int to = at + by;
        while (to >= 0 && to < all.size() && !(all.get(to) instanceof Depicted)) {
            to += by;
        }
        if (to >= 0 && to < all.size()) {
            all.add(to, all.remove(at));
        }
        return spec.withPieces(spec.base(), spec.layers(), spec.features(), all);
    }

    /** Nearer to the eye than all others. */
    static CardSpec toFront(CardSpec spec, Id id) {
        List<Element> all = new ArrayList<>(spec.elements());
        all.add(all.remove(at(all, id)));
        return spec.withPieces(spec.base(), spec.layers(), spec.features(), all);
    }

    private static int at(List<Element> all, Id id) {
        return all.stream().map(Element::id).toList().indexOf(id);
    }
}
