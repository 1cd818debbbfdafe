package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Hands out boards: offcuts first, then those that are there, then those to buy. */
final class Stock {
    private final Job job;
    private final int[] left;
    private final List<Integer> order = new ArrayList<>();

    /** With boards of the preferred place before the other whole boards. */
    Stock(Job job, int preferred) {
        this.job = job;
        this.left = job.boards().stream().mapToInt(Board::count).toArray();
        for (int i = 0; i < left.length; i++) {
            order.add(i);
        }
        order.sort(Comparator.comparing((Integer i) -> job.boards().get(i).sold())
                .thenComparing(i ->
                        job.boards().get(i).sold() ? 0.0 : job.boards().get(i).area())
                .thenComparing(i -> i != preferred));
    }

    /** One of each kind of offcut that is left and takes this want. */
    List<Integer> offcuts(Want want) {
        return order.stream()
                .filter(i -> left[i] > 0 && !job.boards().get(i).sold())
                .filter(i -> want.fits(job.boards().get(i)))
                .toList();
    }

    void takeOffcut(int board) {
        left[board]--;
    }

    /** The place of the first board that takes this want, or nothing if none does. */
    List<Integer> take(Want want) {
        for (boolean there : new boolean[] {true, false}) {
            for (int i : order) {
                Board board = job.boards().get(i);
                if ((there ? left[i] > 0 : board.sold() && left[i] <= 0) && want.fits(board)) {
                    left[i]--;
                    return List.of(i);
                }
            }
        }
        return List.of();
    }
}
