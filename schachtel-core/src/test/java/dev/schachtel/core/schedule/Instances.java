package dev.schachtel.core.schedule;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Problems at random: chains with cross links, tools with set-ups, drying places, hazards, things that must follow soon. */
final class Instances {
    private Instances() {}

    static Problem any(long seed, int most) {
        Random random = new Random(seed);
        int n = 1 + random.nextInt(most);
        List<Task> tasks = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            boolean rests = random.nextInt(3) == 0;
            tasks.add(new Task(
                    random.nextInt(120),
                    30 + random.nextInt(300),
                    random.nextBoolean() ? random.nextInt(4) : Task.ALONE,
                    random.nextInt(4) == 0 ? random.nextInt(2) : Task.NONE,
                    rests ? random.nextInt(3000) : 0,
                    rests ? random.nextInt(2) : Task.NONE,
                    random.nextInt(8) == 0 ? random.nextInt(2) : Task.NONE,
                    random.nextInt(10) == 0 ? random.nextInt(2000) : 0));
            for (int k = 0; i > 0 && k < 1 + random.nextInt(2); k++) {
                int from = Math.max(0, i - 1 - random.nextInt(8));
                links.add(new Link(from, i, random.nextInt(5) > 0, Link.ANY));
            }
        }
        List<List<Integer>> holds = new ArrayList<>();
        tasks.forEach(t ->
                holds.add(random.nextInt(3) == 0 ? List.of() : List.of(random.nextInt(n), random.nextInt(1 + n / 2))));
        return new Problem(tasks, links, 1 + random.nextInt(3), 2, List.of(2, 3), holds);
    }
}
