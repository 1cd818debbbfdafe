package dev.schachtel.core.card;

/** Names one piece of a card within its file: small letters, digits and hyphens, 1 to 40, a letter first. */
public record Id(String value) implements Comparable<Id> {
    public static final String PATTERN = "[a-z][a-z0-9-]{0,39}";
    /** The base itself. */
    public static final Id BASE = new Id("base");
    /** The outer front face of the base. */
    public static final Id FRONT = new Id("front");
    /** The face that is written on: inside, on the back leaf. */
    public static final Id INSIDE = new Id("inside");

    /** The outside of the back. */
    public static final Id OUTSIDE_BACK = new Id("outside-back");
    /** The inside of the front, at the left of an opened card. */
    public static final Id INSIDE_LEFT = new Id("inside-left");
    /** The inside of the front, at the top of a card that opens upwards. */
    public static final Id INSIDE_TOP = new Id("inside-top");

    public Id {
        if (!value.matches(PATTERN)) {
            throw new IllegalArgumentException("'" + value + "' is no id; small letters, digits and hyphens only");
        }
    }

    /** As a maker reads it: "window-2" is "window 2". */
    public String words() {
        return value.replace('-', ' ');
    }

    @Override
    public int compareTo(Id other) {
        return value.compareTo(other.value);
    }

    @Override
    public String toString() {
        return value;
    }
}
