package dev.schachtel.core.guillotine;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;

/** What is wanted, and what there is to cut it from. Wants and boards are called by their places in these lists. */
public record Job(List<Want> wants, List<Board> boards) {
    public Job {
        wants = List.copyOf(wants);
        boards = List.copyOf(boards);
    }

    /** Whether any board takes it. */
    public boolean canBeCut(Want want) {
        return boards.stream().anyMatch(want::fits);
    }

    int pieces() {
        return wants.stream().mapToInt(Want::count).sum();
    }

    /** Differs, most likely, for another job. */
    int fingerprint() {
        int print = boards.hashCode();
        for (Want w : wants) {
            print = 31 * print + Objects.hash(w.width(), w.height(), w.count());
            print = 31 * print + Arrays.hashCode(w.stays());
            print = 31 * print + Arrays.hashCode(w.turns());
        }
        return print;
    }

    int[] counts() {
        return wants.stream().mapToInt(Want::count).toArray();
    }
}
