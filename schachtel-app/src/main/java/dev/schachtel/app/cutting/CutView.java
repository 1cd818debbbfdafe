package dev.schachtel.app.cutting;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;

/** What the Cut station shows. Texts that end in Html are safe HTML. */
public record CutView(
        Frame frame, List<Material> materials, List<Row> rows, String total, int cards, boolean complete) {
    /** One material: its sheets as drawings, and the proof in a sentence. */
    public record Material(String name, List<Picture> sheets, String proof, String stock, boolean short0) {}

    /** One sheet, or several that are cut alike. */
    public record Picture(int number, String svg, String caption, int alike) {}

    /** One line of the cut list. */
    public record Row(
            String letter,
            String name,
            String sizeHtml,
            String material,
            int count,
            int perCard,
            String method,
            String grain) {}
}
