package dev.schachtel.core.patience;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;
import java.util.function.Supplier;

import org.jspecify.annotations.Nullable;

/**
 * How much work something may take: a small file from outside can ask for endless work, and a search must end. Work is
 * counted in steps where it is done, never in time, so that the same question ends in the same way on every machine. A step
 * is about as much as asking for one point of an outline whether it lies in another one: a microsecond on a usual machine.
 */
public final class Patience {
    /** What a card from outside may take to plan; the dearest of the demo takes a third of it. */
    public static final long FOR_STRANGERS = 1_000_000;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    /** Ends work whose steps are counted far too low, by refusing it; so long that no work of a sensible count takes it. */
    private static final Duration LONGEST = Duration.ofSeconds(60);
    /** The clock is read once in so many steps. */
    private static final int SELDOM = 1 << 16;

    private static final ThreadLocal<@Nullable Patience> NOW = new ThreadLocal<>();

    private final @Nullable Patience outer;
    private final Patience limiting;
    private final long most;
    private final long until;
    private long taken;
    private long nextLook = SELDOM;

    private Patience(@Nullable Patience outer, long asked) {
        this.outer = outer;
        long room = outer == null ? Long.MAX_VALUE : outer.most - outer.taken;
        this.most = Math.min(asked, room);
        this.limiting = outer == null || asked <= room ? this : outer.limiting;
        this.until = THREADS.getCurrentThreadCpuTime() + LONGEST.toNanos();
    }

    /** Ends the work from wherever it is; nobody else may take it for a refusal of what they tried. */
    private static final class Lost extends RuntimeException {
        private static final long serialVersionUID = 1;
        private final transient Patience by;

        Lost(Patience by) {
            super("no patience left", null, false, false);
            this.by = by;
        }
    }

    /** What was worked out, and how many steps that took. */
    public record Worked<T>(T value, long steps) {}

    /**
     * Does work of so many steps at most in this thread.
     *
     * @throws PatienceLostException if it takes more
     */
    public static <T> T within(long steps, Supplier<T> work) {
        return counted(steps, work).value;
    }

    /** Does work without a limit of its own, and counts its steps. */
    public static <T> Worked<T> counted(Supplier<T> work) {
        return counted(Long.MAX_VALUE, work);
    }

    private static <T> Worked<T> counted(long steps, Supplier<T> work) {
        Patience own = new Patience(NOW.get(), steps);
        NOW.set(own);
        try {
            return new Worked<>(work.get(), own.taken);
        } catch (Lost e) {
            if (e.by == own) {
                throw new PatienceLostException(steps);
            }
            throw e;
        } finally {
            NOW.set(own.outer);
            if (own.outer != null) {
                own.outer.taken += own.taken;
            }
        }
    }

    /** Counts so many steps; ends the work if it takes more than it may. */
    public static void take(long steps) {
        Patience now = NOW.get();
        if (now != null) {
            now.count(steps);
        }
    }

    /** Whoever takes any exception for a mistake of ours lets the end of patience pass. */
    public static void goOn(Throwable e) {
        if (e instanceof Lost lost) {
            throw lost;
        }
    }

    private void count(long steps) {
        taken += steps;
        if (taken > most) {
            throw new Lost(limiting);
        }
        if (taken >= nextLook && most < Long.MAX_VALUE) {
            nextLook = taken + SELDOM;
            if (THREADS.getCurrentThreadCpuTime() > until) {
                throw new Lost(limiting);
            }
        }
    }
}
