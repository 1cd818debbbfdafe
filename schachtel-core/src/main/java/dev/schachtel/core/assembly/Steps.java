package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

import dev.schachtel.core.schedule.Schedule;

/** A schedule as steps that say why they are where they are. */
public final class Steps {
    private final Before before;
    private final List<Jobs.Job> jobs;
    private final Schedule schedule;
    private final List<BitSet> direct;
    private final List<Before.Link> soon;
    /** Numbers of the steps by operation and lot. */
    private final Map<Integer, Map<Integer, List<Integer>>> numbers = new HashMap<>();

    Steps(Before before, Jobs jobs, Schedule schedule) {
        this.before = before;
        this.jobs = jobs.all();
        this.schedule = schedule;
        this.direct = before.direct();
        this.soon = before.soon();
        int number = 1;
        for (int job : schedule.order()) {
            Jobs.Job j = this.jobs.get(job);
            numbers.computeIfAbsent(j.op(), k -> new HashMap<>())
                    .computeIfAbsent(j.lot().number(), k -> new ArrayList<>())
                    .add(number);
            number++;
        }
    }

    List<Step> all() {
        Map<Integer, List<Before.Link>> touching = new HashMap<>();
        for (Before.Link l : before.links()) {
            touching.computeIfAbsent(l.first(), k -> new ArrayList<>()).add(l);
            touching.computeIfAbsent(l.then(), k -> new ArrayList<>()).add(l);
        }
        touching.forEach((op, links) -> telling(op, links));
        List<Step> steps = new ArrayList<>();
        for (int job : schedule.order()) {
            Jobs.Job j = jobs.get(job);
            steps.add(new Step(
                    steps.size() + 1,
                    before.ops().get(j.op()),
                    j.lot(),
                    j.round(),
                    new Step.Time(
                            Duration.ofSeconds(schedule.start(job)),
                            Duration.ofSeconds(schedule.end(job) - schedule.start(job)),
                            schedule.maker(job),
                            schedule.setsUp(job)),
                    reasons(j, touching.getOrDefault(j.op(), List.of())),
                    waits(j),
                    frees(j)));
        }
        return steps;
    }

    private List<Integer> waits(Jobs.Job job) {
        List<Integer> all = new ArrayList<>();
        direct.get(job.op()).stream().forEach(p -> all.addAll(numbers(p, job)));
        all.addAll(roundBefore(job, -1));
        return all.stream().distinct().sorted().toList();
    }

    private List<Integer> frees(Jobs.Job job) {
        List<Integer> all = new ArrayList<>();
        IntStream.range(0, before.ops().size())
                .filter(other -> direct.get(other).get(job.op()))
                .forEach(other -> all.addAll(numbers(other, job)));
        all.addAll(roundBefore(job, 1));
        return all.stream().distinct().sorted().toList();
    }

    /** A round of pasting waits for the washing of the round before. */
    private List<Integer> roundBefore(Jobs.Job job, int way) {
        return soon.stream()
                .filter(l -> (way < 0 ? l.first() : l.then()) == job.op())
                .map(l -> numbers.getOrDefault(way < 0 ? l.then() : l.first(), Map.of())
                        .getOrDefault(job.lot().number(), List.of()))
                .filter(rounds -> job.round() + way >= 0 && job.round() + way < rounds.size())
                .map(rounds -> rounds.get(job.round() + way))
                .toList();
    }

    /** The steps of an operation that a step of this lot has to do with; of two done in rounds those of the same round. */
    private List<Integer> numbers(int op, Jobs.Job job) {
        Map<Integer, List<Integer>> all = numbers.getOrDefault(op, Map.of());
        if (job.lot().isWhole()) {
            return all.size() == 1 ? sameRound(all.values().iterator().next(), job) : flat(all);
        }
        List<Integer> own = all.get(job.lot().number());
        return own != null ? sameRound(own, job) : all.getOrDefault(0, List.of());
    }

    private static List<Integer> flat(Map<Integer, List<Integer>> all) {
        return all.values().stream().flatMap(List::stream).toList();
    }

    private List<Integer> sameRound(List<Integer> others, Jobs.Job job) {
        int rounds = numbers.get(job.op()).get(job.lot().number()).size();
        return rounds > 1 && others.size() == rounds ? List.of(others.get(job.round())) : others;
    }

    /** Rules of the craft before mere "cut it first"; what a step must precede says more than what it follows. */
    private static void telling(int op, List<Before.Link> links) {
        links.removeIf(l -> l.rule() == BuildOrder.DRY_BEFORE_CLOSE && l.then() != op);
        links.sort(Comparator.comparing((Before.Link l) -> weight(l.rule()))
                .thenComparing(l -> l.first() != op)
                .thenComparing(l -> l.rule().id())
                .thenComparing(l -> l.first() == op ? l.then() : l.first()));
    }

    private List<Step.Reason> reasons(Jobs.Job job, List<Before.Link> touching) {
        List<Step.Reason> reasons = new ArrayList<>();
        for (Before.Link l : touching) {
            boolean later = l.first() == job.op();
            List<Integer> others = numbers(later ? l.then() : l.first(), job);
            if (!others.isEmpty()) {
                reasons.add(new Step.Reason(l.rule(), others.get(0), later));
            }
        }
        return reasons;
    }

    private static int weight(OrderRule rule) {
        if (rule == BuildOrder.CUT_BEFORE_USE
                || rule == BuildOrder.CUT_BEFORE_LAYOUT
                || rule == BuildOrder.TRIM_BEFORE_DIE
                || rule == BuildOrder.FOLD_BEFORE_USE
                || rule == SurfaceOrder.TRIM_BEFORE_SURFACE) {
            return 1;
        }
        boolean late = rule == BuildOrder.CLOSE_BEFORE_TRY
                || rule == BuildOrder.DRY_BEFORE_CLOSE
                || rule == BuildOrder.LAYOUT_BEFORE_GLUE
                || rule == BuildOrder.MOVE_BEFORE_TRY
                || rule == SurfaceOrder.SURFACE_BEFORE_USE;
        return late ? 2 : 0;
    }
}
