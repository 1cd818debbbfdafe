package dev.schachtel.core.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.measure.Units;

/** A card to lie beside the pens: which pen next, and what it goes over, for all pictures of all cards. */
public final class RecipePdf {
    private static final double MARGIN = 18;
    private static final double LINE = 5.2;
    private static final String[] TONES = {"dark", "middle", "light"};

    private RecipePdf() {}

    public static byte[] pdf(String title, Build build, Units units) {
        int cards = build.spec().brief().cards();
        return PdfDocument.written(title + ", recipe", units, document -> {
            try (PdfPaper paper = new PdfPaper(document, MARGIN, LINE)) {
                paper.heading(15, title + ", pen after pen");
                paper.line(
                        10,
                        "One pen on all pictures of " + (cards == 1 ? "the card" : cards + " cards")
                                + ", then the next.");
                int number = 1;
                for (Inking inking : build.inkings()) {
                    pen(paper, inking, number++, lines(build, inking), cards);
                }
            }
        });
    }

    private static void pen(PdfPaper paper, Inking inking, int number, List<String> lines, int cards)
            throws IOException {
        paper.room(LINE * (lines.size() + 2));
        paper.down(LINE / 2);
        double area = inking.area().squareMillimetres() / 100 * cards;
        paper.heading(
                12, number + "  " + inking.shade().name() + String.format(Locale.ROOT, ", %.0f cm2", Math.ceil(area)));
        for (String line : lines) {
            paper.line(10, line);
        }
        if (inking.overWet()) {
            paper.line(10, "Wait 60 seconds before the next pen.");
        }
    }

    /** What a pen goes over: each area with its tone, and on how many copies. */
    private static List<String> lines(Build build, Inking inking) {
        Map<String, Integer> copies = new LinkedHashMap<>();
        for (Coloured c : build.coloured()) {
            int tones = c.recipe().tones().size();
            for (int i : c.strokes()) {
                if (c.recipe().tones().get(i).shade().equals(inking.shade())) {
                    String tone = tones == 1 ? "all" : tones == 2 && i == 1 ? TONES[2] : TONES[i];
                    int here = build.part(c.part()).map(p -> p.perCard()).orElse(1);
                    copies.merge(c.picture() + ", " + c.region() + ": " + tone, here, Integer::sum);
                }
            }
        }
        List<String> lines = new ArrayList<>();
        copies.forEach((what, many) -> lines.add(what + (many > 1 ? ", " + many + " times" : "")));
        if (lines.isEmpty()) {
            lines.add("A veil over all shadows.");
        }
        return lines;
    }
}
