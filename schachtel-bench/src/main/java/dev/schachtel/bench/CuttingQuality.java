package dev.schachtel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.CutSearch;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.guillotine.Board;
import dev.schachtel.core.guillotine.Job;
import dev.schachtel.core.guillotine.Packing;
import dev.schachtel.core.guillotine.Search;
import dev.schachtel.core.guillotine.Want;
import dev.schachtel.core.material.Workshop;

/**
 * How near the least the cutting planner comes, over generated jobs of fixed seeds. Prints one line a group; arguments:
 * {@code mix}, {@code batch} or {@code puzzles}, seconds a job may take at most.
 */
public final class CuttingQuality {
    /** Sizes are in 1/64 in, sheets those of the demo's drawer. */
    private static final int INCH = 64;

    private CuttingQuality() {}

    public static void main(String[] args) throws IOException {
        double seconds = args.length > 1 ? Double.parseDouble(args[1]) : 2;
        if (args.length == 0 || args[0].equals("mix")) {
            mix(seconds);
        }
        if (args.length == 0 || args[0].equals("batch")) {
            batch();
            many();
        }
        if (args.length == 0 || args[0].equals("puzzles")) {
            puzzles(seconds);
        }
    }

    private static Search solved(Job job, long seed, double seconds) {
        long start = System.nanoTime();
        Search search = Search.of(job, seed);
        while (!search.done() && System.nanoTime() - start < seconds * 1e9) {
            search.run(20);
        }
        return search;
    }

    /** How long Terraces x 40 and 2,000 mixed parts take to the first answer, and what 2 and 5 s make of it. */
    private static void batch() throws IOException {
        Workshop workshop = WorkshopFile.standard();
        CardSpec spec =
                CardFile.read(Files.readString(Path.of(System.getProperty("demo", "demo"), "terraces.json")), workshop);
        Build build = Engineering.engineer(spec, workshop);
        for (int i = 0; i < 20; i++) {
            CutPlanner.plan(build, workshop);
        }
        long start = System.nanoTime();
        CutSearch search = CutPlanner.search(build, workshop);
        double first = (System.nanoTime() - start) / 1e6;
        int sheets = search.plan().sheets();
        while (!search.done() && System.nanoTime() - start < 2e9) {
            search.run(20);
        }
        System.out.printf(
                Locale.ROOT,
                "Terraces x 40: first %.0f ms (%d sheets), final after %.0f ms (%d sheets, %s)%n",
                first,
                sheets,
                (System.nanoTime() - start) / 1e6,
                search.plan().sheets(),
                search.done() ? "proved" : "not proved");
    }

    private static void many() {
        List<Want> wants = new ArrayList<>();
        Random random = new Random(7);
        for (int i = 0; i < 50; i++) {
            wants.add(Want.free(20 + random.nextInt(500), 20 + random.nextInt(500), 40));
        }
        Job job = new Job(wants, List.of(new Board(12 * INCH, 12 * INCH, 0, 1000, true)));
        long start = System.nanoTime();
        Search large = Search.of(job, 1);
        double first = (System.nanoTime() - start) / 1e6;
        int sheets = large.best().taken();
        while (!large.done() && System.nanoTime() - start < 5e9) {
            large.run(20);
        }
        System.out.printf(
                Locale.ROOT,
                "2,000 parts: first %.0f ms (%d sheets), after %.1f s %d sheets, bound %d; heap used %d MB%n",
                first,
                sheets,
                (System.nanoTime() - start) / 1e9,
                large.best().taken(),
                large.bound().boards(),
                (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) >> 20);
    }

    /** What makers cut: 3 to 15 sizes, 2 to 80 copies each, one or two sheet sizes, grain on a third of the parts. */
    static Job makersMix(long seed) {
        Random random = new Random(seed);
        List<Want> wants = new ArrayList<>();
        int sizes = 3 + random.nextInt(13);
        for (int i = 0; i < sizes; i++) {
            boolean small = random.nextInt(3) > 0;
            int w = (small ? 8 + random.nextInt(40) : 40 + random.nextInt(96)) * INCH / 16;
            int h = (small ? 8 + random.nextInt(60) : 40 + random.nextInt(96)) * INCH / 16;
            boolean grained = random.nextInt(3) == 0;
            wants.add(new Want(
                    w,
                    h,
                    2 + random.nextInt(79),
                    new boolean[] {true, true},
                    grained ? new boolean[] {false, true} : new boolean[] {true, true}));
        }
        List<Board> boards = new ArrayList<>();
        if (random.nextBoolean()) {
            boards.add(new Board(12 * INCH, 12 * INCH, 0, 1000, true));
        }
        if (boards.isEmpty() || random.nextBoolean()) {
            boards.add(new Board(17 * INCH / 2, 11 * INCH, 0, 1000, true));
        }
        return new Job(wants, boards);
    }

    private static void mix(double seconds) {
        int met = 0;
        int closed = 0;
        int worse = 0;
        int over30 = 0;
        double longest = 0;
        for (int seed = 0; seed < Rounds.of(200); seed++) {
            long start = System.nanoTime();
            Search search = solved(makersMix(seed), seed, seconds);
            longest = Math.max(longest, (System.nanoTime() - start) / 1e9);
            int gap = search.best().taken() - search.bound().boards();
            met += gap == 0 ? 1 : 0;
            closed += search.proved() ? 1 : 0;
            worse += gap > 1 && search.best().taken() < 30 ? 1 : 0;
            over30 += gap > 1 && search.best().taken() >= 30 ? 1 : 0;
            if (gap > 0) {
                System.out.printf(
                        Locale.ROOT,
                        "  mix %d: %d sheets, bound %s%n",
                        seed,
                        search.best().taken(),
                        search.bound());
            }
        }
        System.out.printf(
                Locale.ROOT,
                "maker's mix: %d of 200 equal to the bound (%d proved), %d more than one above under 30 sheets, %d from 30"
                        + " on; longest %.1f s%n",
                met,
                closed,
                worse,
                over30,
                longest);
    }

    /** Whole sheets cut up at random, so that the number of sheets is the least. */
    static Job puzzle(Random random, int sheets, int parts) {
        long w = 12L * INCH;
        long h = 12L * INCH;
        List<Want> wants = new ArrayList<>();
        for (int s = 0; s < sheets; s++) {
            List<long[]> pieces = new ArrayList<>(List.of(new long[] {w, h}));
            while (pieces.size() < parts) {
                long[] largest = pieces.stream()
                        .max((a, b) -> Long.compare(a[0] * a[1], b[0] * b[1]))
                        .orElseThrow();
                long[] piece = random.nextInt(3) == 0 ? largest : pieces.get(random.nextInt(pieces.size()));
                boolean upright = random.nextDouble() < (double) piece[0] / (piece[0] + piece[1]);
                long along = upright ? piece[0] : piece[1];
                if (along < 32) {
                    piece = largest;
                    upright = piece[0] > piece[1];
                    along = upright ? piece[0] : piece[1];
                }
                long at = Math.round(along * (0.2 + 0.6 * random.nextDouble()));
                pieces.remove(piece);
                pieces.add(upright ? new long[] {at, piece[1]} : new long[] {piece[0], at});
                pieces.add(upright ? new long[] {along - at, piece[1]} : new long[] {piece[0], along - at});
            }
            pieces.forEach(p -> wants.add(Want.free(p[0], p[1], 1)));
        }
        return new Job(wants, List.of(new Board(w, h, 0, sheets, true)));
    }

    private static void say(int seed, int sheets, int parts, Packing best) {
        System.out.printf(Locale.ROOT, "  puzzle %d: %d sheets of %d parts, %d%n", seed, sheets, parts, best.taken());
    }

    private static void puzzles(double seconds) {
        int[] small = new int[3];
        double ratios = 0;
        int large = 0;
        double worst = 0;
        double longest = 0;
        for (int seed = 0; seed < Rounds.of(300); seed++) {
            Random random = new Random(1000 + seed);
            int sheets = 1 + random.nextInt(40);
            int parts = 5 + random.nextInt(56);
            Job job = puzzle(random, sheets, parts);
            long start = System.nanoTime();
            Packing best = solved(job, seed, seconds).best();
            longest = Math.max(longest, (System.nanoTime() - start) / 1e9);
            int above = best.taken() - sheets;
            if (sheets <= 9) {
                small[Math.min(2, above)]++;
                if (above > 1) {
                    say(seed, sheets, parts, best);
                }
            } else {
                large++;
                double ratio = best.taken() / (double) sheets;
                ratios += ratio;
                if (ratio > 1.09) {
                    say(seed, sheets, parts, best);
                }
                worst = Math.max(worst, ratio);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "puzzles up to 9 sheets: at the optimum, one above, more: %s; from 10 on: %d, mean %.4f, worst %.3f of the"
                        + " optimum; longest %.1f s%n",
                Arrays.toString(small),
                large,
                ratios / large,
                worst,
                longest);
    }
}
