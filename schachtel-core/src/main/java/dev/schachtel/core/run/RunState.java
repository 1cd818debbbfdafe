package dev.schachtel.core.run;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.Tool;

/** A run after its events. Immutable to the outside; made anew from all events each time. */
public final class RunState {
    private final RunPlan plan;
    private final Map<String, RunStep> steps = new LinkedHashMap<>();
    private final Map<String, Mark> done = new LinkedHashMap<>();
    private final Map<String, Mark> doing = new LinkedHashMap<>();
    private final Set<String> ticked = new HashSet<>();
    private final List<RunEvent> mishaps = new ArrayList<>();
    private final Set<String> known = new HashSet<>();
    private boolean paused;
    private boolean ended;

    /** Who and when. */
    public record Mark(String maker, Instant at) {}

    /** Something that dries, until when, and the step that waits for it first. */
    public record Timer(RunStep step, Instant since, Instant until, Optional<RunStep> then) {}

    private RunState(RunPlan plan) {
        this.plan = plan;
        plan.steps().forEach(s -> steps.put(s.key(), s));
    }

    /** Events in the order in which they were stored; one whose id was there before, or that can't be, changes nothing. */
    public static RunState of(RunPlan plan, List<RunEvent> events) {
        RunState state = new RunState(plan);
        events.forEach(state::take);
        return state;
    }

    private void take(RunEvent e) {
        if (!known.add(e.id())) {
            return;
        }
        switch (e.kind()) {
            case BEGUN -> {
                doing.values().removeIf(m -> m.maker().equals(e.maker()));
                doing.put(e.step(), new Mark(e.maker(), e.at()));
            }
            case DONE -> {
                doing.remove(e.step());
                done.putIfAbsent(e.step(), new Mark(e.maker(), e.at()));
            }
            case UNDONE -> done.remove(e.step());
            case WRONG -> {
                mishaps.add(e);
                doing.remove(e.step());
                new Mishap(plan, steps, done.keySet()).add(e, spareTaken(e));
                planAgain(e.at());
            }
            case TICKED -> ticked.add(e.step());
            case PAUSED -> {
                paused = true;
                doing.clear();
            }
            case ENDED -> {
                ended = true;
                paused = false;
                doing.clear();
            }
            default -> {
                paused = false;
                ended = false;
            }
        }
    }

    /** What is left in the order that is done soonest from here on, what is under way first. */
    private void planAgain(Instant at) {
        Map<String, RunStep> before = new LinkedHashMap<>(steps);
        List<String> order = new ArrayList<>(doing.keySet());
        order.addAll(new Forecast(this).order(at));
        steps.clear();
        before.forEach((key, step) -> {
            if (done.containsKey(key)) {
                steps.put(key, step);
            }
        });
        order.forEach(key -> steps.put(key, before.get(key)));
    }

    /** Pairs of hands: as planned, or as many as are at something now. */
    int makers() {
        long busy = doing.values().stream().map(Mark::maker).distinct().count();
        return (int) Math.max(plan.makers(), busy);
    }

    /** Whether a spare was left of the main part when this went wrong. */
    public boolean spareTaken(RunEvent wrong) {
        String part = mainPart(wrong.step());
        long before = mishaps.stream()
                .takeWhile(m -> m != wrong)
                .filter(m -> mainPart(m.step()).equals(part))
                .count();
        return before < plan.sparesOf(part);
    }

    private String mainPart(String step) {
        RunStep s = steps.get(step);
        return s == null || s.parts().isEmpty() ? "" : s.parts().get(0);
    }

    /** All steps, those that mishaps added before the step that waits for them. */
    public List<RunStep> steps() {
        return List.copyOf(steps.values());
    }

    public Optional<RunStep> step(String key) {
        return Optional.ofNullable(steps.get(key));
    }

    public Optional<Mark> done(String key) {
        return Optional.ofNullable(done.get(key));
    }

    public Optional<Mark> doing(String key) {
        return Optional.ofNullable(doing.get(key));
    }

    /** How many cards the run makes. */
    public int cards() {
        return plan.cards();
    }

    public boolean isPaused() {
        return paused;
    }

    public boolean isTicked(Caution caution) {
        return ticked.contains(caution.name());
    }

    public List<RunEvent> mishaps() {
        return List.copyOf(mishaps);
    }

    /** Whether all is done, or it was ended before. */
    public boolean isFinished() {
        return ended || done.keySet().containsAll(steps.keySet());
    }

    /** Whether it was ended with something left to do. */
    public boolean isEndedEarly() {
        return ended && !done.keySet().containsAll(steps.keySet());
    }

    /** Cards that have every step behind them. */
    public int wholeCards() {
        return (int) IntStream.rangeClosed(1, cards())
                .filter(card ->
                        steps.values().stream().filter(s -> s.holds(card)).allMatch(s -> done.containsKey(s.key())))
                .count();
    }

    public int doneCount() {
        return (int) steps.keySet().stream().filter(done::containsKey).count();
    }

    /** When everything that a step waits for is done and dry; empty while something is not done. */
    public Optional<Instant> readyAt(RunStep step) {
        Instant latest = Instant.MIN;
        for (RunStep.Wait wait : step.waits()) {
            Mark mark = done.get(wait.key());
            RunStep before = steps.get(wait.key());
            if (before == null) {
                continue;
            }
            if (mark == null) {
                return Optional.empty();
            }
            Instant free = wait.dry() ? mark.at().plusSeconds(before.rest()) : mark.at();
            latest = free.isAfter(latest) ? free : latest;
        }
        return Optional.of(latest);
    }

    /** Whether it can be begun now: all before it done and dry, nobody at it, its tool free, no other hazard about. */
    public boolean isOpen(RunStep step, Instant now) {
        return !done.containsKey(step.key())
                && !doing.containsKey(step.key())
                && readyAt(step).filter(at -> !at.isAfter(now)).isPresent()
                && clash(step, now).isEmpty();
    }

    /** What keeps tool or hazard away: another step that has the tool, or heat and a solvent that must not meet. */
    private Optional<RunStep> clash(RunStep step, Instant now) {
        return steps.values().stream()
                .filter(other -> !other.key().equals(step.key()))
                .filter(other -> {
                    boolean at = doing.containsKey(other.key());
                    boolean drying = done.containsKey(other.key())
                            && done.get(other.key())
                                    .at()
                                    .plusSeconds(other.rest())
                                    .isAfter(now);
                    Optional<Tool> tool = step.kind().tool();
                    boolean sameTool =
                            at && tool.isPresent() && tool.equals(other.kind().tool());
                    return sameTool || (at || drying) && step.meets(other);
                })
                .findFirst();
    }

    /** What a maker is at, else the first in order that can be begun. */
    public Optional<RunStep> next(String maker, Instant now) {
        return steps.values().stream()
                .filter(s -> doing(s.key()).filter(m -> m.maker().equals(maker)).isPresent())
                .findFirst()
                .or(() -> open(now).stream().findFirst());
    }

    /** All that can be begun now, in the order of the plan. */
    public List<RunStep> open(Instant now) {
        return paused || ended
                ? List.of()
                : steps.values().stream().filter(s -> isOpen(s, now)).toList();
    }

    /** What dries, that which is dry first. */
    public List<Timer> timers(Instant now) {
        return steps.values().stream()
                .filter(s -> s.rest() > 0 && done.containsKey(s.key()))
                .map(s -> {
                    Instant since = done.get(s.key()).at();
                    Optional<RunStep> then = steps.values().stream()
                            .filter(t -> !done.containsKey(t.key()))
                            .filter(t ->
                                    t.waits().stream().anyMatch(w -> w.key().equals(s.key()) && w.dry()))
                            .findFirst();
                    return new Timer(s, since, since.plusSeconds(s.rest()), then);
                })
                .filter(t -> t.until().isAfter(now))
                .sorted(Comparator.comparing(Timer::until))
                .toList();
    }

    /** How many steps a card has behind it, in hundredths of all that it goes through. */
    public int percent(int card) {
        List<RunStep> own = steps.values().stream().filter(s -> s.holds(card)).toList();
        long behind = own.stream().filter(s -> done.containsKey(s.key())).count();
        return own.isEmpty() ? 100 : (int) (100 * behind / own.size());
    }

    /** Whether a card waits for something that is made again. */
    public boolean isAside(int card) {
        return mishaps.stream()
                .filter(m -> m.card() == card)
                .flatMap(m -> step(m.step()).stream())
                .map(s -> steps.getOrDefault(Mishap.own(s, card), s))
                .anyMatch(s -> !done.containsKey(s.key()));
    }

    /** Handwork and drying still to come, one after the other where nothing can run beside it. */
    public Duration left(Instant now) {
        return new Forecast(this).left(now);
    }

    /** Cautions of a step that must be ticked and are not yet. */
    public List<Caution> toTick(Set<Caution> cautions) {
        return cautions.stream()
                .filter(c -> c.isTicked() && !isTicked(c))
                .sorted()
                .collect(Collectors.toList());
    }

    /** Why this can't be said now, in plain words; empty if it can. Saying something again is no fault. */
    public String refuses(RunEvent e) {
        if (known.contains(e.id())) {
            return "";
        }
        if (ended && e.kind() != RunEvent.Kind.RESUMED) {
            return "The run was ended. Go on with it first.";
        }
        if (paused && e.kind() != RunEvent.Kind.RESUMED && e.kind() != RunEvent.Kind.ENDED) {
            return "The run is paused. Go on first.";
        }
        boolean about = e.kind() == RunEvent.Kind.BEGUN
                || e.kind() == RunEvent.Kind.DONE
                || e.kind() == RunEvent.Kind.UNDONE
                || e.kind() == RunEvent.Kind.WRONG;
        RunStep step = steps.get(e.step());
        if (!about) {
            return "";
        }
        if (step == null) {
            return "There is no such step in this run.";
        }
        return switch (e.kind()) {
            case UNDONE -> undone(step);
            case WRONG -> done.containsKey(e.step()) || step.holds(e.card()) ? "" : "This card is not in that step.";
            default -> forward(e, step);
        };
    }

    private String undone(RunStep step) {
        if (!done.containsKey(step.key())) {
            return "This step is not done.";
        }
        return steps.values().stream()
                        .anyMatch(s -> (done.containsKey(s.key()) || doing.containsKey(s.key()))
                                && s.waits().stream().anyMatch(w -> w.key().equals(step.key())))
                ? "A later step was built on it; take that back first."
                : "";
    }

    private String forward(RunEvent e, RunStep step) {
        Mark mark = done.get(step.key());
        if (mark != null) {
            return "Done already, by " + mark.maker() + ".";
        }
        Mark other = doing.get(step.key());
        if (other != null && !other.maker().equals(e.maker())) {
            return other.maker() + " is at it.";
        }
        Optional<Instant> ready = readyAt(step);
        if (ready.isEmpty()) {
            return "What it waits for is not done yet.";
        }
        if (ready.get().isAfter(e.at())) {
            return "Not dry yet: " + Duration.between(e.at(), ready.get()).toSeconds() + " s to go.";
        }
        return clash(step, e.at())
                .map(c -> "Not while “" + c.key() + "” is about.")
                .orElse("");
    }
}
