package dev.schachtel.app.structure;

import java.util.List;

/**
 * One input field of a piece.
 *
 * @param component dotted name within the piece, as edits and sources call it
 * @param type length, whole, choice, text, colour or date
 * @param minor whether it may wait behind "more" where there are many: materials, and the insides of further shapes
 * @param reshapes whether a change brings other fields with it
 */
public record Field(
        String piece,
        String component,
        String label,
        String type,
        String value,
        String unit,
        List<Option> options,
        boolean reshapes,
        boolean minor) {
    /** One thing to choose. */
    public record Option(String value, String label, boolean selected) {}

    Field waiting() {
        return new Field(piece, component, label, type, value, unit, options, reshapes, true);
    }

    public String domId() {
        return "f-" + piece + "-" + component.replace('.', '-');
    }

    public String source() {
        return piece + ":" + component;
    }

    public boolean offers(String choice) {
        return options.stream().anyMatch(o -> o.value().equals(choice));
    }

    public boolean steps() {
        return type.equals("length") || type.equals("whole");
    }
}
