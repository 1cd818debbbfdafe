package dev.schachtel.app.build;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;

/** What the Build station shows. Texts that end in Html are safe HTML. */
public record BuildView(Frame frame, Sums sums, String bandSvg, List<Line> steps, Open open, List<Need> needs) {
    /** How long it takes, in words. */
    public record Sums(
            String cards, String total, String hands, String drying, String waiting, String inARow, boolean dries) {}

    /** One step in the list. */
    public record Line(
            int number, String titleHtml, List<String> letters, int more, boolean care, long minutes, boolean open) {}

    /** The step that is shown in full. */
    public record Open(
            int number,
            String titleHtml,
            String when,
            List<String> letters,
            List<String> ordersHtml,
            String drawingSvg,
            String reason,
            List<String> cautions,
            List<Other> waitsFor,
            List<Other> frees) {}

    /** Another step. */
    public record Other(int number, String titleHtml) {}

    /** A tool and the steps that need it. */
    public record Need(String tool, String steps) {}
}
