package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/**
 * A sheet that fills the opening of a frame reaches under the frame by at least 3 mm all round. What covers less than
 * {@value #FILLS} of the opening lies in it on purpose. Handbook chapter 2.
 */
final class OpeningCheck implements Check {
    private static final Length UNDER = Length.ofMillimetres(3);
    private static final double FILLS = 0.6;
    /** An inlay drops in with edges that meet: it leaves no more than this. */
    private static final Length DROPS_IN = Length.ofMicrometres(200);

    /** A frame, and the sheet seen in it. */
    private record Pair(Level frame, Level sheet) {}

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Level frame : build.levels()) {
            frame.slab().footprints().stream()
                    .filter(f -> f.holes().size() == 1)
                    .filter(f -> isFrame(build, frame))
                    .forEach(f -> under(build, frame, new Outline(f.holes().get(0), List.of()), report));
        }
    }

    /** Its opening is its own: no window, slot or hole that somebody asked for. */
    private static boolean isFrame(Build build, Level level) {
        return build.part(level.slab().part())
                .filter(p -> p.material() instanceof Cardstock && p.cutouts().isEmpty())
                .isPresent();
    }

    /** The highest sheet of card that fills most of the opening is what one sees in it. */
    private static void under(Build build, Level frame, Outline opening, Report report) {
        build.levels().stream()
                .filter(l -> !l.top().isAbove(frame.top())
                        && !l.slab().part().equals(frame.slab().part()))
                .filter(build::isCard)
                .filter(l -> l.slab().bounds().touches(opening.bounds()))
                .filter(l -> l.slab().footprints().stream()
                        .anyMatch(f -> f.filled().shared(opening).shareOf(opening.area()) >= FILLS))
                .max(Comparator.comparing(Level::top))
                .ifPresent(sheet -> sheet.slab()
                        .footprints()
                        .forEach(lies -> judge(build, new Pair(frame, sheet), opening, lies.filled(), report)));
    }

    private static void judge(Build build, Pair pair, Outline opening, Outline lies, Report report) {
        Level frame = pair.frame();
        Level sheet = pair.sheet();
        double share = lies.shared(opening).shareOf(opening.area());
        Length beyond = lies.marginOf(opening).length();
        boolean inlay = share > 1 - 0.01 && beyond.abs().compareTo(DROPS_IN) <= 0;
        if (share < FILLS || inlay || !beyond.isBelow(UNDER)) {
            return;
        }
        Report.Draft draft = report.on(
                        RuleId.OPENING_BACKED, sheet.slab().part().owner())
                .parts(frame.slab().part(), sheet.slab().part())
                .names(sheet.slab().name(), frame.slab().name())
                .measured(beyond, UNDER)
                .at(opening.bounds().centre());
        Length lacks = UNDER.minus(beyond);
        draft.remedy(
                Lever.of(build.spec(), sheet.slab().part().owner(), Pull.REVEAL).flatMap(l -> l.by(lacks.negated())));
        draft.remedy(Lever.of(build.spec(), sheet.slab().part().owner(), Pull.DIAMETER)
                .flatMap(l -> l.by(lacks.times(2))));
        if (beyond.isNegative()) {
            draft.mend();
        } else {
            draft.watch();
        }
    }
}
