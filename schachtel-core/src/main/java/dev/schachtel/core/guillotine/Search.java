package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * The best packing so far and the fewest boards that any needs. Answers at once from greedy layouts; each round of
 * {@link #run} looks further: all ways of cutting for small jobs, column generation for few sizes, then taking out and
 * putting back. Ends when nothing can be gained or after its rounds. Same job, seed and rounds, same answer.
 */
public final class Search {
    /** Pairs of halves up to which a first answer is already exhaustive: about a millisecond. */
    private static final double AT_ONCE = 4_000;
    /** Pairs of halves up to which all ways are gone through at all: about a second. */
    private static final double SMALL = 600_000;

    /** Pieces laid before the first answer is given. */
    private static final int AT_FIRST = 600;

    private static final int COLUMN_ROUNDS = 400;
    /** Cells of a knapsack's table, each with its cuts, that take about as long as one round of putting back. */
    private static final double CELLS = 64_000;
    /** After so many rounds without a board less, another start is tried. */
    private static final int PATIENCE = 20_000;

    private final Job job;
    private final long seed;
    private final List<Columns> columns = new ArrayList<>();
    private final double effort;
    private Packing best;
    private Bound bound;
    private boolean exhausted;
    private boolean rounded;
    private int columnRounds;
    private double owed;
    private int round;
    private int since;
    private int starts;
    private @Nullable Repacking repacking;

    private Search(Job job, long seed) {
        this.job = job;
        this.seed = seed;
        this.bound = Areas.bound(job);
        this.best = first(job, bound.boards());
        this.effort = Exhaustive.effort(job);
        if (!proved() && effort <= AT_ONCE) {
            exhaust();
        }
    }

    public static Search of(Job job, long seed) {
        return new Search(job, seed);
    }

    /**
     * A search that goes on where another of the same job came to.
     *
     * @throws IllegalArgumentException if what was found is none of this job's
     */
    public static Search of(Job job, long seed, Found found) {
        if (found.job() != job.fingerprint()) {
            throw new IllegalArgumentException("what was found is another job's");
        }
        Search search = new Search(job, seed);
        List<Packing.Sheet> sheets = new ArrayList<>();
        for (Found.Cut cut : found.boards()) {
            if (cut.board() < 0 || cut.board() >= job.boards().size()) {
                throw new IllegalArgumentException("there is no board " + cut.board());
            }
            sheets.add(new Packing.Sheet(
                    cut.board(), NodeText.read(cut.cuts(), job, job.boards().get(cut.board()))));
        }
        Packing packing = Packing.of(job, sheets);
        if (!packing.isSound()) {
            throw new IllegalArgumentException("more is cut than there is or is wanted");
        }
        search.take(packing);
        search.bound = found.bound().or(search.bound);
        search.round = Math.max(0, found.rounds());
        search.exhausted |= found.ended();
        return search;
    }

    /** How far it came. */
    public Found found() {
        List<Found.Cut> boards = best.sheets().stream()
                .map(s -> new Found.Cut(s.board(), NodeText.write(s.root())))
                .toList();
        return new Found(job.fingerprint(), boards, bound, round, exhausted);
    }

    /** Greedy layouts until one is proved, or so many pieces were laid that it takes noticeable time. */
    private static Packing first(Job job, int fewest) {
        Packing best = Packing.of(job, List.of());
        int laid = 0;
        int least = job.wants().stream()
                .filter(w -> !job.canBeCut(w))
                .mapToInt(Want::count)
                .sum();
        int inStock = Math.min(
                fewest,
                job.boards().stream().filter(Board::sold).mapToInt(Board::count).sum());
        for (Greedy.Rule way : ways(job)) {
            Packing next = Greedy.pack(job, way);
            best = laid == 0 || Packing.BETTER.compare(next, best) < 0 ? next : best;
            laid += job.pieces();
            boolean proved = best.lacking() == least && best.taken() <= fewest && best.bought() <= fewest - inStock;
            if (proved || laid > AT_FIRST) {
                return best;
            }
        }
        return best;
    }

    private static List<Greedy.Rule> ways(Job job) {
        boolean offcuts = job.boards().stream().anyMatch(b -> !b.sold());
        List<Greedy.Rule> ways = new ArrayList<>();
        for (Greedy.Order order : Greedy.Order.values()) {
            for (Opened.Taste taste : Opened.Taste.values()) {
                for (int board = 0; board < Math.min(3, job.boards().size()); board++) {
                    if (offcuts) {
                        ways.add(new Greedy.Rule(order, taste, board, true));
                    }
                    ways.add(new Greedy.Rule(order, taste, board, false));
                }
            }
        }
        return ways;
    }

    public Packing best() {
        return best;
    }

    /** The best packing with the same pieces on each board, cut for the largest rest and the least work. */
    public Packing tidied() {
        return Tidy.tidied(best);
    }

    public Bound bound() {
        return bound;
    }

    /** Whether no packing takes fewer boards than the best one. */
    public boolean proved() {
        return bound.boards() >= best.taken();
    }

    /** Rounds so far; of use to show progress and to repeat a run. */
    public int rounds() {
        return round;
    }

    /** Whether further rounds can't find fewer boards. */
    public boolean done() {
        return proved() || exhausted || best.sheets().isEmpty();
    }

    /** So many rounds more; a round takes from a tenth of a millisecond to some hundred. Stops early when done. */
    public void run(int rounds) {
        for (int i = 0; i < rounds && !done(); i++) {
            round++;
            if (effort <= SMALL) {
                exhaust();
            } else if (!rounded && (owed <= 0 || !canRepack())) {
                columnRound();
            } else {
                owed--;
                repack();
            }
        }
    }

    private void exhaust() {
        Packing all = Exhaustive.solve(job);
        exhausted = true;
        if (all.taken() <= best.taken()) {
            take(all);
            bound = new Bound(best.taken(), Bound.How.EXHAUSTED);
        }
    }

    private void take(Packing other) {
        best = Packing.BETTER.compare(other, best) < 0 ? other : best;
    }

    private void columnRound() {
        if (columns.isEmpty()) {
            long sizes = job.wants().stream().filter(w -> w.count() > 0).count();
            if (sizes > Columns.MOST_WANTS) {
                rounded = true;
                return;
            }
            columns.add(new Columns(job, true));
            if (!columns.get(0).exact()) {
                columns.add(new Columns(job, false));
            }
        }
        Columns now = columns.get(0);
        now.step();
        owed += now.effort() / CELLS;
        columnRounds++;
        if (now.isBound()) {
            bound = bound.or(now.bound());
        }
        if (now.done() || columnRounds >= COLUMN_ROUNDS) {
            columns.remove(0);
            columnRounds = 0;
            if (now.canBeCut()) {
                Packing before = best;
                for (double from : new double[] {1, 0.9, 0.7, 0.5, 0.3}) {
                    take(completed(now.rounded(from)));
                }
                repacking = best.taken() < before.taken() ? null : repacking;
            }
            rounded = columns.isEmpty();
        }
    }

    /** Boards of which too much is thrown out again and what is missing is packed greedily. */
    private Packing completed(List<Packing.Sheet> whole) {
        int[] left = job.counts();
        List<Packing.Sheet> sheets = new ArrayList<>();
        int[] boards = new int[job.boards().size()];
        for (Packing.Sheet sheet : whole) {
            Node trimmed = trimmed(sheet.root(), left);
            if (!trimmed.isFree()) {
                sheets.add(new Packing.Sheet(sheet.board(), trimmed));
                boards[sheet.board()]++;
            }
        }
        List<Want> wants = new ArrayList<>();
        for (int i = 0; i < left.length; i++) {
            Want w = job.wants().get(i);
            wants.add(new Want(w.width(), w.height(), left[i], w.stays(), w.turns()));
        }
        List<Board> rest = new ArrayList<>();
        for (int i = 0; i < boards.length; i++) {
            Board b = job.boards().get(i);
            rest.add(new Board(b.width(), b.height(), b.grain(), Math.max(0, b.count() - boards[i]), b.sold()));
        }
        Search inner = new Search(new Job(wants, rest), seed);
        if (inner.effort <= SMALL / 10) {
            inner.run(1);
        }
        sheets.addAll(inner.best.sheets());
        return Packing.of(job, sheets);
    }

    /** Without the pieces of which there are enough; counts the others off. */
    private static Node trimmed(Node root, int[] left) {
        List<Node> all = new ArrayList<>();
        all.add(root);
        root.inner(all);
        Node now = root;
        for (Node node : all) {
            if (node.isPiece()) {
                if (left[node.want()] > 0) {
                    left[node.want()]--;
                } else {
                    now = now.with(node, Node.free(node.width(), node.height()));
                }
            }
        }
        return now;
    }

    private boolean canRepack() {
        return repacking == null || repacking.canGoOn();
    }

    private void repack() {
        Repacking now = repacking;
        if (now == null || since > PATIENCE) {
            now = new Repacking(job, best, seed + 31L * starts++);
            repacking = now;
            since = 0;
        }
        since++;
        if (!now.canGoOn()) {
            exhausted = rounded;
        } else if (now.step()) {
            take(now.best());
            since = 0;
        }
    }
}
