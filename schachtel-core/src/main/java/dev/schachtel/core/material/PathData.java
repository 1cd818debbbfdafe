package dev.schachtel.core.material;

/** SVG path data, up to 400 000 letters: what path data has and nothing else. */
public record PathData(String text) {
    private static final int LONGEST = 400_000;

    public PathData {
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException("is longer than " + LONGEST + " letters");
        }
        if (!text.chars().allMatch(c -> c < 128 && (Character.isLetterOrDigit(c) || " ,.-+".indexOf(c) >= 0))) {
            throw new IllegalArgumentException("holds characters that path data does not have");
        }
    }

    @Override
    public String toString() {
        return text;
    }
}
