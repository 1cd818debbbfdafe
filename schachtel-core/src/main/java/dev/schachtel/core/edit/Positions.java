package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;

/**
 * Where a piece says that it lies: its components that are places, its own or those of what it is made of, such as
 * a slot's path. Moving a piece moves them all.
 */
public final class Positions {
    private Positions() {}

    /** One position of a piece. */
    public record Spot(String component, boolean upright, Length now) {}

    public static List<Spot> of(Piece piece) {
        List<Spot> spots = new ArrayList<>();
        collect(piece, "", spots);
        return spots;
    }

    private static void collect(Object record, String stem, List<Spot> spots) {
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            Object value = recordType.get(record, component);
            Pull pull = component.asked().pull();
            if (value instanceof Length length && (pull == Pull.ACROSS || pull == Pull.UP)) {
                spots.add(new Spot(stem + component.name(), pull == Pull.UP, length));
            } else if (component.isFamily()) {
                collect(value, stem + component.name() + ".", spots);
            }
        }
    }

    /**
     * The card with a piece moved.
     *
     * @throws RefusedException if there is no such piece, it is locked, it has no position of its own, or it would come to lie beyond 3 m
     */
    public static CardSpec moved(CardSpec spec, Id id, Length dx, Length dy) {
        if (spec.piece(id).filter(p -> p instanceof Depicted d && d.locked()).isPresent()) {
            throw new RefusedException(id.value(), "is locked; unlock it first");
        }
        List<Spot> spots = spec.piece(id).map(Positions::of).orElse(List.of());
        if (spots.isEmpty()) {
            throw new RefusedException(id.value(), "has no place of its own that could be changed");
        }
        CardSpec now = spec;
        for (Spot spot : spots) {
            Length to = spot.now().plus(spot.upright() ? dy : dx);
            now = CardEdit.of(now).set(id, spot.component(), to.toString());
        }
        return now;
    }
}
