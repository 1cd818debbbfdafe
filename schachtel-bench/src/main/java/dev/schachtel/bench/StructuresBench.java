package dev.schachtel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;

/** How long the whole answer takes for each demo card, and for a card with far too much on it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 5)
@Measurement(iterations = 4, time = 2)
public class StructuresBench {
    @Param({
        "cable-drum",
        "carriage-windows",
        "guards-door",
        "level-crossing",
        "luggage-label",
        "platform-sign",
        "terraces",
        "ticket",
        "timetable",
        "turntable",
        "upper-station",
        "viaduct",
        "stress"
    })
    private String card = "";

    private final Workshop workshop = WorkshopFile.standard();
    private CardSpec spec = null;

    @Setup
    public void read() throws IOException {
        spec = card.equals("stress")
                ? StressCard.make()
                : CardFile.read(
                        Files.readString(Path.of(System.getProperty("demo", "demo"), card + ".json")), workshop);
    }

    /** What a change waits for. */
    @Benchmark
    public Plan plan() {
        return Planner.withoutRemedies(spec, workshop);
    }

    /** What comes to the page afterwards. */
    @Benchmark
    public Findings remedies() {
        return Planner.remedies(spec, workshop);
    }
}
