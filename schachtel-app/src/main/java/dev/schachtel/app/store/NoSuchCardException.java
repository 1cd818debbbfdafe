package dev.schachtel.app.store;

/** There is no card, or no revision of it, under this number. */
public final class NoSuchCardException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NoSuchCardException(long id) {
        super("no card " + id);
    }
}
