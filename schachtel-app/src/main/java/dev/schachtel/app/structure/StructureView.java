package dev.schachtel.app.structure;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;

/** Everything that the Structure page shows. Texts that end in Html are safe HTML. */
public record StructureView(
        Frame frame,
        String select,
        String view,
        Selected selected,
        List<Line> sizes,
        List<Line> leansOn,
        List<Found> findings,
        List<Addable> addable,
        Drawings drawings,
        String thickness) {
    /** The selected piece. */
    public record Selected(String title, String kind, List<String> letters, List<Field> fields, boolean removable) {}

    /** One line of the ledger. */
    public record Line(String name, String resultHtml, String ofHtml) {}

    /** One finding in words. */
    public record Found(
            String key, String severity, String word, String html, String select, boolean placed, List<Way> ways) {}

    /** A remedy: which one of its finding, and what its verb says. */
    public record Way(int index, String html) {}

    /** A piece that can be added. */
    public record Addable(String kind, String title, String about) {}

    /** SVG from the engineered card. */
    public record Drawings(String stackSvg, String mainSvg, String besideSvg, String besideTitle, boolean lying) {}
}
