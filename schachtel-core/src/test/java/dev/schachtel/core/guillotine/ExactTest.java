package dev.schachtel.core.guillotine;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Small jobs against what a solver found that shares nothing with the search and need not cut from edge to edge, so that it can
 * only do with fewer boards. It was asked once, without a limit ({@code SmallJobsExact} in the benchmarks): the answers lie beside
 * this test.
 */
class ExactTest {
    /** The fewest boards of a job, whatever the cuts. */
    private record Optimum(long seed, int boards) {
        static Optimum of(String line) {
            String[] words = line.split(" ");
            return new Optimum(Long.parseLong(words[0]), Integer.parseInt(words[1]));
        }
    }

    private static List<Optimum> optima() throws IOException {
        try (InputStream file = Objects.requireNonNull(ExactTest.class.getResourceAsStream("small-jobs.txt"))) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(Optimum::of)
                    .toList();
        }
    }

    /** At least 98 % take as many boards as the optimum, and what is said to be proved is. */
    @Test
    void smallJobsTakeAsFewBoardsAsCanBe() throws IOException {
        int same = 0;
        List<Optimum> optima = optima();
        assertThat(optima).hasSizeGreaterThanOrEqualTo(60);
        for (Optimum optimum : optima) {
            Search search = Search.of(SmallJobs.of(optimum.seed()), optimum.seed());
            search.run(400);
            Replay.check(search.best());
            assertThat(search.best().taken()).isGreaterThanOrEqualTo(optimum.boards());
            same += optimum.boards() == search.best().taken() ? 1 : 0;
            if (search.bound().how() != Bound.How.EXHAUSTED) {
                assertThat(search.bound().boards())
                        .as("bound of job %s", optimum.seed())
                        .isLessThanOrEqualTo(optimum.boards());
            }
        }
        assertThat(same).isGreaterThanOrEqualTo((int) Math.ceil(optima.size() * 0.98));
    }
}
