package dev.schachtel.app.structure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.springframework.stereotype.Component;

import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Carrier;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.Opens;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Treatment;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.Scalars;

/** Input fields from what a record asks for; no kind of piece is known here. */
@Component
public class FieldForms {
    /** Words for choices whose own name says too little. */
    private static final Map<String, String> WORDS = words(
            "side", "at the left (opens like a book)",
            "top", "at the top (stands like a tent)",
            "strips", "straight strips",
            "mitred-strips", "mitred strips",
            "bent-strip", "one bent strip",
            "one-piece", "one piece",
            "inch", "inches",
            "mm", "millimetres",
            "this", "this layer only",
            "below", "this and the one below");

    private static Map<String, String> words(String... pairs) {
        Map<String, String> words = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            words.put(pairs[i], pairs[i + 1]);
        }
        return Map.copyOf(words);
    }

    private static final int MANY = 12;
    private static final int LONGEST_SHOWN = 4000;
    private final Workshops workshops;

    FieldForms(Workshops workshops) {
        this.workshops = workshops;
    }

    /** The fields of a record that belongs to this id: a piece, or the brief. */
    public List<Field> of(CardSpec spec, Id id, Object record) {
        List<Field> fields = new ArrayList<>();
        collect(spec, id.value(), record, "", fields);
        return fields.size() <= MANY ? fields : sorted(fields);
    }

    /** Where there are many, materials and all shapes but the first wait behind the others. */
    private static List<Field> sorted(List<Field> fields) {
        String first = fields.stream()
                .filter(Field::reshapes)
                .map(Field::component)
                .findFirst()
                .orElse("");
        List<Field> all = new ArrayList<>();
        List<Field> minor = new ArrayList<>();
        for (Field f : fields) {
            boolean inner = f.component().contains(".") || f.reshapes();
            boolean own = f.component().equals(first) || f.component().startsWith(first + ".");
            boolean material =
                    f.type().equals("choice") && !f.reshapes() && !f.component().equals("on");
            if (inner && !own || material) {
                minor.add(f.waiting());
            } else {
                all.add(f);
            }
        }
        all.addAll(minor);
        return all;
    }

    private void collect(CardSpec spec, String piece, Object record, String stem, List<Field> fields) {
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            Object value = recordType.get(record, component);
            String path = stem + component.name();
            if (component.isFamily()) {
                fields.add(family(piece, path, component, value));
                collect(spec, piece, value, path + ".", fields);
            } else if (!component.asked().value().isEmpty() && Scalars.isScalar(component.content())) {
                fields.add(scalar(spec, piece, path, component, value));
            }
        }
    }

    private static Field family(String piece, String path, RecordType.Component component, Object value) {
        List<Field.Option> options = RecordType.kinds(component.content()).stream()
                .map(k -> new Field.Option(RecordType.word(k), RecordType.title(k), k == value.getClass()))
                .toList();
        return new Field(piece, path, component.asked().value(), "choice", "", "", options, true, false);
    }

    private Field scalar(CardSpec spec, String piece, String path, RecordType.Component component, Object value) {
        Class<?> type = component.content();
        String text = Scalars.write(value, spec.units());
        String label = component.asked().value();
        if (value instanceof Length length) {
            return new Field(
                    piece,
                    path,
                    label,
                    "length",
                    spec.units().edit(length),
                    spec.units().sign(),
                    List.of(),
                    false,
                    false);
        } else if (type == int.class) {
            return new Field(piece, path, label, "whole", text, "", List.of(), false, false);
        } else if (type == boolean.class) {
            return new Field(
                    piece,
                    path,
                    label,
                    "choice",
                    text,
                    "",
                    List.of(
                            new Field.Option("true", "yes", text.equals("true")),
                            new Field.Option("false", "no", text.equals("false"))),
                    false,
                    false);
        } else if (type == LocalDate.class || type == Colour.class) {
            String sort = type == LocalDate.class ? "date" : "colour";
            return new Field(piece, path, label, sort, text, "", List.of(), false, false);
        } else if (type == String.class) {
            boolean tooLong = text.length() > LONGEST_SHOWN;
            String shown = tooLong ? text.length() + " letters, read from a file" : text;
            return new Field(piece, path, label, tooLong ? "note" : "text", shown, "", List.of(), false, false);
        }
        return new Field(piece, path, label, "choice", text, "", options(spec, component, text), false, false);
    }

    private List<Field.Option> options(CardSpec spec, RecordType.Component component, String now) {
        List<Field.Option> options = new ArrayList<>();
        if (component.content().isEnum()) {
            Arrays.stream(component.content().getEnumConstants())
                    .map(c -> Scalars.kebab(((Enum<?>) c).name()))
                    .forEach(w -> options.add(
                            new Field.Option(w, WORDS.getOrDefault(w, w.replace('-', ' ')), w.equals(now))));
        } else if (component.content() == MaterialId.class) {
            Choices.of(workshops.now(), component.asked().from())
                    .forEach(c -> options.add(new Field.Option(
                            c.id().value(), c.name(), c.id().value().equals(now))));
        } else {
            references(spec, component.asked().from())
                    .forEach(id -> options.add(new Field.Option(
                            id.value(),
                            id.equals(Id.BASE) ? "of the card" : name(id),
                            id.value().equals(now))));
        }
        if (component.isOptional()) {
            options.add(0, new Field.Option("", component.asked().none(), now.isEmpty()));
        }
        if (options.stream().noneMatch(Field.Option::selected)) {
            options.add(0, new Field.Option(now, now + " (missing)", true));
        }
        return options;
    }

    /** The dies of the register, by name. */
    List<Field.Option> dies() {
        return workshops.now().dies().stream()
                .map(d -> new Field.Option(d.id().value(), d.name(), false))
                .toList();
    }

    private static List<Id> references(CardSpec spec, Asked.Choice choice) {
        if (choice == Asked.Choice.FOLD) {
            return spec.folds();
        }
        List<Id> ids = new ArrayList<>();
        Class<?> sort = choice == Asked.Choice.WINDOW
                ? Opens.class
                : choice == Asked.Choice.LAYER
                        ? Layer.class
                        : choice == Asked.Choice.WORK
                                ? Treatment.class
                                : choice == Asked.Choice.PIECE ? Piece.class : Carrier.class;
        if (choice == Asked.Choice.GROUND || choice == Asked.Choice.SIDE || choice == Asked.Choice.PIECE) {
            ids.addAll(spec.grounds());
        }
        if (choice == Asked.Choice.SIDE) {
            ids.addAll(spec.reverses());
        }
        spec.pieces()
                .filter(sort::isInstance)
                .filter(p -> choice != Asked.Choice.PIECE || !(p instanceof Base) && !(p instanceof Treatment))
                .map(Piece::id)
                .forEach(ids::add);
        return ids;
    }

    /** An id as a maker reads it: "window-2" becomes "window 2". */
    static String name(Id id) {
        return id.words().toLowerCase(Locale.ROOT);
    }
}
