package dev.schachtel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import dev.schachtel.core.card.Asked;

/** What people wrote in the components of a record, and in those of the records that it holds. */
public final class Texts {
    private final BiFunction<String, Integer, String> change;

    private Texts(BiFunction<String, Integer, String> change) {
        this.change = change;
    }

    /**
     * A record like this one with other texts; the same record if none is another. Code ({@link Asked#coded}) is no text.
     *
     * @param change from a text, and the most letters that may stand there, to what stands there instead
     */
    public static <T extends Record> T changed(T record, BiFunction<String, Integer, String> change) {
        @SuppressWarnings("unchecked")
        T changed = (T) new Texts(change).of(record);
        return changed;
    }

    private Record of(Record record) {
        RecordType type = RecordType.of(record.getClass());
        List<Object> values = new ArrayList<>();
        boolean other = false;
        for (RecordType.Component component : type.components()) {
            Object value = type.get(record, component);
            Object now = component.asked().coded() ? value : of(value, component);
            other |= now != value;
            values.add(now);
        }
        return other ? (Record) type.make(values, record.getClass().getSimpleName()) : record;
    }

    private Object of(Object value, RecordType.Component component) {
        if (value instanceof String text) {
            String now = change.apply(text, Scalars.longest(component.asked()));
            return now.equals(text) ? text : now;
        }
        if (value instanceof Optional<?> maybe) {
            Object inner = maybe.map(v -> of(v, component)).orElse(null);
            return inner == null || inner == maybe.get() ? value : Optional.of(inner);
        }
        if (value instanceof List<?> list) {
            List<Object> all = new ArrayList<>();
            list.forEach(v -> all.add(of(v, component)));
            boolean same = true;
            for (int i = 0; i < all.size(); i++) {
                same &= all.get(i) == list.get(i);
            }
            return same ? value : all;
        }
        return value instanceof Record record && isWritten(record) ? of(record) : value;
    }

    /** Whether a record is one of those that files write component by component. */
    private static boolean isWritten(Record record) {
        return !Scalars.isScalar(record.getClass())
                && RecordType.of(record.getClass()).components().stream().anyMatch(RecordType.Component::isAsked);
    }
}
