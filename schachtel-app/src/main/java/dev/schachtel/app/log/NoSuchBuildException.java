package dev.schachtel.app.log;

/** There is no build under this number in the log, or none any more. */
public final class NoSuchBuildException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public NoSuchBuildException(long id) {
        super("no build " + id);
    }
}
