package dev.schachtel.core.model;

/** A value that can't be taken: where in the card, and why in words; what is quoted too long is cut in its middle. */
public final class RefusedException extends RuntimeException {
    private static final long serialVersionUID = 1;
    private static final int LONG = 400;
    private static final int KEPT = 160;
    private final String path;
    private final String reason;

    public RefusedException(String path, String reason) {
        super(brief(path) + ": " + brief(reason));
        this.path = brief(path);
        this.reason = brief(reason);
    }

    private static String brief(String text) {
        return text.length() <= LONG ? text : text.substring(0, KEPT) + " … " + text.substring(text.length() - KEPT);
    }

    /** As in {@code features[0].overlap}. */
    public String path() {
        return path;
    }

    public String reason() {
        return reason;
    }
}
