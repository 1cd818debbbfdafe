package dev.schachtel.core.check;

import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.motion.Stopped;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/** A door opens as far as it should: nothing that stands beside its hinge stops it before. */
final class DoorCheck implements Check {
    /** Room left between the door and what it met, mm. */
    private static final double BESIDE = 1;

    private final Movements movements;

    DoorCheck(Movements movements) {
        this.movements = movements;
    }

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        movements.stopped().forEach(s -> {
            if (s.motion().move() instanceof Move.Fold fold) {
                stopped(build, s, fold, report);
            }
        });
    }

    private static void stopped(Build build, Stopped stopped, Move.Fold fold, Report report) {
        double asked = Math.toDegrees(fold.opens().radians());
        int opens = (int) Math.floor(asked * stopped.share());
        Report.Draft draft = report.on(RuleId.DOOR_STOPS, stopped.motion().owner())
                .parts(stopped.met().level().slab().part())
                .names(stopped.met().level().slab().name())
                .measured(Amount.degrees(opens), Amount.degrees(asked))
                .at(stopped.met().outline().bounds().centre());
        draft.remedy(Lever.of(build.spec(), stopped.motion().owner(), Pull.OPENS)
                .map(l -> l.to(opens, Amount.degrees(opens))));
        draft.remedy(aside(build, stopped, fold));
        draft.watch();
    }

    /**
     * What stands h above the hinge beside a door that opens by more than a right angle, by a, is clear of it h / tan(180 - a) behind the hinge, nowhere for a door that is folded back: plane
     * trigonometry of the opened door.
     */
    private static Optional<Remedy> aside(Build build, Stopped stopped, Move.Fold fold) {
        double left = Math.PI - fold.opens().radians();
        double high = Mm.of(stopped.met().level().top())
                - Mm.of(stopped.door().level().bottom());
        Vec across = Vec.of(fold.to()).minus(Vec.of(fold.from())).unit().cross(new Vec(0, 0, 1));
        double side = Math.signum(off(stopped.door().outline().centroid(), fold, across));
        double behind = stopped.met().outline().outer().flattened().stream()
                .mapToDouble(p -> -side * off(p, fold, across))
                .min()
                .orElse(0);
        double by = high / Math.tan(left) + BESIDE - behind;
        boolean onCard = by
                < Mm.of(build.spec().base().width()) + Mm.of(build.spec().base().height());
        return left < Math.PI / 2 && by > 0 && onCard
                ? Remedies.move(
                        build,
                        stopped.met().level().slab().part().owner(),
                        new Point(-side * by * across.x(), -side * by * across.y()))
                : Optional.empty();
    }

    private static double off(Point p, Move.Fold fold, Vec across) {
        return Vec.of(p).minus(Vec.of(fold.from())).dot(across);
    }
}
