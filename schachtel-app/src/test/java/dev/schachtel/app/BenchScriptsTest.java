package dev.schachtel.app;

import java.io.IOException;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

import static org.assertj.core.api.Assertions.assertThat;

/** The benchmarks that ask the running application run, with one round; how fast it is isn't looked at. */
@ExtendWith(RunningApp.class)
class BenchScriptsTest {
    private final RunningApp app;

    BenchScriptsTest(RunningApp app) {
        this.app = app;
    }

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as("%s: %s", List.of(command), said).isZero();
        return said;
    }

    @Test
    void changes() throws Exception {
        assertThat(run("python3", "../schachtel-bench/scripts/changes.py", app.address(), "1"))
                .contains("median ms");
    }

    @Test
    void pages() throws Exception {
        app.cards().create(RunningApp.demo("ticket.json"), "test");
        assertThat(run("python3", "../schachtel-bench/scripts/pages.py", app.address(), "1"))
                .contains("/cards/N/structure: median", "/stock: median");
    }

    @Test
    void load() throws Exception {
        long card = app.cards()
                .create(RunningApp.whole("upper-station.json"), "test")
                .id();
        assertThat(run(
                        "java",
                        "../schachtel-bench/src/main/java/dev/schachtel/bench/Load.java",
                        app.address(),
                        "2",
                        "1",
                        "" + card))
                .contains("95 % within");
    }
}
