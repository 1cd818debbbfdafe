package dev.schachtel.core.check;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** What must not be in the hands of a child under three: filling that can be swallowed, and thread over 220 mm. */
final class ChildCheck implements Check {
    private static final Length LONGEST_THREAD = Length.ofMillimetres(220);
    /** A loop has a knot of its own; this much of the thread is safe whatever it is used for. */
    private static final Length SAFE = Length.ofMillimetres(200);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        if (!build.spec().brief().smallChild()) {
            return;
        }
        build.chambers().forEach(chamber -> report.on(RuleId.SMALL_PARTS, chamber.owner())
                .names(chamber.filling().name())
                .thick(chamber.filling().diameter(), Length.ZERO)
                .at(chamber.clear().bounds().centre())
                .mend());
        for (Part part : build.parts()) {
            if (part.material() instanceof Embellishment small) {
                report.on(RuleId.SMALL_PARTS, part.owner())
                        .names(small.name())
                        .thick(small.width(), Length.ZERO)
                        .at(part.footprints().get(0).bounds().centre())
                        .mend();
            }
        }
        build.parts().stream()
                .filter(p -> p.material() instanceof Thread)
                .filter(p -> p.form().longer().isAbove(LONGEST_THREAD))
                .forEach(p -> thread(build, p, report));
    }

    private static void thread(Build build, Part part, Report report) {
        Length now = part.form().longer();
        report.on(RuleId.LONG_THREAD, part.owner())
                .parts(part.id())
                .measured(now, LONGEST_THREAD)
                .remedy(Lever.of(build.spec(), part.owner(), Pull.THREAD)
                        .flatMap(l -> l.length().map(set -> l.to(shortened(set, now)))))
                .mend();
    }

    /** What is set, in the ratio by which the thread must be shorter: to whole millimetres. */
    private static Length shortened(Length set, Length thread) {
        double ratio = (double) SAFE.nanometres() / thread.nanometres();
        return Length.ofNanometres((long) (set.nanometres() * ratio)).roundedTo(Length.ofMillimetres(1));
    }
}
