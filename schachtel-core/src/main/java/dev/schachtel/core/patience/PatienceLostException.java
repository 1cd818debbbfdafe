package dev.schachtel.core.patience;

import java.util.Locale;

/** Work took more steps than it may. */
public final class PatienceLostException extends RuntimeException {
    private static final long serialVersionUID = 1;

    PatienceLostException(long steps) {
        super(String.format(Locale.ROOT, "takes more than %,d steps of work", steps));
    }
}
