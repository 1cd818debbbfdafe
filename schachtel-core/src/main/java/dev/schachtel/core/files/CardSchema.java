package dev.schachtel.core.files;

import java.time.LocalDate;
import java.util.Arrays;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Kind;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.Scalars;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The card file's JSON Schema (draft 2020-12), made from the annotated records, so that it can't fall behind. */
public final class CardSchema {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private final ObjectNode definitions = NODES.objectNode();

    CardSchema() {}

    ObjectNode definitions() {
        return definitions;
    }

    public static String write() {
        CardSchema schema = new CardSchema();
        ObjectNode root = NODES.objectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        root.put("title", "Schachtel card file");
        root.put("description", "One layered card. Lengths are texts with a unit: \"3 1/2 in\", \"105 mm\".");
        ObjectNode card = schema.record(CardSpec.class, false);
        ((ObjectNode) card.get("properties"))
                .putObject(CardFile.MARK)
                .put("const", CardFile.VERSION)
                .put("description", "Version of the card file");
        ((ArrayNode) card.get("required")).insert(0, CardFile.MARK);
        root.setAll(card);
        root.set("$defs", schema.definitions);
        return Json.write(root);
    }

    private ObjectNode record(Class<?> type, boolean family) {
        ObjectNode node = NODES.objectNode();
        Kind kind = type.getAnnotation(Kind.class);
        if (kind != null && !kind.about().isEmpty()) {
            node.put("description", kind.about());
        }
        node.put("type", "object");
        node.put("additionalProperties", false);
        ObjectNode properties = node.putObject("properties");
        ArrayNode required = node.putArray("required");
        if (family) {
            properties.putObject(RecordCodec.KIND).put("const", RecordType.word(type));
            required.add(RecordCodec.KIND);
        }
        for (RecordType.Component component : RecordType.of(type).components()) {
            properties.set(component.name(), property(component));
            boolean left = component.hasDefault() && (Scalars.isScalar(component.content()) || component.isList())
                    || component.plainKind().isPresent();
            if (!left) {
                required.add(component.name());
            }
        }
        return node;
    }

    private ObjectNode property(RecordType.Component component) {
        ObjectNode node;
        if (component.isList()) {
            node = NODES.objectNode().put("type", "array");
            node.set("items", reference(component.content()));
        } else if (Scalars.isScalar(component.content())) {
            node = scalar(component);
        } else {
            node = reference(component.content());
        }
        if (!component.asked().value().isEmpty()) {
            node.put("title", component.asked().value());
        }
        return node;
    }

    ObjectNode reference(Class<?> type) {
        String name = type.getSimpleName();
        if (!definitions.has(name)) {
            definitions.set(name, NODES.objectNode());
            if (type.isSealed()) {
                ObjectNode family = NODES.objectNode();
                ArrayNode one = family.putArray("oneOf");
                RecordType.kinds(type).forEach(k -> one.add(record(k, true)));
                definitions.set(name, family);
            } else {
                definitions.set(name, record(type, false));
            }
        }
        return NODES.objectNode().put("$ref", "#/$defs/" + name);
    }

    private static ObjectNode scalar(RecordType.Component component) {
        Class<?> type = component.content();
        ObjectNode node = NODES.objectNode();
        if (type == int.class) {
            node.put("type", "integer");
            node.put(
                    "minimum",
                    component.asked().min().isEmpty()
                            ? 0
                            : Integer.parseInt(component.asked().min()));
            if (!component.asked().max().isEmpty()) {
                node.put("maximum", Integer.parseInt(component.asked().max()));
            }
        } else if (type == boolean.class) {
            node.put("type", "boolean");
        } else if (type.isEnum()) {
            ArrayNode words = node.putArray("enum");
            Arrays.stream(type.getEnumConstants()).forEach(c -> words.add(Scalars.kebab(((Enum<?>) c).name())));
        } else {
            node.put("type", "string");
            if (type == Length.class) {
                node.put("description", "A length with its unit: in, mm, cm or m");
                node.put("maxLength", 40);
            } else if (type == Id.class || type == MaterialId.class) {
                node.put("pattern", "^" + Id.PATTERN + "$");
            } else if (type == LocalDate.class) {
                node.put("format", "date");
            } else {
                String most = component.asked().max();
                node.put("maxLength", most.isEmpty() ? 200 : Integer.parseInt(most));
            }
        }
        return node;
    }
}
