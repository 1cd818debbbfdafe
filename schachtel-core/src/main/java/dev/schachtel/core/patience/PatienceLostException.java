package dev.schachtel.core.patience;

import java.time.Duration;

/** Work took more processor time than it may. */
public final class PatienceLostException extends RuntimeException {
    private static final long serialVersionUID = 1;

    PatienceLostException(Duration limit) {
        super("takes more than " + limit.toMillis() / 1000.0 + " seconds of work");
    }
}
