package dev.schachtel.app.cutting;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;

/** What the Cut station shows. Texts that end in Html are safe HTML. */
public record CutView(
        Frame frame,
        List<Material> materials,
        Program program,
        List<Row> rows,
        List<RollLine> rolls,
        List<Roller> roller,
        Sum sum,
        Seek seek,
        List<Other> others) {
    /** One material: its sheets as drawings, and the proof in a sentence. */
    public record Material(String name, List<Picture> sheets, String proof, String stock, boolean short0) {}

    /** One sheet, or several that are cut alike. */
    public record Picture(String file, String number, String svg, String caption, int alike) {}

    /** The trimmer program; open is the stroke that is looked at, 0 for none. */
    public record Program(List<Setting> settings, int strokes, int open, String openSvg, OpenStroke stroke) {}

    /** The stop at one place and the strokes made there. */
    public record Setting(String stopHtml, int share, String material, List<Stroke> strokes) {}

    /** One stroke in the list, or several alike in a row. */
    public record Stroke(int number, String numbers, String sheets, String frees, boolean done, boolean open) {}

    /** The stroke that is looked at, in words. */
    public record OpenStroke(String titleHtml, List<String> ordersHtml, String caution) {}

    /** One line of the cut list. */
    public record Row(
            String letter,
            String part,
            String owner,
            String name,
            String sizeHtml,
            String material,
            int count,
            String method,
            List<Option> methods,
            List<Option> from,
            String grain,
            Middle middle) {}

    /**
     * Whether a part has a covered middle worth cutting out, and whether that is used.
     *
     * @param own spares that were asked for of this part alone
     * @param spares all of its spares
     */
    public record Middle(boolean there, boolean used, int own, int spares) {}

    /** How a part goes through the roller machine: what is laid on it each time, and how often in all. */
    public record Roller(String letter, String name, List<String> turns, String passes) {}

    /** One thing to choose. */
    public record Option(String value, String label, boolean selected) {}

    /** What comes off the rolls. */
    public record RollLine(String name, String needed, List<String> uses, String missing) {}

    /** The plan in one line. */
    public record Sum(String cards, String sheets, String waste, String cost, String program) {}

    /** How far the search is; on while the page still looks by itself. */
    public record Seek(boolean proved, boolean whole, boolean on, int spent, String words) {}

    /** The plan if the maker went about it another way; take is the answer to whether middles are used, if it can be taken. */
    public record Other(
            String name, String sheets, String waste, String cost, String settings, boolean now, String take) {}
}
