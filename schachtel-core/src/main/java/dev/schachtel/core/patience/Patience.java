package dev.schachtel.core.patience;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.function.Supplier;

import org.jspecify.annotations.Nullable;

/**
 * How much processor time one piece of work may take, for what comes from outside: a small file can ask for endless work.
 * Whatever is repeated often asks whether there is patience left; without a limit that costs nearly nothing.
 */
public final class Patience {
    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    /** The clock is read once in so many questions. */
    private static final int SELDOM = 32;

    private static final ThreadLocal<@Nullable Patience> NOW = new ThreadLocal<>();

    private final long until;
    private int asked;

    private Patience(Duration limit) {
        this.until = THREADS.getCurrentThreadCpuTime() + limit.toNanos();
    }

    /** Ends the work from wherever it is; nobody else may take it for a refusal of what they tried. */
    private static final class Lost extends RuntimeException {
        private static final long serialVersionUID = 1;

        Lost() {
            super("no patience left", null, false, false);
        }
    }

    /**
     * Does work within a limit of processor time of this thread; what runs beside it isn't counted.
     *
     * @throws PatienceLostException if it takes longer
     */
    public static <T> T within(Duration limit, Supplier<T> work) {
        Patience before = NOW.get();
        NOW.set(new Patience(limit));
        try {
            return work.get();
        } catch (Lost e) {
            throw new PatienceLostException(limit);
        } finally {
            NOW.set(before);
        }
    }

    /** Goes on if there is patience left, else ends the work. */
    public static void check() {
        Patience now = NOW.get();
        if (now != null && ++now.asked % SELDOM == 0 && THREADS.getCurrentThreadCpuTime() > now.until) {
            throw new Lost();
        }
    }
}
