package dev.schachtel.core.pose;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * Panels that hang together by hinges, some of which are driven. Panels are placed along a tree of hinges from the first panel; every hinge
 * beside the tree closes a loop: both its panels must have it in the same place; so does an edge that rests on another panel. The angles that nobody drives are found by damped least
 * squares over the distances of the ends of such hinges (Levenberg and Marquardt; derivatives from the axes), continued from the
 * shut card in fixed steps of the driver, so that the same driver gives the same pose whatever was shown before.
 */
public final class Linkage {
    /** Steps from shut to any pose; poses after whole ones are kept. */
    public static final int STEPS = 48;
    /** Closed: ends of a hinge are no further apart than this, mm. */
    public static final double CLOSED = 1e-7;

    /** How much steps are held back: from shut, where two ways lie close beside each other, and afterwards. */
    private static final double FROM_SHUT = 1e-3;

    private static final double GENTLY = 1e-6;

    private final int panels;
    private final List<Hinge> hinges;
    private final Map<Integer, DoubleUnaryOperator> driven;
    /** By panel: the hinge by which it hangs in the tree; -1 for the first one, and for what hangs on nothing. */
    private final int[] parent;

    private final List<Tie> ties = new ArrayList<>();
    private final Set<Integer> loops = new LinkedHashSet<>();
    private final Set<Integer> free = new LinkedHashSet<>();
    private final Tree tree;
    private final List<Loops> groups;
    /** The angles after each step that was gone so far. */
    private final List<double[]> walk = new ArrayList<>();

    /**
     * What hangs together.
     *
     * @param panels how many; the first one stays where it is
     * @param driven by hinge, its angle for a driver from 0, shut, to 1, open
     */
    public Linkage(int panels, List<Hinge> hinges, Map<Integer, DoubleUnaryOperator> driven) {
        this(panels, hinges, List.of(), driven);
    }

    /** The same with edges that rest on other panels. */
    public Linkage(int panels, List<Hinge> hinges, List<Rest> rests, Map<Integer, DoubleUnaryOperator> driven) {
        this.panels = panels;
        this.hinges = List.copyOf(hinges);
        this.driven = Map.copyOf(driven);
        this.parent = new int[panels];
        grow();
        loops.forEach(h -> ties.add(this.hinges.get(h)));
        ties.addAll(rests);
        this.tree = Tree.of(this.hinges, parent);
        this.groups = groups();
    }

    private void grow() {
        Arrays.fill(parent, -1);
        boolean[] seen = new boolean[panels];
        boolean[] used = new boolean[hinges.size()];
        Deque<Integer> next = new ArrayDeque<>(List.of(0));
        seen[0] = true;
        while (!next.isEmpty()) {
            int at = next.poll();
            for (int h = 0; h < hinges.size(); h++) {
                Hinge hinge = hinges.get(h);
                int other = hinge.first() == at ? hinge.second() : hinge.second() == at ? hinge.first() : -1;
                if (other >= 0 && !seen[other]) {
                    seen[other] = true;
                    used[h] = true;
                    parent[other] = h;
                    next.add(other);
                }
            }
        }
        for (int h = 0; h < hinges.size(); h++) {
            if (!used[h]) {
                loops.add(h);
            } else if (!driven.containsKey(h)) {
                free.add(h);
            }
        }
    }

    /**
     * Where all panels are.
     *
     * @param panels by number
     * @param angles of the hinges of the tree; of one that closes a loop as it comes out
     * @param gap the widest distance of places that should lie together, mm
     * @param loop the hinge or rest at which it gapes; empty where all is closed
     */
    public record Pose(List<Rigid> panels, List<Double> angles, double gap, String loop) {
        public boolean closed() {
            return loop.isEmpty();
        }
    }

    /** The pose for a driver from 0 to 1: reached from shut in steps of one size, of which only the last may be shorter. */
    public Pose at(double driver) {
        int whole = (int) Math.min(STEPS, Math.floor(driver * STEPS));
        double[] at = walked(whole);
        double rest = driver * STEPS - whole;
        return pose(rest > 0 ? step(whole, driver, rest) : at);
    }

    /** The angles after so many steps. */
    private synchronized double[] walked(int steps) {
        if (walk.isEmpty()) {
            walk.add(shut());
        }
        while (walk.size() <= steps) {
            walk.add(step(walk.size() - 1, walk.size() / (double) STEPS, 1));
        }
        return walk.get(steps);
    }

    /**
     * A step begins where the last two lead to; the first, with all hinges moved as far as what drives them.
     *
     * @param from after so many whole steps
     * @param share how much of a step it is
     */
    private double[] step(int from, double driver, double share) {
        double[] angles = walked(from);
        double[] before = from == 0 ? angles : walked(from - 1);
        double[] next = angles.clone();
        driven.forEach((h, angle) -> next[h] = angle.applyAsDouble(driver));
        for (int h : free) {
            next[h] += from == 0
                    ? Math.signum(hinges.get(h).towards()) * moved(angles, next)
                    : share * (angles[h] - before[h]);
        }
        groups.forEach(g -> g.close(next, from == 0 ? FROM_SHUT : GENTLY));
        return next;
    }

    private double[] shut() {
        double[] angles = new double[hinges.size()];
        free.forEach(h -> angles[h] = hinges.get(h).shut());
        driven.forEach((h, angle) -> angles[h] = angle.applyAsDouble(0));
        return angles;
    }

    /** How far what drives the others has moved. */
    private double moved(double[] from, double[] to) {
        return driven.keySet().stream()
                .mapToDouble(h -> Math.abs(to[h] - from[h]))
                .max()
                .orElse(0);
    }

    private Rigid[] placed(double[] angles) {
        Rigid[] all = new Rigid[panels];
        for (int panel = 0; panel < panels; panel++) {
            tree.placed(panel, angles, all);
        }
        return all;
    }

    /** Loops that share no free hinge are closed each by itself. */
    private List<Loops> groups() {
        List<Loops> groups = new ArrayList<>();
        for (Tie tie : ties) {
            Loops one = new Loops(tree, List.of(tie), free);
            for (Loops other : List.copyOf(groups)) {
                if (other.sharesWith(one)) {
                    groups.remove(other);
                    one = one.and(other);
                }
            }
            groups.add(one);
        }
        return groups;
    }

    private Pose pose(double[] angles) {
        Rigid[] placed = placed(angles);
        double widest = 0;
        String loop = "";
        for (Tie tie : ties) {
            for (Tie.Gap end : tie.gaps(placed[tie.first()], placed[tie.second()])) {
                double gap = end.first().minus(end.second()).length();
                if (gap > widest) {
                    widest = gap;
                    loop = gap > CLOSED ? tie.name() : loop;
                }
            }
        }
        List<Double> all = new ArrayList<>();
        for (int h = 0; h < hinges.size(); h++) {
            all.add(loops.contains(h) ? angle(hinges.get(h), placed) : angles[h]);
        }
        return new Pose(List.of(placed), all, widest, loop);
    }

    /** The angle of a hinge from where its panels are: that of their outward directions, about the line. */
    private static double angle(Hinge h, Rigid[] placed) {
        Vec along = placed[h.first()].direction(h.onFirst().along());
        Vec flat = placed[h.first()].out();
        Vec now = placed[h.second()].out();
        return Math.atan2(flat.cross(now).dot(along), flat.dot(now));
    }
}
