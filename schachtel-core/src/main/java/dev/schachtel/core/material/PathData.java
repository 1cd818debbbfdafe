package dev.schachtel.core.material;

import java.util.Locale;
import java.util.regex.Pattern;

/** SVG path data, up to 400 000 letters: what path data has and nothing else. */
public record PathData(String text) {
    private static final int LONGEST = 400_000;
    private static final Pattern NUMBER = Pattern.compile("-?[0-9]*\\.?[0-9]+");

    public PathData {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("is longer than " + LONGEST + " letters");
        }
        if (!text.chars().allMatch(c -> c < 128 && (Character.isLetterOrDigit(c) || " ,.-+".indexOf(c) >= 0))) {
            throw new IllegalArgumentException("holds characters that path data does not have");
        }
    }

    /** The same drawing so many times as large; for data of straight lines only, as pictures have it. */
    PathData times(double factor) {
        return new PathData(NUMBER.matcher(text)
                .replaceAll(m -> String.format(Locale.ROOT, "%.3f", Double.parseDouble(m.group()) * factor)
                        .replaceAll("\\.?0+$", "")));
    }

    @Override
    public String toString() {
        return text;
    }
}
