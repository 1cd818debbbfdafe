package dev.schachtel.core.guillotine;

import java.util.List;

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

    int[] counts() {
        return wants.stream().mapToInt(Want::count).toArray();
    }
}
