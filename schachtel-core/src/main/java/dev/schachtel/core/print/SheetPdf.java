package dev.schachtel.core.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/**
 * Every part at 1:1, low ones together on a page, with a checking ruler of 100 mm and the words to print at 100 %; sheets
 * likewise. Pages are A4, or
 * letter for a card in inches; a larger part is tiled over several, with corner marks and 10 mm of overlap.
 */
public final class SheetPdf {
    /** PDF units in one millimetre. */
    static final double POINT = 72 / 25.4;

    private static final double MARGIN = 12;
    private static final double FOOT = 26;
    private static final double OVERLAP = 10;
    /** Parts up to this high, in mm, share a page. */
    private static final double LOW = 30;
    /** Room for the words under a part that shares a page. */
    private static final double WORDS = 9;

    private static final double GAP = 6;

    /** Size of words in a drawing, in points. */
    private static final int NOTE = 8;

    /** Longest name that fits beside the ruler, in letters. */
    private static final int NAME = 48;

    private final PdfDocument document;
    private final String title;

    private SheetPdf(PdfDocument document, String title) {
        this.document = document;
        this.title =
                title.length() <= NAME ? title : title.substring(0, NAME - 1).strip() + "…";
    }

    /** What is drawn on pages of its own: a scene in millimetres with the line under it. */
    private record Piece(Scene scene, String head, List<Note> notes) {
        Piece(Scene scene, String head) {
            this(scene, head, List.of());
        }
    }

    /** Words in a drawing, their middle there, in its millimetres. */
    public record Note(Point at, String words) {}

    /** Every part of a card. */
    public static byte[] write(Build build) {
        Map<PartId, String> letters = build.letters();
        Units units = build.spec().units();
        List<Piece> pieces = build.parts().stream()
                .map(p -> new Piece(SheetView.of(p, build.folds()), head(p, letters, units)))
                .toList();
        return written(build.spec().name() + ", parts at 1:1", units, pieces);
    }

    /** Every sheet of a cut plan with what is cut from it. */
    public static byte[] sheets(String title, CutPlan plan, Units units) {
        List<Piece> pieces = new ArrayList<>();
        for (SheetPlan sheet : plan.numbered()) {
            pieces.add(new Piece(SheetView.of(sheet), "Sheet " + (pieces.size() + 1)));
        }
        return written(title + ", sheets at 1:1", units, pieces);
    }

    /** One drawing at 1:1 with words in it, on as many pages as it takes. */
    public static byte[] drawing(String title, Units units, Scene scene, List<Note> notes) {
        return written(title, units, List.of(new Piece(scene, title, List.copyOf(notes))));
    }

    private static byte[] written(String title, Units units, List<Piece> pieces) {
        return PdfDocument.written(title, units, document -> new SheetPdf(document, title).all(pieces));
    }

    private void all(List<Piece> pieces) throws IOException {
        List<Piece> low = pieces.stream().filter(this::sharesAPage).toList();
        for (Piece piece : pieces) {
            if (low.size() < 2 || !low.contains(piece)) {
                page(piece);
            }
        }
        if (low.size() > 1) {
            shared(low);
        }
    }

    private boolean sharesAPage(Piece piece) {
        Box box = piece.scene.extent();
        return box.height() <= LOW
                && (box.width() + 2 * MARGIN) * POINT <= document.usual().getWidth();
    }

    /** One under the other from the top, as many as a page holds. */
    private void shared(List<Piece> low) throws IOException {
        PDRectangle size = document.usual();
        double top = size.getHeight() / POINT - MARGIN;
        int at = 0;
        while (at < low.size()) {
            try (PdfDocument.Side side = document.side(size)) {
                double y = top;
                while (at < low.size() && y - low.get(at).scene.extent().height() - WORDS >= FOOT) {
                    Piece piece = low.get(at++);
                    Box box = piece.scene.extent();
                    y -= box.height();
                    PdfInk.Shift shift = new PdfInk.Shift(MARGIN - box.left(), y - box.bottom());
                    side.figure(piece.head, () -> new PdfInk(side.ink(), shift).draw(piece.scene));
                    side.text(9, MARGIN, y - 4.5, piece.head);
                    y -= WORDS + GAP;
                }
                side.text(9, MARGIN, 15, PRINT);
                foot(side);
            }
        }
    }

    private void page(Piece piece) throws IOException {
        Box box = piece.scene.extent();
        PDRectangle usual = document.usual();
        PDRectangle lying = new PDRectangle(usual.getHeight(), usual.getWidth());
        PDRectangle size = fits(box, usual) || !fits(box, lying) && box.height() >= box.width() ? usual : lying;
        double wide = size.getWidth() / POINT - 2 * MARGIN;
        double high = size.getHeight() / POINT - MARGIN - FOOT;
        int columns = tiles(box.width(), wide);
        int rows = tiles(box.height(), high);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                Tile tile = new Tile(column, row, columns, rows);
                double left = columns == 1 ? (wide - box.width()) / 2 : -column * (wide - OVERLAP);
                double foot = rows == 1 ? high - box.height() : -row * (high - OVERLAP);
                tile(piece, size, tile, new PdfInk.Shift(MARGIN + left - box.left(), FOOT + foot - box.bottom()));
            }
        }
    }

    /** One page of a part that may take several. */
    private record Tile(int column, int row, int columns, int rows) {
        boolean isAll() {
            return columns * rows == 1;
        }
    }

    private static boolean fits(Box box, PDRectangle page) {
        return (box.width() + 2 * MARGIN) * POINT <= page.getWidth()
                && (box.height() + MARGIN + FOOT) * POINT <= page.getHeight();
    }

    /** Pages needed for a length, neighbours overlapping. */
    private static int tiles(double length, double page) {
        return length <= page ? 1 : (int) Math.ceil((length - OVERLAP) / (page - OVERLAP));
    }

    private void tile(Piece piece, PDRectangle size, Tile tile, PdfInk.Shift shift) throws IOException {
        try (PdfDocument.Side side = document.side(size)) {
            PDPageContentStream ink = side.ink();
            float left = (float) (MARGIN * POINT);
            float foot = (float) (FOOT * POINT);
            float wide = size.getWidth() - 2 * left;
            float high = size.getHeight() - left - foot;
            ink.saveGraphicsState();
            if (!tile.isAll()) {
                ink.addRect(left, foot, wide, high);
                ink.clip();
            }
            side.figure(piece.head, () -> new PdfInk(ink, shift).draw(piece.scene));
            ink.restoreGraphicsState();
            notes(side, piece, size, shift);
            if (!tile.isAll()) {
                side.aside(() -> marks(ink, left, foot, wide, high));
            }
            side.text(9, MARGIN, 20, piece.head);
            side.text(9, MARGIN, 15, tile.isAll() ? PRINT : PRINT + " " + where(tile));
            foot(side);
        }
    }

    /** A ruler to check the size with, and whose card it is: pages get mixed up on a table. */
    private void foot(PdfDocument.Side side) throws IOException {
        ruler(side);
        side.text(7, MARGIN + 112, 4.5, title);
    }

    private static void notes(PdfDocument.Side side, Piece piece, PDRectangle size, PdfInk.Shift shift)
            throws IOException {
        Box page = new Box(MARGIN, FOOT, size.getWidth() / POINT - MARGIN, size.getHeight() / POINT - MARGIN);
        for (Note note : piece.notes) {
            Point at = note.at.plus(shift.left(), shift.foot());
            if (page.holds(at)) {
                side.text(
                        NOTE,
                        at.x() - 0.25 * NOTE / POINT * note.words.length(),
                        at.y() - 0.35 * NOTE / POINT,
                        note.words);
            }
        }
    }

    private static String where(Tile t) {
        return "Page " + (t.column + 1) + " of " + t.columns + " across, " + (t.row + 1) + " of " + t.rows
                + " up: neighbours overlap by 10 mm, corner marks on each other.";
    }

    /** Corner marks where neighbouring pages are laid on each other. */
    private static void marks(PDPageContentStream ink, float left, float foot, float wide, float high)
            throws IOException {
        float over = (float) (OVERLAP * POINT);
        ink.setLineWidth(0.5f);
        for (float x : new float[] {left, left + over, left + wide - over, left + wide}) {
            for (float y : new float[] {foot, foot + over, foot + high - over, foot + high}) {
                ink.moveTo(x - 6, y);
                ink.lineTo(x + 6, y);
                ink.moveTo(x, y - 6);
                ink.lineTo(x, y + 6);
            }
        }
        ink.stroke();
    }

    private static final String PRINT = "Print at 100 %, never \"fit to page\". Check: the ruler below is 100 mm long.";

    private static String head(Part part, Map<PartId, String> letters, Units units) {
        return letters.getOrDefault(part.id(), "") + "  " + part.name() + ", "
                + units.show(part.form().width()) + " x "
                + units.show(part.form().height()) + " " + units.sign()
                + ", " + part.material().name() + ", " + part.perCard() + " for each card";
    }

    private static void ruler(PdfDocument.Side side) throws IOException {
        side.figure("A ruler of 100 mm", () -> {
            PDPageContentStream ink = side.ink();
            ink.setLineWidth(0.5f);
            for (int mm = 0; mm <= 100; mm += 5) {
                double x = MARGIN + mm;
                ink.moveTo((float) (x * POINT), (float) (8 * POINT));
                ink.lineTo((float) (x * POINT), (float) ((mm % 10 == 0 ? 11 : 9.5) * POINT));
            }
            ink.moveTo((float) (MARGIN * POINT), (float) (8 * POINT));
            ink.lineTo((float) ((MARGIN + 100) * POINT), (float) (8 * POINT));
            ink.stroke();
        });
        for (int mm : List.of(0, 50, 100)) {
            side.text(7, MARGIN + mm - (mm == 0 ? 0 : 2), 4.5, mm + (mm == 100 ? " mm" : ""));
        }
    }
}
