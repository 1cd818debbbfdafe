package dev.schachtel.core.check;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/** Gems and the like: there are enough of them for all cards, and none lies on words. */
final class FinishCheck implements Check {
    /** Free between a gem and letters that it was taken off. */
    private static final Length CLEAR = Length.ofMillimetres(1);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Map<MaterialId, Integer> needed = new LinkedHashMap<>();
        for (Part part : build.parts()) {
            if (part.material() instanceof Embellishment one) {
                int all = needed.merge(
                        one.id(), part.perCard() * build.spec().brief().cards(), Integer::sum);
                if (all > one.owned()) {
                    few(build, part, one, all, report);
                }
                words(build, part, report);
            }
        }
    }

    private static void few(Build build, Part part, Embellishment one, int needed, Report report) {
        int cards = build.spec().brief().cards();
        int others = needed - part.perCard() * cards;
        int enough = Math.max(0, one.owned() - others) / cards;
        report.on(RuleId.EMBELLISHMENTS_SHORT, part.owner())
                .parts(part.id())
                .names(one.name())
                .measured(new Amount.Count(needed), new Amount.Count(one.owned()))
                .remedy(Lever.of(build.spec(), part.owner(), Pull.FEWER)
                        .filter(l -> enough > 0)
                        .map(l -> l.to(enough)))
                .watch();
    }

    private static void words(Build build, Part part, Report report) {
        List<Outline> gems = build.level(SlabId.of(part.id())).stream()
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        for (Lettering words : build.letterings()) {
            List<Outline> letters =
                    words.letters().stream().flatMap(t -> t.areas().stream()).toList();
            if (letters.stream().anyMatch(l -> gems.stream().anyMatch(l::overlaps))) {
                on(build, part.owner(), words, top(gems, letters), report);
            }
        }
    }

    /** How far up the gems must go to lie above all letters. */
    private static Length top(List<Outline> gems, List<Outline> letters) {
        double top = letters.stream().mapToDouble(l -> l.bounds().top()).max().orElse(0);
        double foot = gems.stream().mapToDouble(g -> g.bounds().bottom()).min().orElse(0);
        return Length.ofMillimetres((long) Math.ceil(top - foot)).plus(CLEAR);
    }

    private static void on(Build build, Id gems, Lettering words, Length up, Report report) {
        report.on(RuleId.GEMS_ON_WORDS, gems)
                .names(words.text())
                .at(words.letters().get(0).areas().get(0).bounds().centre())
                .remedy(Lever.of(build.spec(), gems, Pull.UP)
                        .flatMap(l -> l.length().map(now -> l.to(now.plus(up)))))
                .mend();
    }
}
