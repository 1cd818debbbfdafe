package dev.schachtel.core.print;

import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.measure.Units;

/** A build on one page: the card, how long each step was planned and took, what went wrong, who got it, what was said. */
public final class LogPdf {
    private static final double MARGIN = 16;
    private static final double LINE = 4.8;
    private static final double PICTURE = 62;
    private static final int LONGEST = 96;
    private static final int STEPS = 14;
    private static final int DRAWN = 10;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private LogPdf() {}

    /**
     * One page.
     *
     * @param card as it was built, if that is known
     * @param called what a kind of work is called
     */
    public static byte[] write(LogEntry entry, Optional<Build> card, Units units, UnaryOperator<String> called) {
        return PdfDocument.written(entry.name() + ", a build", units, document -> {
            try (PdfPaper paper = new PdfPaper(document, MARGIN, LINE)) {
                page(paper, entry, card, called);
            }
        });
    }

    private static void page(PdfPaper paper, LogEntry entry, Optional<Build> card, UnaryOperator<String> called)
            throws IOException {
        paper.heading(16, entry.name());
        paper.line(
                11,
                "Finished on " + DAY.format(entry.day()) + ", " + cards(entry.made())
                        + (entry.spoiled() == 0 ? "" : ", " + entry.spoiled() + " spoiled"));
        paper.line(
                11,
                "Handwork: " + time(entry.taken())
                        + (entry.planned() == 0 ? "" : ", " + time(entry.planned()) + " planned"));
        paper.down(LINE / 2);
        if (card.isPresent()) {
            picture(paper, card.get());
        }
        list(paper, "Who got it", given(entry));
        list(paper, "What went wrong", wrong(entry, called));
        list(paper, "About it", wrapped(entry.words()));
        list(paper, "What took longest", longest(entry, called));
        list(paper, "What it took of the stock", stock(entry));
    }

    private static void picture(PdfPaper paper, Build build) throws IOException {
        double wide = build.face().bounds().width();
        double high = build.face().bounds().height();
        double scale = Math.min(1, Math.min(PICTURE / high, 2 * PICTURE / wide));
        double foot = paper.y() - high * scale - 2;
        paper.figure("The front of the card", Views.face(build), new PdfInk.Shift(MARGIN, foot), scale);
        paper.goTo(foot - LINE);
    }

    private static void list(PdfPaper paper, String title, List<String> lines) throws IOException {
        if (!lines.isEmpty()) {
            paper.heading(12, title);
            for (String line : lines) {
                paper.line(10, line);
            }
            paper.down(LINE / 2);
        }
    }

    private static List<String> given(LogEntry entry) {
        List<String> lines = new ArrayList<>();
        for (LogEntry.Given g : entry.given()) {
            lines.add(g.who() + ": " + cards(g.cards())
                    + (g.occasion().isBlank() ? "" : ", " + g.occasion())
                    + g.day().map(d -> ", " + DAY.format(d)).orElse("")
                    + (g.posted() ? ", posted" : ""));
        }
        if (!lines.isEmpty() && entry.kept() > 0) {
            lines.add("Kept: " + cards(entry.kept()));
        }
        return lines;
    }

    private static List<String> wrong(LogEntry entry, UnaryOperator<String> called) {
        List<String> lines = new ArrayList<>();
        for (LogEntry.Wrong w : entry.mishaps()) {
            lines.addAll(wrapped((w.card() == 0 ? "" : "Card " + w.card() + ", ")
                    + (w.work().isBlank() ? "" : called.apply(w.work()).toLowerCase(Locale.ROOT) + ": ")
                    + w.words()
                    + (w.rescue().isBlank() ? "" : " What helped: " + w.rescue())));
        }
        return lines;
    }

    private static List<String> longest(LogEntry entry, UnaryOperator<String> called) {
        return entry.steps().stream()
                .sorted((a, b) -> b.taken() - a.taken())
                .limit(STEPS)
                .map(s -> called.apply(s.work()) + ": " + time(s.taken()) + ", " + time(s.planned()) + " planned"
                        + (s.maker().isBlank() ? "" : ", " + s.maker()))
                .toList();
    }

    private static List<String> stock(LogEntry entry) {
        return entry.stock().stream()
                .limit(DRAWN)
                .map(d -> d.name() + ": " + amount(d.of(), d.amount())
                        + (d.taken() >= 0 && d.taken() != d.planned()
                                ? ", " + amount(d.of(), d.planned()) + " planned"
                                : ""))
                .toList();
    }

    private static String amount(Take.Of of, int amount) {
        return switch (of) {
            case SHEETS -> amount == 1 ? "1 sheet" : amount + " sheets";
            case OFFCUTS -> amount + " from the offcut box";
            case BACK -> amount + " into the offcut box";
            case MILLIMETRES -> String.format(Locale.ROOT, "%.2f m", amount / 1000.0);
            case THOUSANDTHS -> String.format(Locale.ROOT, "%.1f %% of a full one", amount / 10.0);
            case PIECES -> amount == 1 ? "1 piece" : amount + " pieces";
        };
    }

    private static List<String> wrapped(String words) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words.strip().split("\\s+")) {
            if (line.length() + word.length() > LONGEST && !line.isEmpty()) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        if (!line.toString().isBlank()) {
            lines.add(line.toString());
        }
        return lines;
    }

    private static String cards(int cards) {
        return cards == 1 ? "1 card" : cards + " cards";
    }

    private static String time(int seconds) {
        long minutes = Math.round(seconds / 60.0);
        return minutes == 0 ? seconds + " s" : minutes < 60 ? minutes + " min" : minutes / 60 + " h " + minutes % 60;
    }
}
