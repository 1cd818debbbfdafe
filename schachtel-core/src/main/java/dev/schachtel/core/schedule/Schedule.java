package dev.schachtel.core.schedule;

import java.util.List;

/**
 * Who begins what when.
 *
 * @param order the tasks by their start
 * @param starts seconds from the beginning, set-up included
 * @param makers who does each, from 0
 * @param setUps whether each needs its set-up
 * @param late seconds by which links with a latest time are missed, summed up; 0 in a sound schedule
 */
public record Schedule(Problem problem, List<Integer> order, long[] starts, int[] makers, boolean[] setUps, long late) {
    public long start(int task) {
        return starts[task];
    }

    public int maker(int task) {
        return makers[task];
    }

    public boolean setsUp(int task) {
        return setUps[task];
    }

    /** When the hands are free again. */
    public long end(int task) {
        Task t = problem.tasks().get(task);
        return starts[task] + t.hands() + (setUps[task] ? t.setUp() : 0);
    }

    /** When it is dry. */
    public long ready(int task) {
        return end(task) + problem.tasks().get(task).rest();
    }

    /** When everything is done and dry. */
    public long finish() {
        long last = 0;
        for (int i = 0; i < starts.length; i++) {
            last = Math.max(last, ready(i));
        }
        return last;
    }

    /** Seconds of handwork, set-ups included. */
    public long handsOn() {
        long sum = 0;
        for (int i = 0; i < starts.length; i++) {
            sum += end(i) - starts[i];
        }
        return sum;
    }

    /** How often something is set up. */
    public int changes() {
        int n = 0;
        for (int i = 0; i < setUps.length; i++) {
            n += setUps[i] && problem.tasks().get(i).setUp() > 0 ? 1 : 0;
        }
        return n;
    }

    /** What is compared, the lower the better: missed latest times, then the finish, then handwork, then changes. */
    double cost() {
        return late * 1e9 + finish() * 1e4 + handsOn() + changes() * 1e-2;
    }
}
