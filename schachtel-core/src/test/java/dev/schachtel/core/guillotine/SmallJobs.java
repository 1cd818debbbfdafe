package dev.schachtel.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Small jobs by their seeds, of which the optimum is known. */
public final class SmallJobs {
    private SmallJobs() {}

    public static Job of(long seed) {
        return job(new Random(seed));
    }

    private static Job job(Random random) {
        List<Want> wants = new ArrayList<>();
        int pieces = 4 + random.nextInt(6);
        while (pieces > 0) {
            int copies = Math.min(pieces, 1 + random.nextInt(3));
            wants.add(Want.free(3 + random.nextInt(9), 3 + random.nextInt(9), copies));
            pieces -= copies;
        }
        return new Job(wants, List.of(new Board(12, 12, 0, 100, true)));
    }
}
