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
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** How long the whole answer for the demo card takes, and its front view. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(2)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class PlannerBench {
    private Workshop workshop = WorkshopFile.standard();
    private CardSpec spec = null;
    private Plan planned = null;

    @Setup
    public void read() throws IOException {
        spec = CardFile.read(
                Files.readString(Path.of(System.getProperty("demo", "demo"), "upper-station.json")), workshop);
        planned = Planner.plan(spec, workshop);
    }

    @Benchmark
    public Plan plan() {
        return Planner.plan(spec, workshop);
    }

    @Benchmark
    public String front() {
        return SvgWriter.write(
                Views.FRONT.of(planned.build(), new Id("window")),
                Look.chosen(410, 600, Units.INCH, new Id("window"), "/?select="));
    }
}
