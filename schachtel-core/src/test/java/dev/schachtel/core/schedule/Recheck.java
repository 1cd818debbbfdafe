package dev.schachtel.core.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import static org.assertj.core.api.Assertions.assertThat;

/** Checks a schedule against its problem from nothing but starts, makers and set-ups. */
final class Recheck {
    private Recheck() {}

    static void check(Schedule s) {
        Problem p = s.problem();
        int n = p.tasks().size();
        assertThat(s.order()).hasSize(n).doesNotHaveDuplicates();
        Map<List<Integer>, List<Integer>> stations = new HashMap<>();
        for (int i = 0; i < n; i++) {
            Task t = p.tasks().get(i);
            assertThat(s.start(i)).isGreaterThanOrEqualTo(t.from());
            assertThat(s.maker(i)).isBetween(0, p.makers() - 1);
            stations.computeIfAbsent(List.of(0, s.maker(i)), k -> new ArrayList<>())
                    .add(i);
            if (t.tool() >= 0) {
                stations.computeIfAbsent(List.of(1, t.tool()), k -> new ArrayList<>())
                        .add(i);
            }
        }
        stations.forEach((station, tasks) -> oneAtATime(s, station.get(0) == 1, tasks));
        for (Link l : p.links()) {
            long free = l.dry() ? s.ready(l.before()) : s.end(l.before());
            assertThat(s.start(l.after())).isGreaterThanOrEqualTo(free);
        }
        long late = p.links().stream()
                .filter(l -> l.most() >= 0)
                .mapToLong(l -> Math.max(0, s.start(l.after()) - s.end(l.before()) - l.most()))
                .sum();
        assertThat(s.late()).isEqualTo(late);
        hazards(s);
        places(s);
        hands(s);
        assertThat(s.finish()).isGreaterThanOrEqualTo(Floor.of(p).seconds());
    }

    /** Hands and tools do one thing at a time, and set up whenever the family changes. */
    private static void oneAtATime(Schedule s, boolean tool, List<Integer> tasks) {
        tasks.sort(Comparator.comparingLong((Integer i) -> s.start(i)).thenComparing(i -> s.end(i)));
        int family = Task.ALONE;
        long free = 0;
        for (int i : tasks) {
            Task t = s.problem().tasks().get(i);
            assertThat(s.start(i)).isGreaterThanOrEqualTo(free);
            free = s.end(i);
            boolean judges = tool == t.tool() >= 0;
            if (judges && (t.family() == Task.ALONE || t.family() != family)) {
                assertThat(s.setsUp(i)).as("set-up of task %d", i).isTrue();
            }
            family = judges ? t.family() : Task.ALONE;
        }
    }

    /** Nothing is in two pairs of hands at a time. */
    private static void hands(Schedule s) {
        Problem p = s.problem();
        for (int a = 0; a < p.tasks().size(); a++) {
            for (int b = a + 1; b < p.tasks().size() && !p.holds().isEmpty(); b++) {
                boolean same = p.holds().get(a).stream().anyMatch(p.holds().get(b)::contains);
                assertThat(same && s.start(a) < s.end(b) && s.start(b) < s.end(a))
                        .as("tasks %d and %d hold the same", a, b)
                        .isFalse();
            }
        }
    }

    private static void hazards(Schedule s) {
        List<Task> tasks = s.problem().tasks();
        for (int a = 0; a < tasks.size(); a++) {
            for (int b = a + 1; b < tasks.size(); b++) {
                boolean apart = tasks.get(a).hazard() >= 0
                        && tasks.get(b).hazard() >= 0
                        && tasks.get(a).hazard() != tasks.get(b).hazard();
                assertThat(apart && s.start(a) < s.ready(b) && s.start(b) < s.ready(a))
                        .as("hazards of tasks %d and %d meet", a, b)
                        .isFalse();
            }
        }
    }

    /** Never more at rest than there are places. */
    private static void places(Schedule s) {
        List<Task> tasks = s.problem().tasks();
        for (int i = 0; i < tasks.size(); i++) {
            int place = tasks.get(i).place();
            if (place >= 0 && tasks.get(i).rest() > 0) {
                long at = s.end(i);
                long there = 0;
                for (int other = 0; other < tasks.size(); other++) {
                    boolean same = tasks.get(other).place() == place
                            && tasks.get(other).rest() > 0;
                    there += same && s.end(other) <= at && at < s.ready(other) ? 1 : 0;
                }
                assertThat(there).isLessThanOrEqualTo(s.problem().places().get(place));
            }
        }
    }
}
