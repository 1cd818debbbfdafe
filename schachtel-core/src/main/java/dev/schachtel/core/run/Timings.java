package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.learning.Pace;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.work.WorkKind;

/**
 * How long the steps of a run took, from when they were begun to when they were done, pauses taken out. What tells nothing is left
 * out: steps that were ticked off without being begun, times of no length or backwards, as when a clock jumps, and steps that were
 * left open: more than {@value #LEFT_OPEN} times as long as planned.
 */
public final class Timings {
    private static final double LEFT_OPEN = 20;
    /** Planned with only when it was timed as often. */
    public static final int OFTEN = 3;

    /** Ticked off faster than this share of the plan: nobody worked on it then. */
    private static final double TICKED_OFF = 0.02;

    /** A step that was timed. */
    public record Timed(RunStep step, String maker, double seconds) {
        /** Against the book, whatever own times the plan was made with; empty for a step that takes no hands. */
        public Optional<Timing> timing() {
            Book book = Book.of(step.kind(), step.hands(), step.setUp());
            return book.whole() > 0
                    ? Optional.of(new Timing(step.kind().id(), book.whole(), seconds, book.setUp()))
                    : Optional.empty();
        }
    }

    /**
     * Seconds of handwork by the book, whatever own times a plan was made with.
     *
     * @param whole with set-up
     */
    record Book(double whole, double setUp) {
        static Book of(WorkKind kind, double hands, double setUp) {
            WorkTime usual = kind.usual();
            double before = scaled(setUp, usual.setUp(), kind.setUp().toSeconds());
            return new Book(
                    before + scaled(hands - setUp, usual.each(), kind.each().toSeconds()), before);
        }

        private static double scaled(double seconds, double usual, double own) {
            return own == 0 ? seconds : seconds * usual / own;
        }
    }

    private record Open(String maker, Instant since) {}

    private final Map<String, RunStep> steps = new HashMap<>();
    private final Map<String, Open> open = new HashMap<>();
    private final Map<String, Double> spent = new HashMap<>();
    private final Map<String, Timed> timed = new LinkedHashMap<>();
    private final Set<String> finished = new HashSet<>();
    /** Steps that are done again for one card, which says nothing of how long all of them take. */
    private final Set<String> again = new HashSet<>();

    private Timings(RunPlan plan) {
        plan.steps().forEach(s -> steps.put(s.key(), s));
    }

    /** In the order in which they were done. */
    public static List<Timed> of(RunPlan plan, List<RunEvent> events) {
        Timings timings = new Timings(plan);
        events.forEach(timings::hear);
        return new ArrayList<>(timings.timed.values());
    }

    /**
     * Times to plan with: those of the book for what was timed at least {@value #OFTEN} times, by the maker's pace; else those that
     * hold now.
     */
    public static List<WorkTime> own(Pace pace, List<WorkTime> now) {
        Map<String, WorkTime> times = new LinkedHashMap<>();
        now.forEach(t -> times.put(t.work(), t));
        for (WorkKind kind : WorkKind.all()) {
            Pace.Known known = pace.of(kind.id());
            if (known.count() >= OFTEN) {
                WorkTime usual = kind.usual();
                int setUp = (int) Math.round(usual.setUp() * known.median() * known.setUp());
                int each = (int) Math.round(usual.each() * known.median());
                times.put(kind.id(), new WorkTime(kind.id(), setUp, each));
            }
        }
        return List.copyOf(times.values());
    }

    private void hear(RunEvent e) {
        switch (e.kind()) {
            case BEGUN -> {
                leave(e.maker());
                open.put(e.step(), new Open(e.maker(), e.at()));
            }
            case PAUSED -> List.copyOf(open.keySet()).forEach(step -> close(step, e.at()));
            case DONE -> {
                if (open.containsKey(e.step())) {
                    close(e.step(), e.at());
                }
                done(e);
            }
            case UNDONE -> {
                open.remove(e.step());
                spent.remove(e.step());
                timed.remove(e.step());
                finished.remove(e.step());
            }
            case WRONG -> {
                open.remove(e.step());
                spent.remove(e.step());
                if (finished.contains(e.step())) {
                    again.add(e.step());
                }
            }
            default -> {
                // Ticks and resuming tell no time.
            }
        }
    }

    /** Who takes up something else has left what was begun; nobody knows when. */
    private void leave(String maker) {
        open.values().removeIf(o -> o.maker.equals(maker));
    }

    private void close(String step, Instant at) {
        Open o = open.remove(step);
        if (o != null) {
            spent.merge(step, Duration.between(o.since, at).toMillis() / 1000.0, Double::sum);
        }
    }

    private void done(RunEvent e) {
        RunStep step = steps.get(e.step());
        Double seconds = spent.remove(e.step());
        finished.add(e.step());
        if (step != null
                && !again.contains(e.step())
                && seconds != null
                && step.hands() > 0
                && seconds > TICKED_OFF * step.hands()
                && seconds < LEFT_OPEN * step.hands()) {
            timed.put(e.step(), new Timed(step, e.maker(), seconds));
        }
    }
}
