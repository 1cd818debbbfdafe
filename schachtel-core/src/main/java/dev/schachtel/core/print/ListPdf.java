package dev.schachtel.core.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** What is cut, by material with boxes to tick, and what has to be bought first; on paper for the bench and the shop. */
public final class ListPdf {
    private static final double MARGIN = 16;
    private static final double LINE = 5.6;
    private static final String TICK = "[ ]  ";

    private final CutPlan plan;
    private final Units units;

    private ListPdf(CutPlan plan, Units units) {
        this.plan = plan;
        this.units = units;
    }

    /** The cut list: every part with its letter, size, how many, and how it is cut. */
    public static byte[] cutList(String title, CutPlan plan, Units units) {
        return document(title + ", cut list", units, new ListPdf(plan, units)::parts);
    }

    /** The shopping list: sheets and rolls that the drawer lacks. */
    public static byte[] shopping(String title, CutPlan plan, Units units) {
        return shopping(title, plan, units, List.of());
    }

    /** The same with more lines of what else is lacking. */
    public static byte[] shopping(String title, CutPlan plan, Units units, List<String> more) {
        ListPdf list = new ListPdf(plan, units);
        return document(title + ", shopping list", units, paper -> list.shopping(paper, more));
    }

    /** Writes the lines of a list. */
    private interface Lines {
        void write(PdfPaper paper) throws IOException;
    }

    private static byte[] document(String title, Units units, Lines lines) {
        return PdfDocument.written(title, units, document -> {
            try (PdfPaper paper = new PdfPaper(document, MARGIN, LINE)) {
                paper.heading(15, title);
                lines.write(paper);
            }
        });
    }

    private void parts(PdfPaper paper) throws IOException {
        Map<String, List<Demand>> materials = new LinkedHashMap<>();
        plan.demands().forEach(d -> materials
                .computeIfAbsent(d.part().material().name(), m -> new ArrayList<>())
                .add(d));
        for (Map.Entry<String, List<Demand>> material : materials.entrySet()) {
            paper.down(LINE / 2);
            paper.heading(12, material.getKey());
            for (Demand d : material.getValue()) {
                paper.line(10, TICK + part(d));
            }
        }
    }

    private String part(Demand d) {
        return d.letter() + "  " + d.part().name() + ": " + d.count() + " of "
                + size(d.part().form().width(), d.part().form().height()) + ", "
                + d.part().method().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private String size(Length width, Length height) {
        return units.show(width) + " × " + units.show(height) + " " + units.sign();
    }

    private void shopping(PdfPaper paper, List<String> more) throws IOException {
        List<String> lines = new ArrayList<>(ShoppingList.of(plan, units));
        lines.addAll(more);
        paper.down(LINE / 2);
        if (lines.isEmpty()) {
            paper.line(11, "Nothing: the drawer holds all that the card takes.");
        }
        for (String line : lines) {
            paper.line(11, TICK + line);
        }
    }
}
