package dev.schachtel.core.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** Values of a card by piece and component, named as changes name them. */
public final class Reading {
    private Reading() {}

    /** The length under a dotted component of a piece; empty if there is none. */
    public static Optional<Length> length(CardSpec spec, Id piece, String component) {
        return value(spec, piece, component, Length.class);
    }

    /** The whole number under a dotted component of a piece; empty if there is none. */
    public static Optional<Integer> whole(CardSpec spec, Id piece, String component) {
        return value(spec, piece, component, Integer.class);
    }

    /** The material under a dotted component of a piece; empty if there is none. */
    public static Optional<MaterialId> material(CardSpec spec, Id piece, String component) {
        return value(spec, piece, component, MaterialId.class);
    }

    /** The first component of a piece that may be chosen from this; empty if it asks for none. */
    public static Optional<String> choosing(CardSpec spec, Id piece, Asked.Choice from) {
        return spec.piece(piece).flatMap(p -> RecordType.of(p.getClass()).components().stream()
                .filter(b -> b.asked().from() == from)
                .map(RecordType.Component::name)
                .findFirst());
    }

    /** The first component of a piece, or of something it is made of, that is this lever. */
    public static Optional<String> pulled(CardSpec spec, Id piece, Pull pull) {
        return allPulled(spec, piece, pull).stream().findFirst();
    }

    /** All components of a piece, and of what it is made of, that are this lever. */
    public static List<String> allPulled(CardSpec spec, Id piece, Pull pull) {
        List<String> found = new ArrayList<>();
        spec.piece(piece).ifPresent(p -> collect(p, "", pull, found));
        return found;
    }

    private static void collect(Object record, String stem, Pull pull, List<String> found) {
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            if (component.asked().pull() == pull) {
                found.add(stem + component.name());
            }
            if (component.isFamily()) {
                collect(recordType.get(record, component), stem + component.name() + ".", pull, found);
            }
        }
    }

    /** What the component of a piece does when it is changed; empty if there is no such component. */
    public static Optional<Pull> pull(CardSpec spec, Id piece, String component) {
        return asked(spec, piece, component).map(Asked::pull);
    }

    /** What the component of a piece may be chosen from; empty if there is no such component. */
    public static Optional<Asked.Choice> choice(CardSpec spec, Id piece, String component) {
        return asked(spec, piece, component).map(Asked::from);
    }

    private static Optional<Asked> asked(CardSpec spec, Id piece, String component) {
        int last = component.lastIndexOf('.');
        Optional<Object> holder = last < 0
                ? spec.piece(piece).map(Object.class::cast)
                : value(spec, piece, component.substring(0, last), Object.class);
        return holder.flatMap(h -> RecordType.of(h.getClass())
                .component(component.substring(last + 1))
                .map(RecordType.Component::asked));
    }

    private static <T> Optional<T> value(CardSpec spec, Id piece, String component, Class<T> type) {
        Optional<Object> at = spec.piece(piece).map(Object.class::cast);
        for (String name : component.split("\\.")) {
            at = at.flatMap(record -> {
                RecordType recordType = RecordType.of(record.getClass());
                return recordType.component(name).map(field -> recordType.get(record, field));
            });
        }
        return at.filter(type::isInstance).map(type::cast);
    }
}
