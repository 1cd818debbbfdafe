package dev.schachtel.core.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;

/** The build plan to print: step by step in black and white, with a box to tick, what to do, and the parts drawn. */
public final class BookletPdf {
    private static final double MARGIN = 16;
    private static final double LINE = 5;
    private static final double PICTURE = 52;
    private static final int WIDEST = 74;

    /**
     * One step in words.
     *
     * @param when when it begins and how long it takes
     */
    public record Page(String title, String when, List<String> orders, List<String> notes, Scene drawing) {}

    private BookletPdf() {}

    public static byte[] write(String title, String summary, List<Page> steps, Units units) {
        return PdfDocument.written(title + ", build plan", units, document -> {
            try (PdfPaper paper = new PdfPaper(document, MARGIN, LINE)) {
                paper.heading(16, title);
                paper.line(11, summary);
                paper.line(10, "Follow your tools' makers' instructions and local rules.");
                for (Page step : steps) {
                    step(paper, step);
                }
            }
        });
    }

    private static void step(PdfPaper paper, Page step) throws IOException {
        List<String> lines = new ArrayList<>();
        step.orders().forEach(o -> lines.addAll(broken(o)));
        step.notes().forEach(n -> lines.addAll(broken("! " + n)));
        paper.room(Math.max(PICTURE, LINE * (lines.size() + 3)) + 4);
        double top = paper.y();
        paper.heading(12, "[  ]  " + step.title());
        paper.line(9, step.when());
        for (String line : lines) {
            paper.line(10, line);
        }
        picture(paper, step, top);
        paper.goTo(Math.min(paper.y(), top - PICTURE) - 4);
    }

    /** Lines that leave room for the drawing. */
    private static List<String> broken(String words) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.split(" ")) {
            if (line.length() + word.length() + 1 > WIDEST) {
                lines.add(line.toString());
                line = new StringBuilder("   ");
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** In the upper right corner of the step, as large as fits there. */
    private static void picture(PdfPaper paper, Page step, double top) throws IOException {
        Box box = step.drawing().extent();
        double room = 44;
        double scale =
                Math.min(0.5, Math.min(room / Math.max(1, box.width()), (PICTURE - 6) / Math.max(1, box.height())));
        double left = paper.width() - MARGIN - room - box.left() * scale;
        double foot = top - 6 - box.height() * scale - box.bottom() * scale;
        paper.figure("What is done: " + step.title(), step.drawing(), new PdfInk.Shift(left, foot), scale);
    }
}
