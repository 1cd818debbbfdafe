package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import dev.schachtel.core.schedule.Schedule;

/** A schedule as steps that say why they are where they are. */
final class Steps {
    private final Before before;
    private final List<Jobs.Job> jobs;
    private final Schedule schedule;
    private final List<BitSet> direct;
    /** Numbers of the steps by operation and lot. */
    private final Map<Integer, Map<Integer, List<Integer>>> numbers = new HashMap<>();

    Steps(Before before, Jobs jobs, Schedule schedule) {
        this.before = before;
        this.jobs = jobs.all();
        this.schedule = schedule;
        this.direct = before.direct();
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
        return before.links().stream()
                .filter(l -> l.rule().within(before.ops().get(l.first())).isPresent())
                .filter(l -> (way < 0 ? l.first() : l.then()) == job.op())
                .map(l -> numbers.getOrDefault(way < 0 ? l.then() : l.first(), Map.of())
                        .getOrDefault(job.lot().number(), List.of()))
                .filter(rounds -> job.round() + way >= 0 && job.round() + way < rounds.size())
                .map(rounds -> rounds.get(job.round() + way))
                .toList();
    }

    /** The steps of an operation that a step of this lot has to do with; of two done in rounds those of the same round. */
    private List<Integer> numbers(int op, Jobs.Job job) {
        List<Integer> own = numbers.get(job.op()).getOrDefault(job.lot().number(), List.of());
        Map<Integer, List<Integer>> all = numbers.getOrDefault(op, Map.of());
        return all.entrySet().stream()
                .filter(e -> e.getKey() == 0
                        || job.lot().isWhole()
                        || e.getKey() == job.lot().number())
                .flatMap(e -> own.size() > 1 && e.getValue().size() == own.size()
                        ? Stream.of(e.getValue().get(job.round()))
                        : e.getValue().stream())
                .toList();
    }

    /** Rules of the craft before mere "cut it first"; what a step must precede says more than what it follows. */
    private List<Step.Reason> reasons(Jobs.Job job, List<Before.Link> touching) {
        int op = job.op();
        return touching.stream()
                .filter(l -> l.rule() != BuildOrder.DRY_BEFORE_CLOSE || l.then() == op)
                .flatMap(l -> numbers(l.first() == op ? l.then() : l.first(), job).stream()
                        .limit(1)
                        .map(n -> new Step.Reason(l.rule(), n, l.first() == op)))
                .sorted(Comparator.comparing((Step.Reason r) -> weight(r.rule()))
                        .thenComparing(r -> !r.otherIsLater())
                        .thenComparing(r -> r.rule().id())
                        .thenComparing(Step.Reason::other))
                .toList();
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
