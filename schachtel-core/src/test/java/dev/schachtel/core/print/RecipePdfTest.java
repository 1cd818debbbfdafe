package dev.schachtel.core.print;

import java.io.IOException;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.measure.Units;

import static org.assertj.core.api.Assertions.assertThat;

/** The card beside the pens names every pen in its order, and every area that is coloured. */
class RecipePdfTest {
    @Test
    void allPensInTheirOrder() throws IOException {
        Build build = TestCards.whole("turntable.json").build();
        String text;
        try (PDDocument pdf = Loader.loadPDF(RecipePdf.pdf("Turntable", build, Units.MM))) {
            text = new PDFTextStripper().getText(pdf);
        }
        List<String> pens =
                build.inkings().stream().map(Inking::shade).map(s -> s.name()).toList();
        int from = 0;
        for (int i = 0; i < pens.size(); i++) {
            int at = text.indexOf((i + 1) + "  " + pens.get(i), from);
            assertThat(at).as(pens.get(i)).isGreaterThanOrEqualTo(from);
            from = at + 1;
        }
        assertThat(text).contains("A veil over all shadows.");
        build.coloured().stream()
                .filter(c -> !c.isBare() && !c.strokes().isEmpty())
                .forEach(c -> assertThat(text).contains(c.picture() + ", " + c.region() + ":"));
    }
}
