package dev.schachtel.core.schedule;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.function.ToIntFunction;

/**
 * What is to be done, in which order at least, by how many, with what.
 *
 * @param makers pairs of hands, 1 or more
 * @param tools single tools; tasks call them from 0
 * @param places how many things can rest in each kind of place at a time, 1 or more each
 * @param holds what each task has in its hands, from 0: nobody else has it meanwhile. As many as tasks, or none at all
 */
public record Problem(
        List<Task> tasks, List<Link> links, int makers, int tools, List<Integer> places, List<List<Integer>> holds) {
    public Problem {
        tasks = List.copyOf(tasks);
        links = List.copyOf(links);
        places = List.copyOf(places);
        holds = List.copyOf(holds);
        if (!holds.isEmpty() && holds.size() != tasks.size()) {
            throw new IllegalArgumentException("holds (" + holds.size() + ") must be as many as tasks, or none");
        }
        if (makers < 1 || tools < 0) {
            throw new IllegalArgumentException("makers (" + makers + ") must be 1 or more, tools (" + tools + ") 0");
        }
        for (Task t : tasks) {
            if (t.tool() >= tools || t.place() >= places.size()) {
                throw new IllegalArgumentException("tool " + t.tool() + " or place " + t.place() + " is not there");
            }
        }
    }

    /** Tasks that have nothing in their hands that another could want. */
    public Problem(List<Task> tasks, List<Link> links, int makers, int tools, List<Integer> places) {
        this(tasks, links, makers, tools, places, List.of());
    }

    /** What somebody may do alone: tasks without order between them, one maker, no tools. */
    public static Problem of(List<Task> tasks, List<Link> links) {
        return new Problem(tasks, links, 1, 0, List.of());
    }

    int size() {
        return tasks.size();
    }

    /** What a task has in its hands. */
    List<Integer> held(int task) {
        return holds.isEmpty() ? List.of() : holds.get(task);
    }

    /** The links by the task at one of their ends. */
    List<List<Link>> linksBy(ToIntFunction<Link> end) {
        List<List<Link>> by = new ArrayList<>();
        tasks.forEach(t -> by.add(new ArrayList<>()));
        links.forEach(l -> by.get(end.applyAsInt(l)).add(l));
        return by;
    }

    /**
     * The links of a shortest circle, in its order; empty if there is none. Then no schedule keeps all links. O(tasks x
     * links) at most.
     */
    public List<Link> circle() {
        List<Link> shortest = List.of();
        BitSet free = new BitSet(size());
        Arrays.stream(sorted()).forEach(free::set);
        List<List<Link>> out = linksBy(Link::before);
        for (int from = free.nextClearBit(0); from < size(); from = free.nextClearBit(from + 1)) {
            List<Link> found = circleFrom(from, out, shortest.isEmpty() ? size() : shortest.size() - 1);
            if (!found.isEmpty()) {
                shortest = found;
            }
        }
        return shortest;
    }

    /** A shortest circle of so many links at most. */
    private List<Link> circleFrom(int from, List<List<Link>> out, int most) {
        Link[] by = new Link[size()];
        int[] far = new int[size()];
        Deque<Integer> next = new ArrayDeque<>(List.of(from));
        while (!next.isEmpty() && by[from] == null) {
            int at = next.remove();
            for (Link l : far[at] < most ? out.get(at) : List.<Link>of()) {
                if (by[l.after()] == null) {
                    by[l.after()] = l;
                    far[l.after()] = far[at] + 1;
                    next.add(l.after());
                }
            }
        }
        List<Link> circle = new ArrayList<>();
        if (by[from] != null) {
            Link last = by[from];
            circle.add(last);
            while (last.before() != from) {
                last = by[last.before()];
                circle.add(last);
            }
            Collections.reverse(circle);
        }
        return circle;
    }

    /** Tasks in an order that keeps all links; shorter than the tasks if there is a circle. */
    int[] sorted() {
        int[] missing = new int[size()];
        List<List<Link>> out = linksBy(Link::before);
        links.forEach(l -> missing[l.after()]++);
        int[] order = new int[size()];
        int n = 0;
        for (int i = 0; i < size(); i++) {
            if (missing[i] == 0) {
                order[n++] = i;
            }
        }
        for (int at = 0; at < n; at++) {
            for (Link l : out.get(order[at])) {
                if (--missing[l.after()] == 0) {
                    order[n++] = l.after();
                }
            }
        }
        return n == size() ? order : Arrays.copyOf(order, n);
    }
}
