package dev.schachtel.core.print;

/** Texts of others in lines for spreadsheets. */
final class CsvText {
    private CsvText() {}

    /** A text that a spreadsheet would take for a formula, or that looks as if it had been made safe, gets an apostrophe before it. */
    static String safe(String text) {
        return text.matches("(?s)[=+@\\-\t\r'].*") ? "'" + text : text;
    }

    /** What {@link #safe} was made of. */
    static String plain(String safe) {
        return safe.matches("(?s)'[=+@\\-\t\r'].*") ? safe.substring(1) : safe;
    }
}
