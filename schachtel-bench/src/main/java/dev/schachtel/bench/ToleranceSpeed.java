package dev.schachtel.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.design.WhatHelps;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.tolerance.Simulation;

/** How long 2,000 builds of each demo card take, and finding what helps most. Warms up first. Run from the project's folder. */
public final class ToleranceSpeed {
    private static final Workshop WORKSHOP = WorkshopFile.standard();
    private static final int ROUNDS = Rounds.of(30);

    private ToleranceSpeed() {}

    public static void main(String[] args) throws IOException {
        List<Path> cards;
        try (Stream<Path> files = Files.list(Path.of(System.getProperty("demo", "demo")))) {
            cards = files.filter(f -> f.toString().endsWith(".json"))
                    .sorted()
                    .limit(args.length > 0 ? Integer.parseInt(args[0]) : Integer.MAX_VALUE)
                    .toList();
        }
        for (Path card : cards) {
            var spec = CardFile.read(Files.readString(card), WORKSHOP);
            Build build = Engineering.engineer(spec, WORKSHOP);
            double[] simulated = new double[ROUNDS];
            for (int i = -ROUNDS; i < ROUNDS; i++) {
                long begun = System.nanoTime();
                Simulation.of(build, WORKSHOP);
                simulated[Math.max(0, i)] = (System.nanoTime() - begun) / 1e6;
            }
            Arrays.sort(simulated);
            WhatHelps.of(spec, WORKSHOP);
            long begun = System.nanoTime();
            WhatHelps.of(spec, WORKSHOP);
            System.out.printf(
                    Locale.ROOT,
                    "%s: %d builds, median %.1f ms, worst %.1f ms; what helps %.0f ms%n",
                    spec.name(),
                    Simulation.BUILDS,
                    simulated[ROUNDS / 2],
                    simulated[ROUNDS - 1],
                    (System.nanoTime() - begun) / 1e6);
        }
    }
}
