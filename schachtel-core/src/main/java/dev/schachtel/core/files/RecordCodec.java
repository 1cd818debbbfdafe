package dev.schachtel.core.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * JSON to annotated records and back. Records of a sealed family carry their kind in "kind". Lengths are texts with
 * their unit; whole numbers and truth values are JSON's own.
 */
public final class RecordCodec {
    static final String KIND = "kind";
    /** Entries of one list that a document may have. */
    public static final int LONGEST_LIST = 1000;

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private final Units units;

    RecordCodec(Units units) {
        this.units = units;
    }

    /**
     * Reads a record, or one of a sealed family.
     *
     * @throws RefusedException with the path of the first thing that is wrong
     */
    Object read(JsonNode node, Class<?> type, String path) {
        if (!node.isObject()) {
            throw new RefusedException(path, "must be an object in braces");
        }
        Class<?> record = type.isSealed() ? kind(node, type, path) : type;
        RecordType recordType = RecordType.of(record);
        refuseUnknown(node, recordType, type.isSealed(), path);
        List<Object> values = new ArrayList<>();
        for (RecordType.Component component : recordType.components()) {
            values.add(value(node.get(component.name()), component, path + "." + component.name()));
        }
        return recordType.make(values, path);
    }

    static Class<?> kind(JsonNode node, Class<?> family, String path) {
        JsonNode kind = node.get(KIND);
        List<Class<?>> kinds = RecordType.kinds(family);
        if (kind == null && kinds.size() == 1) {
            return kinds.get(0);
        }
        String known = kinds.stream().map(RecordType::word).collect(Collectors.joining(", "));
        if (kind == null || !kind.isString()) {
            throw new RefusedException(path + "." + KIND, "is missing; known are " + known);
        }
        return RecordType.kind(family, kind.stringValue())
                .orElseThrow(() -> new RefusedException(
                        path + "." + KIND,
                        "'" + Scalars.shorten(kind.stringValue()) + "' is unknown; known are " + known));
    }

    static void refuseUnknown(JsonNode node, RecordType recordType, boolean family, String path) {
        for (String name : node.propertyNames()) {
            if (recordType.component(name).isEmpty() && !(family && name.equals(KIND))) {
                throw new RefusedException(
                        path + "." + Scalars.shorten(name),
                        "is unknown here; known are " + String.join(", ", known(recordType, family)));
            }
        }
    }

    private static Set<String> known(RecordType recordType, boolean family) {
        Set<String> known = new TreeSet<>();
        recordType.components().forEach(c -> known.add(c.name()));
        if (family) {
            known.add(KIND);
        }
        return known;
    }

    private Object value(JsonNode node, RecordType.Component component, String path) {
        if (node == null || node.isNull()) {
            return missing(component, path);
        }
        if (component.isList()) {
            return list(node, component, path);
        }
        if (Scalars.isScalar(component.content())) {
            return Scalars.read(component, scalar(node, component, path), units, path);
        }
        return read(node, component.content(), path);
    }

    private Object missing(RecordType.Component component, String path) {
        if (component.isOptional()) {
            return Optional.empty();
        } else if (component.isList()) {
            return List.of();
        } else if (component.hasDefault() && Scalars.isScalar(component.content())) {
            return Scalars.read(component, component.asked().initial(), units, path);
        }
        return component
                .plainKind()
                .map(kind -> RecordType.of(kind).make(List.of(), path))
                .orElseThrow(() -> new RefusedException(path, "is missing"));
    }

    private List<Object> list(JsonNode node, RecordType.Component component, String path) {
        if (!node.isArray()) {
            throw new RefusedException(path, "must be a list in square brackets");
        }
        if (node.size() > LONGEST_LIST) {
            throw new RefusedException(path, "has " + node.size() + " entries; " + LONGEST_LIST + " at most");
        }
        List<Object> all = new ArrayList<>();
        for (JsonNode each : node) {
            all.add(read(each, component.content(), path + "[" + all.size() + "]"));
        }
        return all;
    }

    private static String scalar(JsonNode node, RecordType.Component component, String path) {
        Class<?> type = component.content();
        if (type == int.class) {
            if (!node.isIntegralNumber()) {
                throw new RefusedException(path, "must be a whole number");
            }
            return node.asString();
        }
        if (type == boolean.class) {
            if (!node.isBoolean()) {
                throw new RefusedException(path, "must be true or false");
            }
            return node.asString();
        }
        if (!node.isString()) {
            throw new RefusedException(path, "must be a text in quotes");
        }
        return node.stringValue();
    }

    /** Writes a record; a member of a family starts with its kind. */
    ObjectNode write(Object record, boolean family) {
        ObjectNode node = NODES.objectNode();
        if (family) {
            node.put(KIND, RecordType.word(record.getClass()));
        }
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            put(node, component, recordType.get(record, component));
        }
        return node;
    }

    private void put(ObjectNode node, RecordType.Component component, Object value) {
        if (value instanceof Optional<?> optional && optional.isEmpty()) {
            return;
        }
        if (value instanceof List<?> list) {
            ArrayNode all = node.putArray(component.name());
            list.forEach(each -> all.add(write(each, component.content().isSealed())));
        } else if (value instanceof Integer number) {
            node.put(component.name(), number);
        } else if (value instanceof Boolean truth) {
            node.put(component.name(), truth);
        } else if (Scalars.isScalar(component.content())) {
            node.put(component.name(), Scalars.write(value, units));
        } else {
            node.set(component.name(), write(value, component.content().isSealed()));
        }
    }
}
