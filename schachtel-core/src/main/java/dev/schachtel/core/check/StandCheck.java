package dev.schachtel.core.check;

import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.motion.Tipping;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/** A standing card may be tipped by 10 degrees either way before it falls, and nothing reaches below its foot. Handbook chapter 2. */
final class StandCheck implements Check {
    private static final int LEAST = 10;
    private static final int USUAL_LEAN = 65;
    /** Faces that lean further than this, as the sine, don't raise what goes up on them. */
    private static final double LEAST_RISE = 0.1;
    /** Angles this near are one, degrees. */
    private static final double SAME = 0.01;

    private final Movements movements;

    StandCheck(Movements movements) {
        this.movements = movements;
    }

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        boolean falls = build.faults().stream().anyMatch(f -> f.rule() == RuleId.STANDS);
        movements.stands().filter(t -> !falls).ifPresent(t -> {
            stands(t, build, report);
            t.under().ifPresent(u -> under(u, build, report));
        });
    }

    private static void stands(Tipping tipping, Build build, Report report) {
        double least = tipping.degrees();
        Report.Draft draft = report.on(RuleId.TIPS, Id.BASE)
                .names(way(tipping))
                .measured(Amount.degrees(Math.floor(least)), Amount.degrees(LEAST))
                .at(build.face().bounds().centre());
        if (least < LEAST) {
            draft.remedy(leanBack(build).or(() -> halfWay(build)));
            draft.remedy(deeper(build));
            draft.remedy(lighter(build));
            draft.mend();
        } else {
            draft.works();
        }
    }

    /** On a leaning face it goes up; past a fold, back onto the card. */
    private static void under(Tipping.Under under, Build build, Report report) {
        Slab slab = under.body().level().slab();
        Box card = build.face().bounds();
        Box own = under.body().outline().bounds();
        double x = Math.max(0, card.left() - own.left()) - Math.max(0, own.right() - card.right());
        double y = Math.max(0, card.bottom() - own.bottom()) - Math.max(0, own.top() - card.top());
        report.on(RuleId.FOOT_FREE, slab.part().owner())
                .parts(slab.part())
                .names(slab.name())
                .measured(Mm.length(under.deep()), Length.ZERO)
                .at(slab.bounds().centre())
                .remedy(Remedies.move(
                        build,
                        slab.part().owner(),
                        new Point(0, Math.abs(under.rise()) > LEAST_RISE ? under.deep() / under.rise() : 0)))
                .remedy(Remedies.move(build, slab.part().owner(), new Point(x, 0)))
                .remedy(Remedies.move(build, slab.part().owner(), new Point(0, y)))
                .mend();
    }

    private static String way(Tipping tipping) {
        double aside = Math.min(tipping.backwards(), tipping.forwards()) - SAME;
        return tipping.degrees() < aside
                ? "sideways"
                : tipping.backwards() <= tipping.forwards() ? "backwards" : "forwards";
    }

    /** A steep card leans back to what usually stands. */
    private static Optional<Remedy> leanBack(Build build) {
        return Lever.of(build.spec(), Id.BASE, Pull.LEAN)
                .filter(l -> l.whole().filter(degrees -> degrees > USUAL_LEAN).isPresent())
                .map(l -> l.to(USUAL_LEAN, Amount.degrees(USUAL_LEAN)));
    }

    /** A foot half as deep again. */
    private static Optional<Remedy> deeper(Build build) {
        return Lever.of(build.spec(), Id.BASE, Pull.FOOT_DEEP)
                .flatMap(l -> l.length().flatMap(deep -> l.by(deep.half().roundedTo(step(build)))));
    }

    private static Length step(Build build) {
        return build.spec().units().step();
    }

    /** Flaps a quarter lower weigh less and hang less far out. */
    private static Optional<Remedy> lighter(Build build) {
        return Lever.of(build.spec(), Id.BASE, Pull.FLAP_HIGH).flatMap(l -> l.length()
                .flatMap(high -> l.by(high.half().half().roundedTo(step(build)).negated())));
    }

    private static Optional<Remedy> halfWay(Build build) {
        Length half = build.spec().base().height().half();
        return Lever.of(build.spec(), Id.BASE, Pull.CREASE)
                .filter(l -> l.length().filter(half::equals).isEmpty())
                .map(l -> l.to(half));
    }
}
