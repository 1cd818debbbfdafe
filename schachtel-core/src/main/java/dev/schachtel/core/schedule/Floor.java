package dev.schachtel.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.IntStream;

/**
 * No schedule is done before this. The larger of: the longest chain of work and drying; for one pair of hands and for each
 * tool, its tasks with what must come before and after each, as if each could be broken off (J. R. Jackson's preemptive
 * schedule, 1955, which is least for one machine with heads and tails); for several hands all their work shared out evenly.
 * Set-ups are counted where nothing can save them, and once for each family.
 *
 * @param how what sets it
 */
public record Floor(long seconds, How how) {
    /** What sets the floor. */
    public enum How {
        CHAIN,
        HANDS,
        TOOL
    }

    static Floor of(Problem problem) {
        long[] head = new long[problem.size()];
        List<List<Link>> out = problem.linksBy(Link::before);
        for (int i : problem.sorted()) {
            head[i] = Math.max(head[i], problem.tasks().get(i).from());
            for (Link l : out.get(i)) {
                head[l.after()] = Math.max(head[l.after()], head[i] + work(problem, i) + dry(problem, l));
            }
        }
        return new Heads(problem, head, tails(problem)).floor();
    }

    /** The least time from the end of each task's handwork until all is done that hangs on it. */
    static long[] tails(Problem problem) {
        long[] tail = new long[problem.size()];
        List<List<Link>> in = problem.linksBy(Link::after);
        int[] order = problem.sorted();
        for (int at = order.length - 1; at >= 0; at--) {
            int i = order[at];
            tail[i] = Math.max(tail[i], problem.tasks().get(i).rest());
            for (Link l : in.get(i)) {
                int p = l.before();
                tail[p] = Math.max(tail[p], dry(problem, l) + work(problem, i) + tail[i]);
            }
        }
        return tail;
    }

    private static long work(Problem problem, int task) {
        Task t = problem.tasks().get(task);
        return t.hands() + (t.family() == Task.ALONE ? t.setUp() : 0);
    }

    private static long dry(Problem problem, Link l) {
        return l.dry() ? problem.tasks().get(l.before()).rest() : 0;
    }

    /** Tasks with the least time before and after each. */
    private record Heads(Problem problem, long[] head, long[] tail) {
        /** Work on one machine: not before its head, and its tail after it. */
        private record Job(long head, long work, long tail) {}

        Floor floor() {
            List<Integer> all = IntStream.range(0, head.length).boxed().toList();
            Floor best = new Floor(chain(), How.CHAIN);
            long hands = problem.makers() == 1 ? broken(jobs(all)) : shared(jobs(all));
            best = hands > best.seconds ? new Floor(hands, How.HANDS) : best;
            for (int tool = 0; tool < problem.tools(); tool++) {
                int t = tool;
                long held = broken(jobs(all.stream()
                        .filter(i -> problem.tasks().get(i).tool() == t)
                        .toList()));
                best = held > best.seconds ? new Floor(held, How.TOOL) : best;
            }
            return best;
        }

        private long chain() {
            long most = 0;
            for (int i = 0; i < head.length; i++) {
                most = Math.max(most, head[i] + work(problem, i) + tail[i]);
            }
            return most;
        }

        /** The tasks, and for each family one set-up that nothing saves: the least, before the first that can begin. */
        private List<Job> jobs(List<Integer> which) {
            List<Job> jobs = new ArrayList<>();
            Map<List<Integer>, Job> families = new HashMap<>();
            for (int i : which) {
                Task t = problem.tasks().get(i);
                jobs.add(new Job(head[i], work(problem, i), tail[i]));
                if (t.family() != Task.ALONE) {
                    families.merge(
                            List.of(t.tool(), t.family()),
                            new Job(head[i], t.setUp(), t.hands() + tail[i]),
                            (a, b) -> new Job(
                                    Math.min(a.head, b.head), Math.min(a.work, b.work), Math.min(a.tail, b.tail)));
                }
            }
            jobs.addAll(families.values());
            return jobs;
        }

        /** Jackson's preemptive schedule: always on with what has the longest tail. */
        private static long broken(List<Job> jobs) {
            List<Job> byHead = new ArrayList<>(jobs);
            byHead.sort(Comparator.comparingLong(Job::head));
            PriorityQueue<long[]> open = new PriorityQueue<>(Comparator.comparingLong((long[] o) -> -o[1]));
            long now = 0;
            long most = 0;
            int next = 0;
            while (next < byHead.size() || !open.isEmpty()) {
                now = open.isEmpty() ? Math.max(now, byHead.get(next).head) : now;
                while (next < byHead.size() && byHead.get(next).head <= now) {
                    open.add(new long[] {byHead.get(next).work, byHead.get(next).tail});
                    next++;
                }
                long[] job = open.element();
                long until = next < byHead.size() ? byHead.get(next).head : Long.MAX_VALUE;
                long done = Math.min(job[0], until - now);
                now += done;
                job[0] -= done;
                if (job[0] == 0) {
                    open.remove();
                    most = Math.max(most, now + job[1]);
                }
            }
            return most;
        }

        /** All work evenly among the hands, which begin and end with the shortest heads and tails. */
        private long shared(List<Job> jobs) {
            int k = problem.makers();
            long work = jobs.stream().mapToLong(Job::work).sum();
            long heads = Arrays.stream(head).sorted().limit(k).sum();
            long tails = Arrays.stream(tail).sorted().limit(k).sum();
            return head.length < k ? 0 : (work + heads + tails + k - 1) / k;
        }
    }
}
