package dev.schachtel.app.supplies;

import java.util.List;

/** What the Stock page shows. Texts that end in Html are safe HTML. */
public record StockView(
        List<Line> sheets,
        List<Line> offcuts,
        List<Line> rolls,
        List<Line> dies,
        List<Input> tools,
        List<Choice> sheetMaterials,
        List<Choice> rollMaterials,
        List<Choice> cards,
        List<String> shopping,
        String about) {
    /**
     * One kind of sheet or one roll.
     *
     * @param taken what the chosen card takes of it, in words; empty if nothing
     */
    public record Line(String id, String name, String sizeHtml, String colour, String taken, List<Input> inputs) {}

    /** One value that can be changed. */
    public record Input(String id, String component, String label, String value, String unit) {
        public String domId() {
            return "f-" + id + "-" + component;
        }
    }

    /** One thing to choose. */
    public record Choice(String value, String label, boolean selected) {}
}
