package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.schedule.Problem;
import dev.schachtel.core.schedule.Schedule;
import dev.schachtel.core.schedule.Scheduling;

/**
 * A build plan that gets better the longer it is looked for. Has an answer at once; {@link #run} tries sizes of lots, then
 * goes on with the most promising. Same card, workshop and rounds, same plan. Not for several threads at a time.
 */
public final class AssemblySearch {
    /** Rounds times tasks for the first answer: about two milliseconds. */
    private static final long AT_FIRST = 20_000;

    private static final long SEED = 1;

    private final Workshop workshop;
    private final Before before;
    private final Brief brief;
    private final List<Integer> untried = new ArrayList<>();
    private final List<Attempt> attempts = new ArrayList<>();

    /** One size of lots and how well it goes. */
    private record Attempt(int together, Jobs jobs, Scheduling scheduling) {
        Schedule best() {
            return scheduling.best();
        }

        BuildPlan.LotSize size() {
            Schedule s = best();
            return new BuildPlan.LotSize(together, Duration.ofSeconds(s.finish()), Duration.ofSeconds(s.handsOn()));
        }
    }

    AssemblySearch(Build build, Workshop workshop, List<OrderRule> rules, FoundOrder found) {
        this.workshop = workshop;
        this.brief = build.spec().brief();
        List<Op> ops = new Operations(build, workshop).all();
        this.before = Before.of(ops, Shop.of(build, workshop, ops), rules);
        int cards = brief.cards();
        found.tried().forEach(this::resume);
        if (brief.together() > 0) {
            once(Math.min(cards, brief.together()));
        } else {
            once(cards);
            TreeSet<Integer> sizes = new TreeSet<>();
            for (int parts = 2; parts <= 6; parts++) {
                sizes.add((cards + parts - 1) / parts);
            }
            sizes.addAll(List.of(1, Math.min(cards, 2), Math.min(cards, 4), Math.min(cards, 6)));
            sizes.remove(cards);
            sizes.removeIf(this::tried);
            untried.addAll(sizes.descendingSet());
        }
    }

    private boolean tried(int together) {
        return attempts.stream().anyMatch(a -> a.together == together);
    }

    private void once(int together) {
        if (!tried(together)) {
            attempt(together);
        }
    }

    private void resume(FoundOrder.Lots lots) {
        Jobs jobs = new Jobs(before, brief.cards(), lots.together());
        Problem problem = jobs.problem(brief.makers(), workshop.house());
        attempts.add(new Attempt(lots.together(), jobs, Scheduling.from(problem, SEED, lots.order())));
    }

    /** How far it came, to go on another day. */
    public FoundOrder found() {
        return new FoundOrder(attempts.stream()
                .map(a -> new FoundOrder.Lots(a.together, a.scheduling.found()))
                .toList());
    }

    private void attempt(int together) {
        Jobs jobs = new Jobs(before, brief.cards(), together);
        Scheduling scheduling = Scheduling.of(jobs.problem(brief.makers(), workshop.house()), SEED);
        if (jobs.all().size() > 1 && !scheduling.isLeast()) {
            scheduling.run(Math.min(600, AT_FIRST / jobs.all().size()));
        }
        attempts.add(new Attempt(together, jobs, scheduling));
    }

    /** Tries another size of lots, or gives so many rounds to the best. */
    public void run(int rounds) {
        if (!untried.isEmpty()) {
            attempt(untried.remove(0));
        } else {
            best().scheduling.run(rounds);
        }
    }

    /** Whether no finish can be earlier with these lots, and all sizes were tried. */
    public boolean done() {
        return untried.isEmpty() && best().scheduling.isLeast();
    }

    private Attempt best() {
        return attempts.stream()
                .min(Comparator.comparing((Attempt a) -> a.best().late())
                        .thenComparing(a -> a.size().total())
                        .thenComparing(a -> a.size().hands())
                        .thenComparing(a -> -a.together))
                .orElseThrow();
    }

    public BuildPlan plan() {
        Attempt best = best();
        List<BuildPlan.LotSize> sizes = attempts.stream()
                .map(Attempt::size)
                .sorted(Comparator.comparing(BuildPlan.LotSize::together).reversed())
                .toList();
        return new BuildPlan(
                new Steps(before, best.jobs, best.best()).all(),
                new BuildPlan.Batch(brief.cards(), brief.makers(), best.together, sizes),
                best.scheduling.floor(),
                before.contradictions());
    }
}
