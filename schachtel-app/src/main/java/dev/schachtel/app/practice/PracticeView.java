package dev.schachtel.app.practice;

import java.util.List;
import java.util.Optional;

import dev.schachtel.app.structure.StructureView;

/** What the Practice page shows. Texts that end in Html are safe. */
public record PracticeView(
        long number,
        String maker,
        String card,
        String view,
        List<Tab> views,
        StructureView.Drawings drawings,
        Optional<StructureView.Player> player,
        List<Choice> pieces,
        Optional<Facts> facts,
        List<Choice> outcomes,
        Optional<Told> told,
        Progress progress) {
    /** Something to choose. */
    public record Choice(String value, String label, boolean selected) {}

    /** A view of the card. */
    public record Tab(String word, String label, boolean selected) {}

    /** What is planned of a piece. */
    public record Facts(String title, List<Fact> lines) {}

    /** One size, choice or material. */
    public record Fact(String label, String value) {}

    /**
     * What it was.
     *
     * @param right whether it was seen, and where it is and what comes of it, each by itself
     * @param back when it comes again
     */
    public record Told(
            boolean right,
            boolean place,
            boolean outcome,
            String headline,
            String reasonHtml,
            String changed,
            List<String> remediesHtml,
            String back) {}

    /** How far a maker has come. */
    public record Progress(String says, List<Known> known) {}

    /** A kind of mistake that was looked for: how many times running it was seen, of those that make it known. */
    public record Known(String label, int row, boolean known, String due) {}
}
