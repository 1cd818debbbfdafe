package dev.schachtel.core.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.patience.Patience;

/**
 * Makes a schedule of an order: each task begins as early as hands, tool, places, hazards and links let it, and never
 * before an earlier one of the same hands or tool. What must follow soon is done at once. Reused between orders; O(tasks x
 * makers + links) each.
 */
final class Decoder {
    /** Tasks put in their places in one step of work. */
    private static final int TASKS = 10;

    private final Problem problem;
    private final Task[] tasks;
    private final Link[][] in;
    private final int[][] soon;
    private final long[] start;
    private final long[] end;
    private final int[] maker;
    private final boolean[] setUp;
    private final boolean[] placed;
    private final long[] free;
    private final int[] family;
    private final long[] toolFree;
    private final int[] toolFamily;
    private final long[][] slots;
    private final int[][] holds;
    private final long[] heldUntil;
    private final List<long[]> hazards = new ArrayList<>();
    private long late;
    private long finish;
    private long handsOn;
    private int changes;

    Decoder(Problem problem) {
        this.problem = problem;
        int n = problem.size();
        this.tasks = problem.tasks().toArray(Task[]::new);
        List<List<Link>> before = new ArrayList<>();
        List<List<Integer>> after = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            before.add(new ArrayList<>());
            after.add(new ArrayList<>());
        }
        for (Link l : problem.links()) {
            before.get(l.after()).add(l);
            if (l.isSoon()) {
                after.get(l.before()).add(l.after());
            }
        }
        this.in = before.stream().map(b -> b.toArray(Link[]::new)).toArray(Link[][]::new);
        this.soon =
                after.stream().map(a -> a.stream().mapToInt(i -> i).toArray()).toArray(int[][]::new);
        this.start = new long[n];
        this.end = new long[n];
        this.maker = new int[n];
        this.setUp = new boolean[n];
        this.placed = new boolean[n];
        this.free = new long[problem.makers()];
        this.family = new int[problem.makers()];
        this.toolFree = new long[problem.tools()];
        this.toolFamily = new int[problem.tools()];
        this.holds = IntStream.range(0, n)
                .mapToObj(i -> problem.held(i).stream().mapToInt(h -> h).toArray())
                .toArray(int[][]::new);
        this.heldUntil = new long
                [problem.holds().stream()
                        .flatMap(List::stream)
                        .mapToInt(h -> h + 1)
                        .max()
                        .orElse(0)];
        this.slots = problem.places().stream().map(long[]::new).toArray(long[][]::new);
    }

    /** What {@link Schedule#cost} would say of this order. */
    double cost(int[] order) {
        run(order);
        return late * 1e9 + finish * 1e4 + handsOn + changes * 1e-2;
    }

    Schedule schedule(int[] order) {
        run(order);
        List<Integer> byStart = new ArrayList<>();
        for (int i : order) {
            byStart.add(i);
        }
        byStart.sort((a, b) -> Long.compare(start[a], start[b]));
        return new Schedule(problem, byStart, start.clone(), maker.clone(), setUp.clone(), late);
    }

    private void run(int[] order) {
        Patience.take(1 + order.length / TASKS);
        reset();
        for (int task : order) {
            if (!placed[task]) {
                place(task);
                for (int then : soon[task]) {
                    if (!placed[then] && isOpen(then)) {
                        place(then);
                    }
                }
            }
        }
    }

    void reset() {
        Arrays.fill(placed, false);
        Arrays.fill(free, 0);
        Arrays.fill(family, Task.ALONE);
        Arrays.fill(toolFree, 0);
        Arrays.fill(heldUntil, 0);
        Arrays.fill(toolFamily, Task.ALONE);
        for (long[] s : slots) {
            Arrays.fill(s, 0);
        }
        hazards.clear();
        late = 0;
        finish = 0;
        handsOn = 0;
        changes = 0;
    }

    boolean isOpen(int task) {
        for (Link l : in[task]) {
            if (!placed[l.before()]) {
                return false;
            }
        }
        return true;
    }

    /** What was worked on last where this task is done; of hands those that are free first. */
    boolean goesOn(int task) {
        Task t = tasks[task];
        return t.family() != Task.ALONE && (t.tool() >= 0 ? toolFamily[t.tool()] : family[firstFree()]) == t.family();
    }

    private int firstFree() {
        int best = 0;
        for (int m = 1; m < free.length; m++) {
            best = free[m] < free[best] ? m : best;
        }
        return best;
    }

    long now() {
        return free[firstFree()];
    }

    /** When what it waits for is done and dry. */
    long ready(int task) {
        long at = tasks[task].from();
        for (Link l : in[task]) {
            at = Math.max(at, end[l.before()] + (l.dry() ? tasks[l.before()].rest() : 0));
        }
        return at;
    }

    long toolFree(int task) {
        int tool = tasks[task].tool();
        return tool >= 0 ? toolFree[tool] : 0;
    }

    /** When nobody has in hand any more what it needs. */
    private long laidDown(int task) {
        long at = 0;
        for (int thing : holds[task]) {
            at = Math.max(at, heldUntil[thing]);
        }
        return at;
    }

    void place(int task) {
        Task t = tasks[task];
        long from = Math.max(Math.max(ready(task), laidDown(task)), Math.max(toolFree(task), heldBack(task)));
        int best = 0;
        long bestEnd = Long.MAX_VALUE;
        long bestStart = 0;
        boolean bestSetUp = true;
        for (int m = 0; m < free.length; m++) {
            int last = t.tool() >= 0 ? toolFamily[t.tool()] : family[m];
            boolean sets = t.family() == Task.ALONE || last != t.family();
            long works = t.hands() + (sets ? t.setUp() : 0);
            long begins = calm(t, Math.max(from, free[m]), works);
            // Of hands that are done at the same time those that waited least: the others stay free for what comes.
            if (begins + works < bestEnd || begins + works == bestEnd && free[m] > free[best]) {
                best = m;
                bestEnd = begins + works;
                bestStart = begins;
                bestSetUp = sets;
            }
        }
        book(task, best, bestStart, bestEnd, bestSetUp);
    }

    private void book(int task, int by, long begins, long ends, boolean sets) {
        Task t = tasks[task];
        start[task] = begins;
        end[task] = ends;
        maker[task] = by;
        setUp[task] = sets;
        placed[task] = true;
        free[by] = ends;
        family[by] = t.tool() >= 0 ? Task.ALONE : t.family();
        if (t.tool() >= 0) {
            toolFree[t.tool()] = ends;
            toolFamily[t.tool()] = t.family();
        }
        for (int thing : holds[task]) {
            heldUntil[thing] = Math.max(heldUntil[thing], ends);
        }
        if (t.place() >= 0 && t.rest() > 0) {
            slots[t.place()][slot(t.place())] = ends + t.rest();
        }
        if (t.hazard() >= 0) {
            hazards.add(new long[] {t.hazard(), begins, ends + t.rest()});
        }
        finish = Math.max(finish, ends + t.rest());
        handsOn += ends - begins;
        changes += sets && t.setUp() > 0 ? 1 : 0;
        for (Link l : in[task]) {
            if (l.isSoon()) {
                late += Math.max(0, begins - end[l.before()] - l.most());
            }
        }
    }

    /** The place that is free first. */
    private int slot(int place) {
        int first = 0;
        for (int i = 1; i < slots[place].length; i++) {
            first = slots[place][i] < slots[place][first] ? i : first;
        }
        return first;
    }

    /** Not before the others that its soon followers wait for will let those follow in time. */
    private long heldBack(int task) {
        long at = 0;
        for (int then : soon[task]) {
            long most = 0;
            long ready = tasks[then].from();
            for (Link l : in[then]) {
                if (l.before() == task) {
                    most = l.most();
                } else if (placed[l.before()]) {
                    ready = Math.max(ready, end[l.before()] + (l.dry() ? tasks[l.before()].rest() : 0));
                }
            }
            at = Math.max(at, ready - most - tasks[task].hands());
        }
        return at;
    }

    /** The first time at which a place is free when the hands are done, and no other hazard is about. */
    private long calm(Task t, long from, long works) {
        long at = from;
        if (t.place() >= 0 && t.rest() > 0) {
            at = Math.max(at, slots[t.place()][slot(t.place())] - works);
        }
        for (boolean moved = t.hazard() >= 0; moved; ) {
            moved = false;
            for (long[] h : hazards) {
                if (h[0] != t.hazard() && at < h[2] && h[1] < at + works + t.rest()) {
                    at = h[2];
                    moved = true;
                }
            }
        }
        return at;
    }
}
