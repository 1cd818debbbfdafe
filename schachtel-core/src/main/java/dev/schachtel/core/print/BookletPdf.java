package dev.schachtel.core.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;

/** The build plan to print: step by step in black and white, with a box to tick, what to do, and the parts drawn. */
public final class BookletPdf {
    private static final double POINT = SheetPdf.POINT;
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

    private final PDRectangle size;

    private BookletPdf(Units units) {
        this.size = units == Units.INCH ? PDRectangle.LETTER : PDRectangle.A4;
    }

    public static byte[] write(String title, String summary, List<Page> steps, Units units) {
        return new BookletPdf(units).write(title, summary, steps);
    }

    private byte[] write(String title, String summary, List<Page> steps) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument();
                PdfPaper paper = new PdfPaper(document, PdfFont.of(document), size, MARGIN, LINE)) {
            document.getDocumentInformation().setTitle(title + ", build plan");
            paper.heading(16, title);
            paper.line(11, summary);
            paper.line(10, "Follow your tools' makers' instructions and local rules.");
            for (Page step : steps) {
                step(paper, step);
            }
            paper.close();
            document.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private void step(PdfPaper paper, Page step) throws IOException {
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
        picture(paper, step.drawing(), top);
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
    private void picture(PdfPaper paper, Scene scene, double top) throws IOException {
        Box box = scene.extent();
        double room = 44;
        double scale =
                Math.min(0.5, Math.min(room / Math.max(1, box.width()), (PICTURE - 6) / Math.max(1, box.height())));
        double left = size.getWidth() / POINT - MARGIN - room - box.left() * scale;
        double foot = top - 6 - box.height() * scale - box.bottom() * scale;
        new PdfInk(paper.ink(), new PdfInk.Shift(left, foot), scale).draw(scene);
    }
}
