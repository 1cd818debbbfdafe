package dev.schachtel.app.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.springframework.stereotype.Component;

import dev.schachtel.app.run.DemoBuilds;
import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.LogEntry.Drawn;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;

/** What somebody counted after the demo's builds: off rolls a little more than planned, now and then a sheet more. */
@Component
public class DemoLog {
    private static final double MORE = 1.1;
    private static final double CHANCE = 0.05;
    private static final double ONE_IN = 0.15;

    private final Logbook log;
    private final DemoBuilds builds;

    DemoLog(Logbook log, DemoBuilds builds) {
        this.builds = builds;
        this.log = log;
    }

    /** Builds these cards, the oldest first, and counts. */
    public void build(List<DemoBuilds.Past> past, Workshop workshop) {
        builds.record(past, workshop);
        Random random = new Random(1898);
        log.latest().forEach(k -> log.change(k.id(), e -> e.counted(counted(e, random))));
    }

    private static List<Integer> counted(LogEntry entry, Random random) {
        List<Integer> all = new ArrayList<>();
        for (Drawn d : entry.stock()) {
            double chance = random.nextDouble();
            if (d.of() == Take.Of.MILLIMETRES) {
                all.add((int) Math.round(d.planned() * MORE * Math.exp(CHANCE * random.nextGaussian())));
            } else {
                all.add(d.of() == Take.Of.SHEETS ? d.planned() + (chance < ONE_IN ? 1 : 0) : -1);
            }
        }
        return all;
    }
}
