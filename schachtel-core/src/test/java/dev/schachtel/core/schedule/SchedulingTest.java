package dev.schachtel.core.schedule;

import java.util.List;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class SchedulingTest {
    /** Gluing 60 s dries 600 s; 300 s of other work fit into that; trying takes 30 s: 60 + 600 + 30 = 690. */
    @Test
    void workGoesOnWhileGlueDries() {
        Problem p = Problem.of(
                List.of(Task.of(300, 0), Task.of(60, 600), Task.of(30, 0)), List.of(Link.of(0, 2), Link.of(1, 2)));
        Scheduling s = Scheduling.of(p, 1);
        Recheck.check(s.best());
        assertThat(s.best().finish()).isEqualTo(690);
        assertThat(s.floor()).isEqualTo(new Floor(690, Floor.How.CHAIN));
        assertThat(s.isLeast()).isTrue();
    }

    /** Two inks, twice each: taken in turn they take 4 set-ups of 100 s, gathered 2. */
    @Test
    void sameInksAreGathered() {
        List<Task> tasks = java.util.stream.IntStream.range(0, 4)
                .mapToObj(i -> new Task(100, 60, i % 2, Task.NONE, 0, Task.NONE, Task.NONE, 0))
                .toList();
        Scheduling s = Scheduling.of(Problem.of(tasks, List.of()), 1);
        s.run(200);
        Recheck.check(s.best());
        assertThat(s.best().finish()).isEqualTo(4 * 60 + 2 * 100);
        assertThat(s.best().changes()).isEqualTo(2);
        assertThat(s.isLeast()).isTrue();
    }

    /** Paste may be laid only when the sink is free within 10 minutes: the wash waits for 2,000 s of other work. */
    @Test
    void whatMustFollowSoonHoldsBackWhatIsBefore() {
        Problem p = Problem.of(
                List.of(Task.of(2_000, 0), Task.of(90, 0), Task.of(60, 0)),
                List.of(new Link(1, 2, false, 600), Link.of(0, 2)));
        Scheduling s = Scheduling.of(p, 1);
        Recheck.check(s.best());
        assertThat(s.best().late()).isZero();
        assertThat(s.best().start(1)).isGreaterThanOrEqualTo(2_000 - 690);
    }

    @Test
    void heatWaitsUntilAlcoholIsDry() {
        Task wash = new Task(0, 60, Task.ALONE, Task.NONE, 900, Task.NONE, 0, 0);
        Task heat = new Task(0, 60, Task.ALONE, Task.NONE, 0, Task.NONE, 1, 0);
        Scheduling s = Scheduling.of(new Problem(List.of(wash, heat), List.of(), 2, 0, List.of()), 1);
        s.run(50);
        Recheck.check(s.best());
        assertThat(s.best().finish()).isEqualTo(60 + 960);
    }

    @Test
    void severalHandsShareTheWork() {
        List<Task> six = java.util.Collections.nCopies(6, Task.of(100, 0));
        assertThat(Scheduling.of(new Problem(six, List.of(), 3, 0, List.of()), 1)
                        .best()
                        .finish())
                .isEqualTo(200);
    }

    /** 0 before 1 before 2 before 3 before 0, and a shorter way back from 2 to 1. */
    @Test
    void theShortestCircleIsSaid() {
        Problem p = Problem.of(
                java.util.Collections.nCopies(4, Task.of(1, 0)),
                List.of(Link.of(0, 1), Link.of(1, 2), Link.of(2, 3), Link.of(3, 0), Link.of(2, 1)));
        assertThat(p.circle()).containsExactlyInAnyOrder(Link.of(1, 2), Link.of(2, 1));
        assertThatThrownBy(() -> Scheduling.of(p, 1)).hasMessageContaining("circle of 2");
        assertThat(Problem.of(p.tasks(), p.links().subList(0, 3)).circle()).isEmpty();
    }

    @Test
    void nonsenseIsRefused() {
        assertThatThrownBy(() -> Task.of(-1, 0)).hasMessageContaining("-1 s of work");
        assertThatThrownBy(() -> new Problem(List.of(), List.of(), 0, 0, List.of()))
                .hasMessageContaining("makers (0)");
        assertThat(Scheduling.of(Problem.of(List.of(), List.of()), 1).best().finish())
                .isZero();
    }

    @Property(tries = 300)
    void anyScheduleHoldsAndGetsNoWorse(@ForAll long seed) {
        Scheduling s = Scheduling.of(Instances.any(seed, 60), seed);
        Schedule first = s.best();
        Recheck.check(first);
        s.run(300);
        Recheck.check(s.best());
        assertThat(s.best().cost()).isLessThanOrEqualTo(first.cost());
    }

    /** Of all orders of a few tasks none is better than the one found, and the floor is under all. */
    @Property(tries = 120)
    void fewTasksAreScheduledAsWellAsCanBe(@ForAll long seed) {
        Problem p = Instances.any(seed, 6);
        Scheduling s = Scheduling.of(p, seed);
        s.run(3_000);
        double[] least = {Double.MAX_VALUE};
        orders(p, new java.util.ArrayList<>(), new Decoder(p), least);
        assertThat(s.best().cost()).isLessThanOrEqualTo(least[0]);
        assertThat(least[0]).isGreaterThanOrEqualTo(s.floor().seconds() * 1e4);
    }

    private static void orders(Problem p, List<Integer> order, Decoder decoder, double[] least) {
        if (order.size() == p.tasks().size()) {
            int[] all = order.stream().mapToInt(i -> i).toArray();
            least[0] = Math.min(least[0], decoder.cost(all));
        }
        for (int next = 0; next < p.tasks().size(); next++) {
            int task = next;
            boolean open = !order.contains(task)
                    && p.links().stream().allMatch(l -> l.after() != task || order.contains(l.before()));
            if (open) {
                order.add(task);
                orders(p, order, decoder, least);
                order.remove(Integer.valueOf(task));
            }
        }
    }

    @Property(tries = 30)
    void sameSeedSamePlan(@ForAll long seed) {
        Scheduling one = Scheduling.of(Instances.any(seed, 40), 7);
        Scheduling other = Scheduling.of(Instances.any(seed, 40), 7);
        one.run(500);
        other.run(200);
        other.run(300);
        assertThat(one.best().starts()).isEqualTo(other.best().starts());
    }
}
