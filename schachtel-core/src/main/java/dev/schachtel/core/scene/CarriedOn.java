package dev.schachtel.core.scene;

import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.engineering.Shapes;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A piece that reaches over creases of the open card, cut apart there: one piece on each of the panels beside each other, all flat and trimmed. */
public record CarriedOn(CardSpec spec, Depicted piece, Workshop workshop) {
    /** What reaches no further doesn't, mm: it is cut off with the hair at the crease. */
    private static final double SEEN = 0.2;

    /** Whether it reaches over a crease, and doesn't go on there yet. */
    public boolean isAsked() {
        return !missing().isEmpty();
    }

    /** The panels over which it reaches and on which it isn't continued. */
    private List<Integer> missing() {
        return IntStream.rangeClosed(first(), last())
                .filter(at -> at != own() && own() >= 0)
                .filter(at -> spec.elements().stream().noneMatch(e -> e instanceof Depicted other && isTwin(other, at)))
                .boxed()
                .toList();
    }

    private boolean isTwin(Depicted other, int at) {
        return other.on().equals(row().get(at))
                && other.shape().equals(piece.shape())
                && other.across().equals(across(at))
                && other.up().equals(piece.up());
    }

    /** Its middle as a panel has it. */
    private Length across(int at) {
        return piece.across().minus(wide().times(at - own()));
    }

    /**
     * The card with the pieces; the given one stays on its panel.
     *
     * @throws RefusedException if it reaches over no crease
     */
    CardSpec card() {
        if (!isAsked()) {
            throw new RefusedException(piece.id().value(), "does not reach over a crease");
        }
        CardSpec now = flat(spec, piece.id());
        for (int at : missing()) {
            now = added(now, at);
        }
        return now;
    }

    private List<Id> row() {
        return spec.base().inRow();
    }

    private int own() {
        return row().indexOf(piece.on());
    }

    private Box covers() {
        Outline whole = Shapes.of(piece.shape(), workshop).outline();
        return (piece.mirrored() ? whole.mirrored(0) : whole)
                .placed(Placement.at(piece.across(), piece.up()).turned(Angle.ofDegrees(piece.turned())))
                .bounds();
    }

    /** The panel on which its left end lies, or the first one. */
    private int first() {
        return own() < 0 ? 0 : Math.max(0, own() + panels(covers().left() + SEEN));
    }

    /** The panel on which its right end lies, or the last one. */
    private int last() {
        return own() < 0 ? 0 : Math.min(row().size() - 1, own() + panels(covers().right() - SEEN));
    }

    /** By how many panels a place lies beside its own. */
    private int panels(double across) {
        return (int) Math.floor(across / Mm.of(wide()));
    }

    private Length wide() {
        return spec.base().width();
    }

    private CardSpec flat(CardSpec card, Id id) {
        CardSpec trimmed = PieceEdit.of(card, id).trimmed(true).card();
        boolean glued = workshop.find(piece.fixing(), Adhesive.class).isPresent();
        return glued
                ? trimmed
                : PieceEdit.of(trimmed, id)
                        .heldBy(workshop.all(Adhesive.class).get(0).id())
                        .card();
    }

    private CardSpec added(CardSpec card, int at) {
        Piece given = card.piece(piece.id()).orElseThrow();
        CardEdit edit = CardEdit.of(card);
        Id copy = edit.nextId(RecordType.word(given.getClass()));
        return PieceEdit.of(edit.paste(given), copy)
                .on(row().get(at))
                .across(across(at))
                .card();
    }
}
