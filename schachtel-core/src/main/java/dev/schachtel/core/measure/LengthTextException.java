package dev.schachtel.core.measure;

/** A text which is no length: what was typed, where reading stopped (from 0), and why in words. */
public final class LengthTextException extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final String typed;
    private final int position;

    public LengthTextException(String typed, int position, String reason) {
        super("'" + typed + "' " + reason);
        this.typed = typed;
        this.position = position;
    }

    public String typed() {
        return typed;
    }

    public int position() {
        return position;
    }
}
