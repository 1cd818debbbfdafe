package dev.schachtel.core.model;

/** A value that can't be taken: where in the card, and why in words. */
public final class RefusedException extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String path;
    private final String reason;

    public RefusedException(String path, String reason) {
        super(path + ": " + reason);
        this.path = path;
        this.reason = reason;
    }

    /** As in {@code features[0].overlap}. */
    public String path() {
        return path;
    }

    public String reason() {
        return reason;
    }
}
