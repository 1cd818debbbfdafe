package dev.schachtel.app.structure;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import dev.schachtel.app.planning.Chances;
import dev.schachtel.app.words.FitWords;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.tolerance.Odds;
import dev.schachtel.core.tolerance.Simulation;

/** Puts together how many cards come out well, fit by fit. */
@Component
class SurelyDesk {
    /** From so many in a hundred on a fit is sound; below the second, one that must work is to mend. */
    private static final int SOUND = 95;

    private static final int POOR = 80;
    private final Chances chances;
    private final FitWords words;

    SurelyDesk(Chances chances, FitWords words) {
        this.chances = chances;
        this.words = words;
    }

    StructureView.Surely of(Plan plan, Id selected) {
        Simulation played = chances.of(plan);
        List<Simulation.Result> worst = played.worst();
        return new StructureView.Surely(
                played.works().inHundred(),
                played.looks().inHundred(),
                placing(plan.workshop().house().placing()),
                lines(worst.stream().filter(r -> r.fit().owner().equals(selected)), plan),
                lines(worst.stream().filter(r -> !r.fit().owner().equals(selected)), plan));
    }

    List<StructureView.Helps> helps(Plan plan) {
        Simulation now = chances.of(plan);
        return chances.helps(plan.spec()).stream()
                .map(h -> new StructureView.Helps(
                        words.step(h.step(), plan.build()),
                        won("work", now.works(), h.works()),
                        won("look right", now.looks(), h.looks())))
                .toList();
    }

    private static String won(String what, Odds now, Odds then) {
        return now.inHundred() == then.inHundred() ? "" : now.inHundred() + " → " + then.inHundred() + " " + what;
    }

    /** What is said in the same words is said once, with the worst of its odds. */
    private List<StructureView.FitLine> lines(Stream<Simulation.Result> worstFirst, Plan plan) {
        Map<String, List<Simulation.Result>> alike = worstFirst.collect(Collectors.groupingBy(
                r -> r.fit().owner() + " " + words.fit(r.fit(), plan.build()),
                LinkedHashMap::new,
                Collectors.toList()));
        return alike.values().stream().map(all -> line(all, plan)).toList();
    }

    private StructureView.FitLine line(List<Simulation.Result> alike, Plan plan) {
        Simulation.Result result = alike.get(0);
        int share = result.odds().inHundred();
        String shape = share >= SOUND ? "works" : result.fit().sort().works() && share < POOR ? "mend" : "watch";
        return new StructureView.FitLine(
                words.fit(result.fit(), plan.build())
                        + (alike.size() > 1 ? ", at each of " + alike.size() + " places" : ""),
                share,
                String.format(
                        Locale.ROOT,
                        "between %.1f and %.1f, nineteen times in twenty",
                        result.odds().low() * 100,
                        result.odds().high() * 100),
                shape,
                result.fit().owner().value());
    }

    private static String placing(HouseRules.Placing placing) {
        return switch (placing) {
            case BY_EYE -> "laid by eye";
            case MEASURED -> "laid to ruler and marks";
            case SPACED -> "laid against strips";
        };
    }
}
