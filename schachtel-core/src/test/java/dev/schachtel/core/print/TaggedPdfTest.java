package dev.schachtel.core.print;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

import static org.assertj.core.api.Assertions.assertThat;

/** What a program that reads aloud finds in a document, as another reader tells it. */
class TaggedPdfTest {
    private static final String TITLE = "Ołtarz’s card";
    private final Plan plan =
            Planner.withoutRemedies(TestCards.of("upper-station.json").spec(), TestCards.WORKSHOP);

    @TempDir
    Path dir;

    @Test
    void listsHaveHeadingsAndLinesInOrder() throws Exception {
        String cut = structure(ListPdf.cutList(TITLE, plan.cutting(), Units.MM));
        assertThat(cut).contains("Document", "\"" + TITLE + ", cut list\"");
        int at = 0;
        for (var d : plan.cutting().demands()) {
            assertThat(cut).contains(d.letter() + "  " + d.part().name());
        }
        for (String kind : List.of("H (block)", "P (block)")) {
            assertThat(cut.indexOf(kind)).as(kind).isGreaterThan(at);
            at = cut.indexOf(kind);
        }
        assertThat(structure(ListPdf.shopping(TITLE, plan.cutting(), Units.MM))).contains("shopping list");
    }

    @Test
    void drawingsSayWhatTheyShow() throws Exception {
        String parts = structure(SheetPdf.write(plan.build()));
        long figures = parts.lines().filter(l -> l.contains("Figure")).count();
        assertThat(figures).isGreaterThanOrEqualTo(plan.build().parts().size());
        assertThat(parts).contains("Print at 100 %");
        plan.build().parts().forEach(p -> assertThat(parts).contains(p.name()));
        assertThat(alternates(SheetPdf.write(plan.build())))
                .contains("A ruler of 100 mm")
                .anySatisfy(a -> assertThat(a).startsWith("A  Card base"));
        var page = new BookletPdf.Page(
                "Cut the panel",
                "at once",
                List.of("Cut it."),
                List.of("Mind the blade."),
                SheetView.of(plan.build().parts().get(0), List.of()));
        byte[] booklet = BookletPdf.write(TITLE, "All of it", List.of(page), Units.MM);
        assertThat(structure(booklet)).contains("\"[  ]  Cut the panel\"", "\"! Mind the blade.\"");
        assertThat(alternates(booklet)).containsExactly("What is done: Cut the panel");
        byte[] program = ProgramPdf.write(TITLE, plan.cutting(), plan.workshop(), Units.MM);
        assertThat(structure(program)).contains("Stop at");
        assertThat(alternates(program)).contains("Sheet 1 with what is cut from it");
    }

    private static List<String> alternates(byte[] pdf) throws IOException {
        List<String> all = new ArrayList<>();
        try (PDDocument read = Loader.loadPDF(pdf)) {
            PDStructureElement document = (PDStructureElement)
                    read.getDocumentCatalog().getStructureTreeRoot().getKids().get(0);
            for (Object kid : document.getKids()) {
                String words = ((PDStructureElement) kid).getAlternateDescription();
                if (words != null) {
                    all.add(words);
                }
            }
        }
        return all;
    }

    private String structure(byte[] pdf) throws IOException, InterruptedException {
        Path file = dir.resolve("file.pdf");
        Files.write(file, pdf);
        assertThat(told("pdfinfo", file.toString()))
                .containsPattern("Tagged: +yes")
                .containsPattern("Title: +\\S");
        return told("pdfinfo", "-struct-text", file.toString());
    }

    private static String told(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String out = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(out).isZero();
        assertThat(out).doesNotContain("Syntax Error");
        return out;
    }
}
