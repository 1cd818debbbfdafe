package dev.schachtel.core.files;

import java.util.function.BiFunction;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What people wrote, changed where it stands in a document ({@link dev.schachtel.core.model.Texts} does the same in records): a log of
 * a hundred thousand states is gone through in minutes less when no records are made of them.
 */
final class DocumentTexts {
    private final BiFunction<String, Integer, String> change;
    private boolean changed;

    private DocumentTexts(BiFunction<String, Integer, String> change) {
        this.change = change;
    }

    /**
     * Changes the texts of a record, or of one of a sealed family, and says whether any is another now. Code ({@link Asked#coded}) is
     * no text.
     *
     * @param change from a text, and the most letters that may stand there, to what stands there instead
     * @throws RefusedException if the document isn't one of such a record
     */
    static boolean change(JsonNode node, Class<?> type, BiFunction<String, Integer, String> change) {
        DocumentTexts texts = new DocumentTexts(change);
        texts.record(node, type, "$");
        return texts.changed;
    }

    private void record(JsonNode node, Class<?> type, String path) {
        if (!(node instanceof ObjectNode object)) {
            throw new RefusedException(path, "must be an object in braces");
        }
        RecordType record = RecordType.of(type.isSealed() ? RecordCodec.kind(node, type, path) : type);
        RecordCodec.refuseUnknown(node, record, type.isSealed(), path);
        for (RecordType.Component component : record.components()) {
            JsonNode value = node.get(component.name());
            if (value != null && !value.isNull()) {
                component(object, component, value);
            }
        }
    }

    private void component(ObjectNode of, RecordType.Component component, JsonNode value) {
        if (component.isList()) {
            value.forEach(each -> record(each, component.content(), component.name()));
        } else if (!Scalars.isScalar(component.content())) {
            record(value, component.content(), component.name());
        } else if (value.isContainer()) {
            throw new RefusedException(component.name(), "must be a text, a number or true or false");
        } else if (component.content() == String.class
                && value.isString()
                && !component.asked().coded()) {
            String text = value.stringValue();
            String now = change.apply(text, Scalars.longest(component.asked()));
            if (!now.equals(text)) {
                of.put(component.name(), now);
                changed = true;
            }
        }
    }
}
