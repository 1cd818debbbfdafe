package dev.schachtel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

import static org.assertj.core.api.Assertions.assertThat;

/** Every benchmark runs, each with one round: one that rots measures nothing any more. How fast it is isn't looked at. */
class BenchesRunTest {
    private static final List<String> ELSEWHERE = List.of("Load", "Rounds", "StressCard", "ExactModel", "package-info");
    private static final List<String> METERS = List.of("PlannerBench", "StructuresBench");
    private static final List<String> HERE = List.of(
            "BuildSpeed",
            "ColourSpeed",
            "SceneSpeed",
            "SmallJobsExact",
            "ToleranceSpeed",
            "CuttingQuality",
            "SchedulingQuality",
            "Edges",
            "DearFilesSpeed");

    @ParameterizedTest
    @CsvSource({
        "BuildSpeed, ''",
        "ColourSpeed, ''",
        "SceneSpeed, ''",
        "SmallJobsExact, ''",
        "ToleranceSpeed, 3",
        "CuttingQuality, mix 0.02",
        "CuttingQuality, puzzles 0.02",
        "SchedulingQuality, 1 0.05 0.2",
        "Edges, ''",
        "DearFilesSpeed, ''"
    })
    void runs(String name, String arguments) throws ReflectiveOperationException {
        Class.forName("dev.schachtel.bench." + name)
                .getMethod("main", String[].class)
                .invoke(null, (Object) Arrays.stream(arguments.split(" "))
                        .filter(a -> !a.isEmpty())
                        .toArray(String[]::new));
    }

    @Test
    void meters() throws RunnerException {
        var results = new Runner(new OptionsBuilder()
                        .include("PlannerBench|StructuresBench")
                        .param("card", "upper-station")
                        .forks(0)
                        .warmupIterations(0)
                        .measurementIterations(1)
                        .measurementTime(TimeValue.milliseconds(1))
                        .shouldFailOnError(true)
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        assertThat(results).isNotEmpty();
    }

    @Test
    void allAreNamed() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/main/java/dev/schachtel/bench"))) {
            assertThat(files.map(f -> f.getFileName().toString().replace(".java", "")))
                    .containsExactlyInAnyOrderElementsOf(Stream.of(ELSEWHERE, METERS, HERE)
                            .flatMap(List::stream)
                            .toList());
        }
    }
}
