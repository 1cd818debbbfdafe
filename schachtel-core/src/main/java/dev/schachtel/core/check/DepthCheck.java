package dev.schachtel.core.check;

import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** Depth at least the thickest piece + 0.5 mm; to tumble past each other twice the piece + 0.5. Handbook chapter 2. */
final class DepthCheck implements Check {
    private static final Length AIR = Length.ofMicrometres(500);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Chamber chamber : build.chambers()) {
            Filling filling = chamber.filling();
            Length lies = Length.min(filling.thickness(), filling.diameter());
            Length least = lies.plus(AIR);
            Length tumbles = lies.times(2).plus(AIR);
            if (!chamber.isDam()) {
                flat(chamber, filling, report);
            } else if (chamber.depth().isBelow(least)) {
                draft(RuleId.DEPTH, chamber, least, report)
                        .remedy(layers(build, chamber, least))
                        .mend();
            } else if (chamber.depth().isBelow(tumbles)) {
                draft(RuleId.TUMBLE, chamber, tumbles, report)
                        .remedy(layers(build, chamber, tumbles))
                        .watch();
            } else {
                draft(RuleId.TUMBLE, chamber, tumbles, report).works();
            }
        }
    }

    /** A pouch keeps its two sides apart by its filling alone, so that must be flat. */
    private static void flat(Chamber chamber, Filling filling, Report report) {
        Report.Draft draft = report.on(RuleId.FLAT_PIECES, chamber.owner())
                .names(filling.name())
                .thick(filling.thickness(), chamber.depth())
                .at(chamber.clear().bounds().centre());
        if (filling.thickness().isAbove(chamber.depth())) {
            draft.mend();
        } else {
            draft.works();
        }
    }

    private static Report.Draft draft(RuleId rule, Chamber chamber, Length limit, Report report) {
        Report.Draft draft = report.on(rule, chamber.owner())
                .names(chamber.filling().name())
                .thick(chamber.depth(), limit)
                .at(chamber.clear().bounds().centre());
        chamber.walls().forEach(draft::parts);
        return draft;
    }

    private static Optional<Remedy> layers(Build build, Chamber chamber, Length asked) {
        return Lever.of(build.spec(), chamber.owner(), Pull.DAM_LAYERS).flatMap(lever -> lever.whole()
                .map(now -> Length.ofNanometres(chamber.depth().nanometres() / now))
                .map(each -> lever.to(asked.wholeTimes(each) + (asked.isMultipleOf(each) ? 0 : 1))));
    }
}
