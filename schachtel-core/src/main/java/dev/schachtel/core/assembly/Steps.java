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
final class Steps {
    private final Before before;
    private final List<Jobs.Job> jobs;
    private final Schedule schedule;
    private final List<BitSet> direct;
    /** Numbers of the steps by operation and lot. */
    private final Map<Integer, Map<Integer, Integer>> numbers = new HashMap<>();

    Steps(Before before, Jobs jobs, Schedule schedule) {
        this.before = before;
        this.jobs = jobs.all();
        this.schedule = schedule;
        this.direct = before.direct();
        int number = 1;
        for (int job : schedule.order()) {
            Jobs.Job j = this.jobs.get(job);
            numbers.computeIfAbsent(j.op(), k -> new HashMap<>())
                    .putIfAbsent(j.lot().number(), number);
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
        return direct.get(job.op()).stream()
                .flatMap(p -> numbers(p, job.lot()).stream().mapToInt(n -> n))
                .sorted()
                .boxed()
                .toList();
    }

    private List<Integer> frees(Jobs.Job job) {
        return IntStream.range(0, before.ops().size())
                .filter(other -> direct.get(other).get(job.op()))
                .flatMap(other -> numbers(other, job.lot()).stream().mapToInt(n -> n))
                .sorted()
                .boxed()
                .toList();
    }

    /** The steps of an operation that a step of this lot has to do with. */
    private List<Integer> numbers(int op, Lot lot) {
        Map<Integer, Integer> all = numbers.getOrDefault(op, Map.of());
        return all.entrySet().stream()
                .filter(e -> e.getKey() == 0 || lot.isWhole() || e.getKey() == lot.number())
                .map(Map.Entry::getValue)
                .toList();
    }

    /** Rules of the craft before mere "cut it first"; what a step must precede says more than what it follows. */
    private List<Step.Reason> reasons(Jobs.Job job, List<Before.Link> touching) {
        int op = job.op();
        return touching.stream()
                .filter(l -> l.rule() != BuildOrder.DRY_BEFORE_CLOSE || l.then() == op)
                .flatMap(l -> numbers(l.first() == op ? l.then() : l.first(), job.lot()).stream()
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
