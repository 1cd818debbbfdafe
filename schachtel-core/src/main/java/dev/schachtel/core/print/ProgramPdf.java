package dev.schachtel.core.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.Laid;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.cutting.TrimmerProgram;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Mm;

/** The trimmer program to print: a page a material, its sheets drawn at 1 : 5 with their letters, then the settings. */
public final class ProgramPdf {
    private static final double SCALE = 0.2;
    private static final double MARGIN = 14;
    private static final double LINE = 4.6;
    private final CutPlan plan;
    private final Workshop workshop;
    private final Units units;

    private ProgramPdf(CutPlan plan, Workshop workshop, Units units) {
        this.plan = plan;
        this.workshop = workshop;
        this.units = units;
    }

    public static byte[] write(String title, CutPlan plan, Workshop workshop, Units units) {
        ProgramPdf program = new ProgramPdf(plan, workshop, units);
        return PdfDocument.written(title + ", trimmer program", units, document -> program.write(title, document));
    }

    private void write(String title, PdfDocument document) throws IOException {
        int first = 1;
        for (MaterialPlan material : plan.materials()) {
            if (!material.sheets().isEmpty()) {
                try (PdfPaper paper = new PdfPaper(document, MARGIN, LINE)) {
                    material(paper, title, material, first);
                }
            }
            first += material.sheets().size();
        }
    }

    private void material(PdfPaper paper, String title, MaterialPlan material, int first) throws IOException {
        paper.heading(13, title + ": " + material.material().name());
        paper.line(
                10,
                material.taken() + " sheets" + (material.provedLeast() ? ", none can do with fewer" : "")
                        + ". Fingers clear of the blade; follow the tool maker's instructions.");
        paper.down(LINE);
        pictures(paper, material, first);
        for (TrimmerProgram.Setting setting :
                TrimmerProgram.of(material.sheets(), first).settings()) {
            paper.heading(11, "Stop at " + units.show(setting.stop()) + " " + units.sign() + set(setting.stop()));
            for (TrimmerProgram.Stroke s : setting.strokes()) {
                paper.line(
                        10,
                        "    [ ]  sheet " + numbers(s.sheets()) + ": piece "
                                + units.show(s.inHand().width()) + " x "
                                + units.show(s.inHand().height()) + ", "
                                + (s.upright() ? "left" : "lower") + " edge to the stop: " + freed(s.first()) + " | "
                                + freed(s.second()));
            }
        }
    }

    /** Where it is really set, if the trimmer is known to cut too long or too short. */
    private String set(Length stop) {
        Length set = workshop.stop(stop);
        return set.equals(stop) ? "" : ": set it at " + Units.tenths(set) + " mm";
    }

    private static String numbers(List<Integer> n) {
        return n.size() == 1 ? "" + n.get(0) : n.get(0) + (n.size() == 2 ? " and " : " to ") + n.get(n.size() - 1);
    }

    private String freed(TrimmerProgram.Yield y) {
        return switch (y.what()) {
            case BLANK -> y.letter();
            case REST -> "rest";
            case ON ->
                units.show(y.rect().width()) + " x " + units.show(y.rect().height());
        };
    }

    private void pictures(PdfPaper paper, MaterialPlan material, int first) throws IOException {
        Map<List<Object>, Integer> alike = new LinkedHashMap<>();
        List<SheetPlan> shown = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        for (int i = 0; i < material.sheets().size(); i++) {
            SheetPlan s = material.sheets().get(i);
            if (alike.putIfAbsent(List.of(s.sheet().id(), s.root()), i) == null) {
                shown.add(s);
                numbers.add(first + i);
            }
        }
        double x = MARGIN;
        double row = 0;
        for (int i = 0; i < shown.size(); i++) {
            double w = Mm.of(shown.get(i).sheet().width()) * SCALE;
            double h = Mm.of(shown.get(i).sheet().height()) * SCALE;
            if (x + w > paper.width() - MARGIN) {
                paper.down(row + 8);
                x = MARGIN;
                row = 0;
            }
            paper.room(h + 8);
            picture(paper, shown.get(i), "Sheet " + numbers.get(i) + " with what is cut from it", x);
            paper.text(8, x, paper.y() - h - 4, "from sheet " + numbers.get(i));
            x += w + 6;
            row = Math.max(row, h);
        }
        paper.down(row + 10);
    }

    private void picture(PdfPaper paper, SheetPlan sheet, String words, double x) throws IOException {
        double foot = paper.y() - Mm.of(sheet.sheet().height()) * SCALE;
        paper.figure(words, SheetView.of(sheet), new PdfInk.Shift(x, foot), SCALE);
        for (Laid laid : sheet.laid()) {
            double cx = Mm.of(laid.x()) + Mm.of(laid.width()) / 2;
            double cy = Mm.of(laid.y()) + Mm.of(laid.height()) / 2;
            String letter = laid.blank().demand().letter();
            paper.text(7, x + cx * SCALE - 1, foot + cy * SCALE - 1, letter);
        }
    }
}
