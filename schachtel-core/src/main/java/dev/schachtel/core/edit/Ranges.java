package dev.schachtel.core.edit;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Holds sizes that were worked out, and not typed, to the ranges that their components ask for. */
final class Ranges {
    private Ranges() {}

    /**
     * The same record.
     *
     * @throws RefusedException with path and reason, if a length or number in it could not be read from a file again
     */
    static <R> R within(R record, String path) {
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component component : type.components()) {
            Object value = type.get(record, component);
            String where = path + "." + component.name();
            if (value instanceof Length || value instanceof Integer) {
                Scalars.read(component, value.toString(), Units.MM, where);
            } else if (component.isFamily()) {
                within(value, where);
            }
        }
        return record;
    }
}
