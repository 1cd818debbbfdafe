package dev.schachtel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.AssemblySearch;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;

/** How long build plans take: demo cards alone, and forty cards one by one. Warms up first. Run from the project's folder. */
public final class BuildSpeed {
    private static final Workshop WORKSHOP = WorkshopFile.standard();
    private static final int WARM = Rounds.of(30);

    private BuildSpeed() {}

    public static void main(String[] args) throws IOException {
        for (String name : new String[] {"upper-station", "terraces", "viaduct", "cable-drum"}) {
            one(CardFile.read(Files.readString(Path.of(System.getProperty("demo", "demo"), name + ".json")), WORKSHOP));
        }
        CardSpec forty = StressCard.make();
        forty = CardEdit.of(forty).set(new Id("brief"), "cards", "40");
        many(CardEdit.of(forty).set(new Id("brief"), "together", "1"));
    }

    private static void one(CardSpec spec) {
        Build build = Engineering.engineer(CardEdit.of(spec).set(new Id("brief"), "cards", "1"), WORKSHOP);
        long[] times = new long[WARM];
        BuildPlan plan = Assembly.plan(build, WORKSHOP);
        for (int i = -WARM; i < WARM; i++) {
            long begun = System.nanoTime();
            plan = Assembly.plan(build, WORKSHOP);
            times[Math.max(0, i)] = System.nanoTime() - begun;
        }
        java.util.Arrays.sort(times);
        System.out.printf(
                Locale.ROOT,
                "%s: %d steps, %.1f ms, %d %% above its floor%n",
                spec.name(),
                plan.steps().size(),
                times[WARM / 2] / 1e6,
                plan.gapPercent());
    }

    private static void many(CardSpec spec) {
        Build build = Engineering.engineer(spec, WORKSHOP);
        for (int i = 0; i < 3; i++) {
            long begun = System.nanoTime();
            AssemblySearch search = Assembly.search(build, WORKSHOP);
            BuildPlan first = search.plan();
            double took = (System.nanoTime() - begun) / 1e6;
            while (!search.done() && System.nanoTime() - begun < 2_800_000_000L) {
                search.run(200);
            }
            BuildPlan last = search.plan();
            System.out.printf(
                    Locale.ROOT,
                    "forty one by one: %d steps, first answer %.0f ms (%d %% above the floor), after %.1f s %d %%%n",
                    first.steps().size(),
                    took,
                    first.gapPercent(),
                    (System.nanoTime() - begun) / 1e9,
                    last.gapPercent());
        }
    }
}
