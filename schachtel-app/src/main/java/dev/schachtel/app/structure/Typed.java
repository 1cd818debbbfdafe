package dev.schachtel.app.structure;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * What came from one field.
 *
 * @param nudge 0: take value; else so many steps up or down from it
 * @param fine whether steps are the fine ones
 * @param reshapes whether other fields follow
 */
public record Typed(String piece, String component, String value, Integer nudge, Boolean fine, Boolean reshapes) {
    public Typed {
        piece = piece == null ? "" : piece;
        component = component == null ? "" : component;
        value = value == null ? "" : value;
        nudge = nudge == null ? Integer.valueOf(0) : nudge;
        fine = Boolean.TRUE.equals(fine);
        reshapes = Boolean.TRUE.equals(reshapes);
    }

    public String about() {
        return "set " + piece + " " + component;
    }

    /**
     * The card with this field changed.
     *
     * @throws RefusedException if the text can't be taken
     */
    public CardSpec apply(CardSpec spec) {
        Id id = StructureController.id(piece);
        return CardEdit.of(spec).set(id, component, nudge == 0 ? value : nudged(spec));
    }

    private String nudged(CardSpec spec) {
        if (value.strip().matches("-?\\d{1,6}") && isWhole(spec)) {
            return Integer.toString(Integer.parseInt(value.strip()) + nudge);
        }
        Length step = fine ? spec.units().fineStep() : spec.units().step();
        Length typed = Scalars.readLength(value, spec.units(), component);
        return spec.units().exact(typed.plus(step.times(nudge)));
    }

    private boolean isWhole(CardSpec spec) {
        Object record =
                spec.find(new Id(piece), Piece.class).map(Object.class::cast).orElse(spec.brief());
        return RecordType.of(record.getClass())
                .component(component)
                .filter(b -> b.type() == int.class)
                .isPresent();
    }
}
