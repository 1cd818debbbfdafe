package dev.schachtel.app.practice;

/**
 * What the page "Guess sizes" shows. Texts that end in Html, and the drawing, are safe.
 *
 * @param wholeHtml how large the card's front is
 * @param said what was guessed; empty before
 * @param truthHtml how large it is
 * @param bias how the maker guesses as a rule
 */
public record SizeView(
        long number,
        String maker,
        String card,
        String unit,
        String svg,
        String wholeHtml,
        String said,
        String truthHtml,
        String verdict,
        String bias) {}
