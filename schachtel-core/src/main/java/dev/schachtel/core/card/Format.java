package dev.schachtel.core.card;

import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;

/** A usual finished size. Sizes are not standardised: a format is a place to start, not a rule. Handbook chapter 2. */
public record Format(String id, String name, Length width, Length height, Units units) {
    public static final List<Format> USUAL = List.of(
            inch("slim", "slim", "3 1/2", "8 1/2"),
            inch("slim-border", "slim with border", "3 3/4", "8 3/4"),
            inch("mini-slim", "mini slim", "3 1/2", "6 1/4"),
            inch("quarter", "quarter sheet", "4 1/4", "5 1/2"),
            inch("five-seven", "5 × 7", "5", "7"),
            mm("a6", "A6", "105", "148.5"),
            mm("dl", "long DL", "99", "210"),
            mm("a5", "A5", "148.5", "210"),
            inch("square-6", "square 6", "6", "6"),
            inch("square-8", "square 8", "8", "8"));

    private static Format inch(String id, String name, String width, String height) {
        return new Format(
                id, name, LengthText.parse(width, Units.INCH), LengthText.parse(height, Units.INCH), Units.INCH);
    }

    private static Format mm(String id, String name, String width, String height) {
        return new Format(id, name, LengthText.parse(width, Units.MM), LengthText.parse(height, Units.MM), Units.MM);
    }

    /** The envelope's id in the workshop that usually goes with it. */
    public String envelope() {
        return switch (id) {
            case "slim", "slim-border", "mini-slim" -> "long";
            case "quarter" -> "quarter";
            case "five-seven" -> "five-by-seven";
            case "a6" -> "c6";
            case "dl" -> "dl";
            case "a5" -> "c5";
            case "square-6" -> "square-6";
            default -> "square-8";
        };
    }
}
