package dev.schachtel.core.pose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.ArrayRealVector;
import org.apache.commons.math3.linear.CholeskyDecomposition;
import org.apache.commons.math3.linear.RealMatrix;
import org.apache.commons.math3.linear.RealVector;

import dev.schachtel.core.patience.Patience;

/** Ties that close loops, with the free hinges that their gaps hang on; closed together by damped least squares. */
final class Loops {
    /** After so many turns a pose that doesn't close is given up. */
    static final int TURNS = 50;

    /** Steps of work that a turn takes however few hinges there are. */
    private static final int TURN = 20;
    /** What a slope takes, in terms of the sums of the matrix. */
    private static final int SLOPES = 50;
    /** Such sums in one step of work. */
    private static final int SUMS = 1_000;

    /** Far less than what any hinge moves by a turn of 1. */
    private static final double LEAST = 1e-9;
    /** So far rounding may make the matrix uneven. */
    private static final double UNEVEN = 1e-9;

    private final Tree tree;
    private final List<Tie> ties;
    private final Set<Integer> all;
    /** Free hinges on the ways from the first panel to those of the loops. */
    private final List<Integer> free;

    Loops(Tree tree, List<Tie> ties, Set<Integer> free) {
        this.tree = tree;
        this.ties = ties;
        this.all = free;
        Set<Integer> own = new LinkedHashSet<>();
        for (Tie tie : ties) {
            collect(tie.first(), own);
            collect(tie.second(), own);
        }
        this.free = own.stream().filter(free::contains).toList();
    }

    private void collect(int panel, Set<Integer> own) {
        for (int at = panel; tree.parent()[at] >= 0; at = tree.before(at)) {
            own.add(tree.parent()[at]);
        }
    }

    boolean sharesWith(Loops other) {
        return free.stream().anyMatch(other.free::contains);
    }

    Loops and(Loops other) {
        List<Tie> both = new ArrayList<>(ties);
        both.addAll(other.ties);
        return new Loops(tree, both, all);
    }

    /**
     * Changes the free angles until all ends meet, or as near as they come.
     *
     * @param held how much the first step is held back
     */
    void close(double[] angles, double held) {
        if (free.isEmpty()) {
            return;
        }
        double damping = held;
        double[] gaps = gaps(angles);
        double now = square(gaps);
        for (int turn = 0; turn < TURNS && now > Linkage.CLOSED * Linkage.CLOSED / 4; turn++) {
            Patience.take(TURN + (long) gaps.length * free.size() * (SLOPES + free.size()) / SUMS);
            double[] step = step(slopes(angles), gaps, damping);
            double[] next = angles.clone();
            for (int i = 0; i < free.size(); i++) {
                next[free.get(i)] += step[i];
            }
            double[] left = gaps(next);
            double then = square(left);
            if (then < now) {
                System.arraycopy(next, 0, angles, 0, next.length);
                gaps = left;
                now = then;
                damping = Math.max(1e-12, damping / 10);
            } else {
                damping *= 10;
            }
        }
    }

    /** (JᵀJ + λ diag(JᵀJ) + ε) step = -Jᵀ gaps; ε keeps angles still on which nothing hangs just there. */
    private static double[] step(double[][] slopes, double[] gaps, double damping) {
        RealMatrix j = new Array2DRowRealMatrix(slopes, false);
        RealMatrix square = j.transpose().multiply(j);
        for (int i = 0; i < square.getRowDimension(); i++) {
            square.addToEntry(i, i, damping * square.getEntry(i, i) + LEAST);
        }
        RealVector right = new ArrayRealVector(j.preMultiply(gaps), false).mapMultiply(-1);
        return new CholeskyDecomposition(square, UNEVEN, 0)
                .getSolver()
                .solve(right)
                .toArray();
    }

    private static double square(double[] gaps) {
        return Arrays.stream(gaps).map(g -> g * g).sum();
    }

    /** How far all ties are from being kept, mm. */
    private double[] gaps(double[] angles) {
        Rigid[] known = new Rigid[tree.parent().length];
        return ties.stream()
                .flatMap(t -> gaps(t, angles, known).stream())
                .flatMapToDouble(g -> Arrays.stream(g.figures()))
                .toArray();
    }

    private List<Tie.Gap> gaps(Tie tie, double[] angles, Rigid[] known) {
        return tie.gaps(tree.placed(tie.first(), angles, known), tree.placed(tie.second(), angles, known));
    }

    /** How the gaps change with each free angle: what hangs beyond its hinge turns about its axis. */
    private double[][] slopes(double[] angles) {
        List<double[]> slopes = new ArrayList<>();
        Rigid[] known = new Rigid[tree.parent().length];
        for (Tie tie : ties) {
            for (Tie.Gap gap : gaps(tie, angles, known)) {
                Vec[] moved = new Vec[free.size()];
                Arrays.fill(moved, Vec.ZERO);
                add(moved, new End(tie.first(), gap.first(), 1), known);
                add(moved, new End(tie.second(), gap.second(), -1), known);
                gap.along()
                        .forEach(way -> slopes.add(
                                Arrays.stream(moved).mapToDouble(way::dot).toArray()));
            }
        }
        return slopes.toArray(double[][]::new);
    }

    /** An end of a gap as it lies on one of its panels. */
    private record End(int panel, Vec place, int sign) {}

    private void add(Vec[] moved, End end, Rigid[] known) {
        for (int at = end.panel; tree.parent()[at] >= 0; at = tree.before(at)) {
            int column = free.indexOf(tree.parent()[at]);
            if (column >= 0) {
                Hinge hinge = tree.hinges().get(tree.parent()[at]);
                Rigid first = known[hinge.first()];
                Vec axis = first.direction(hinge.onFirst().along());
                Vec turned = axis.cross(end.place.minus(first.at(hinge.onFirst().begins())));
                moved[column] = moved[column].plus(turned.times(tree.isForward(at) ? end.sign : -end.sign));
            }
        }
    }
}
