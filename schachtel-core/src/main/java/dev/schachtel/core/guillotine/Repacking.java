package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.SplittableRandom;

import org.jspecify.annotations.Nullable;

/**
 * Gives itself one board less than the best packing and tries to find room for what was on it: takes a few pieces out
 * and puts them and the missing ones back where they cost least, keeps what is not much worse than some rounds ago (late
 * acceptance), and starts over with one less again when nothing is missing any more. Deterministic for a seed.
 */
final class Repacking {
    private static final int MEMORY = 20;
    private static final double GAPS_FIRST = 0.5;
    private static final double OVERLOOKED = 0.5;

    private final Job job;
    private final SplittableRandom random;
    private Packing best;
    private List<Opened> boards = new ArrayList<>();
    private final int[] uncuttable;
    private int[] missing;
    private double lacking;
    private double[] before = {};
    private final BitSet touched = new BitSet();
    private int round;

    Repacking(Job job, Packing start, long seed) {
        this.job = job;
        this.random = new SplittableRandom(seed);
        this.best = start;
        this.uncuttable = uncuttable(job);
        this.missing = start.missing().clone();
        drop();
    }

    Packing best() {
        return best;
    }

    /** Whether there is anything that could be left away. */
    boolean canGoOn() {
        return boards.size() > 0 && Arrays.equals(best.missing(), uncuttable);
    }

    private static int[] uncuttable(Job job) {
        int[] least = new int[job.wants().size()];
        for (int i = 0; i < least.length; i++) {
            Want want = job.wants().get(i);
            least[i] = job.canBeCut(want) ? 0 : want.count();
        }
        return least;
    }

    /** Takes away the board on which least lies, a whole one if there is any. */
    private void drop() {
        boards = new ArrayList<>(
                best.sheets().stream().map(s -> new Opened(s.board(), s.root())).toList());
        missing = best.missing().clone();
        int least = -1;
        for (int i = 0; i < boards.size(); i++) {
            if (least < 0 || worth(boards.get(i)) < worth(boards.get(least))) {
                least = i;
            }
        }
        if (least >= 0) {
            boards.remove(least).root.count(missing);
        }
        lacking = lacking(missing);
        before = new double[MEMORY];
        Arrays.fill(before, lacking);
        round = 0;
    }

    private double worth(Opened board) {
        return board.used + (job.boards().get(board.board).sold() ? 0 : 1e30);
    }

    private double lacking(int[] counts) {
        double sum = 0;
        for (int i = 0; i < counts.length; i++) {
            sum += counts[i] == 0 ? 0 : counts[i] * job.wants().get(i).area();
        }
        return sum;
    }

    /** One round; true if a better packing was found. */
    boolean step() {
        List<Opened> now = new ArrayList<>(boards);
        int[] out = missing.clone();
        touched.clear();
        ruin(now, out);
        recreate(now, out);
        double next = lacking(out);
        int slot = round++ % MEMORY;
        if (next <= lacking || next <= before[slot]) {
            boards = now;
            missing = out;
            lacking = next;
        }
        before[slot] = Math.min(before[slot], lacking);
        if (Arrays.equals(missing, uncuttable)) {
            best = Packing.of(
                    job,
                    boards.stream()
                            .filter(b -> !b.root.isFree())
                            .map(b -> new Packing.Sheet(b.board, b.root))
                            .toList());
            drop();
            return true;
        }
        return false;
    }

    private void ruin(List<Opened> now, int[] out) {
        int times = 1;
        while (times < 8 && random.nextDouble() < 0.7) {
            times++;
        }
        int near = emptier(now);
        for (int i = 0; i < times; i++) {
            int at = random.nextDouble() < 0.6 ? near : emptier(now);
            Opened board = now.get(at);
            List<Node> inner = new ArrayList<>();
            board.root.inner(inner);
            if (inner.isEmpty()) {
                if (board.root.isFree()) {
                    continue;
                }
                inner.add(board.root);
            }
            Node gone = inner.get(random.nextInt(inner.size()));
            gone.count(out);
            now.set(at, board.without(gone));
            touched.set(at);
        }
    }

    /** Of two boards at random the one with more room, so that full ones are left alone more often. */
    private int emptier(List<Opened> now) {
        int one = random.nextInt(now.size());
        int other = random.nextInt(now.size());
        return room(now.get(one)) >= room(now.get(other)) ? one : other;
    }

    private double room(Opened board) {
        return job.boards().get(board.board).area() - board.used;
    }

    private void recreate(List<Opened> now, int[] out) {
        if (random.nextDouble() < GAPS_FIRST) {
            fillGaps(now, out);
        }
        Opened.Taste taste = random.nextDouble() < 0.9 ? Opened.Taste.REST : Opened.Taste.REPEAT;
        for (int want : shuffled(out)) {
            boolean everywhere = out[want] > missing[want];
            for (int n = out[want]; n > 0 && place(want, now, taste, everywhere); n--) {
                out[want]--;
            }
        }
    }

    /** Gives each gap of the touched boards the missing piece that suits it best, as long as one does. */
    private void fillGaps(List<Opened> now, int[] out) {
        int[] pool = java.util.stream.IntStream.range(0, out.length)
                .filter(i -> out[i] > 0)
                .toArray();
        for (int at = touched.nextSetBit(0); at >= 0; at = touched.nextSetBit(at + 1)) {
            Board of = job.boards().get(now.get(at).board);
            List<Node> hopeless = new ArrayList<>();
            for (boolean filled = true; filled; ) {
                filled = false;
                for (Node gap : now.get(at).gaps()) {
                    if (hopeless.contains(gap)) {
                        continue;
                    }
                    Match match = match(gap, of, pool, out);
                    if (match.want >= 0) {
                        Want want = job.wants().get(match.want);
                        now.set(at, now.get(at).with(match.place(now.get(at), gap, want), match.want, want));
                        out[match.want]--;
                        filled = true;
                        break;
                    }
                    hopeless.add(gap);
                }
            }
        }
    }

    private Match match(Node gap, Board of, int[] pool, int[] out) {
        int best = -1;
        boolean bestTurned = false;
        double most = 0;
        for (int i : pool) {
            if (out[i] > 0) {
                Want want = job.wants().get(i);
                for (int t = 0; t < 2; t++) {
                    long w = want.across(t == 1);
                    long h = want.up(t == 1);
                    if (w <= gap.width && h <= gap.height && want.mayLie(of, t == 1)) {
                        double exact = (w == gap.width ? 1 : 0) + (h == gap.height ? 1 : 0);
                        double suits = exact + want.area() / gap.area() + 0.1 * random.nextDouble();
                        if (suits > most) {
                            most = suits;
                            best = i;
                            bestTurned = t == 1;
                        }
                    }
                }
            }
        }
        return new Match(best, bestTurned);
    }

    /** The want that suits a gap, and how it lies; none if want is below 0. */
    private record Match(int want, boolean turned) {
        Opened.Place place(Opened in, Node gap, Want size) {
            long w = size.across(turned);
            boolean upright =
                    size.up(turned) == gap.height || w != gap.width && gap.width - w > gap.height - size.up(turned);
            return new Opened.Place(in, gap, turned, upright, 0);
        }
    }

    /** Large ones first, by area or by longer side, with some luck. */
    private List<Integer> shuffled(int[] out) {
        List<Integer> all = new ArrayList<>();
        double[] key = new double[out.length];
        boolean byArea = random.nextBoolean();
        double luck = random.nextDouble() < 0.3 ? 1 : 0.2;
        for (int i = 0; i < out.length; i++) {
            if (out[i] > 0) {
                Want want = job.wants().get(i);
                double size = byArea ? Math.sqrt(want.area()) : Math.max(want.width(), want.height());
                key[i] = size * (1 + luck * random.nextDouble());
                all.add(i);
            }
        }
        all.sort((a, b) -> key[a] == key[b] ? a - b : Double.compare(key[b], key[a]));
        return all;
    }

    /** What was missing before fits no board that is as it was; only what was just taken out is tried everywhere. */
    private boolean place(int index, List<Opened> now, Opened.Taste taste, boolean everywhere) {
        Want want = job.wants().get(index);
        Opened.@Nullable Place best = null;
        int at = 0;
        for (int i = 0; i < now.size(); i++) {
            if (!touched.get(i) && (!everywhere || random.nextDouble() < OVERLOOKED)) {
                continue;
            }
            Opened board = now.get(i);
            Board of = job.boards().get(board.board);
            if (of.area() - board.used < want.area()) {
                continue;
            }
            Opened.@Nullable Place found = board.best(want, of, taste, best);
            if (found != best) {
                best = found;
                at = i;
            }
        }
        if (best == null) {
            return false;
        }
        now.set(at, best.in().with(best, index, want));
        touched.set(at);
        return true;
    }
}
