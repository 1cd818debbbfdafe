package dev.schachtel.core.guillotine;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Boards with their cuts.
 *
 * @param missing of each want how many found no place
 */
public record Packing(Job job, List<Sheet> sheets, int[] missing) {
    /** One board and how it is cut. */
    public record Sheet(int board, Node root) {}

    /**
     * Better first: fewer pieces missing, fewer boards bought, fewer boards taken, less area taken, then the largest
     * single rest.
     */
    static final Comparator<Packing> BETTER = Comparator.comparingInt(Packing::lacking)
            .thenComparingInt(Packing::bought)
            .thenComparingInt(Packing::taken)
            .thenComparingDouble(Packing::area)
            .thenComparing(Comparator.comparingDouble(Packing::largestRest).reversed());

    public Packing {
        sheets = List.copyOf(sheets);
    }

    static Packing of(Job job, List<Sheet> sheets) {
        int[] missing = job.counts();
        int[] laid = new int[missing.length];
        sheets.forEach(s -> s.root().count(laid));
        for (int i = 0; i < missing.length; i++) {
            missing[i] -= laid[i];
        }
        return new Packing(job, sheets, missing);
    }

    /** Whether no more pieces are cut than wanted, and no more boards that can't be bought than there are. */
    boolean isSound() {
        int[] used = new int[job.boards().size()];
        sheets.forEach(s -> used[s.board()]++);
        for (int i = 0; i < used.length; i++) {
            Board board = job.boards().get(i);
            if (!board.sold() && used[i] > board.count()) {
                return false;
            }
        }
        return Arrays.stream(missing).allMatch(n -> n >= 0);
    }

    public int lacking() {
        return Arrays.stream(missing).sum();
    }

    /** Boards that are no offcuts. */
    public int taken() {
        return (int) sheets.stream().filter(s -> board(s).sold()).count();
    }

    /** Boards beyond those that are there. */
    public int bought() {
        int[] used = new int[job.boards().size()];
        sheets.forEach(s -> used[s.board()]++);
        int bought = 0;
        for (int i = 0; i < used.length; i++) {
            bought += Math.max(0, used[i] - job.boards().get(i).count());
        }
        return bought;
    }

    public double area() {
        return sheets.stream().mapToDouble(s -> board(s).area()).sum();
    }

    public double largestRest() {
        return sheets.stream().mapToDouble(s -> s.root().largestFree()).max().orElse(0);
    }

    private Board board(Sheet sheet) {
        return job.boards().get(sheet.board());
    }
}
