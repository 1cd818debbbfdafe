package dev.schachtel.core.motion;

import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Sweep;

/** Where a body is at a share of its way; footprints are given at rest. */
public final class Poses {
    private Poses() {}

    /** The footprint at a share of the way. */
    public static Outline at(Outline atRest, Motion motion, double share) {
        double rest = motion.restShare();
        return motion.move().tell(new Move.Cases<>() {
            @Override
            public Outline slide(Move.Slide slide) {
                return moved(atRest, slide.path(), rest, share);
            }

            @Override
            public Outline roll(Move.Roll roll) {
                return moved(atRest, roll.path(), rest, share);
            }

            @Override
            public Outline turn(Move.Turn turn) {
                return atRest.turned(turn.about(), between(turn.from(), turn.to(), share - rest));
            }

            @Override
            public Outline fold(Move.Fold fold) {
                return atRest;
            }

            @Override
            public Outline hang(Move.Hang hang) {
                Angle both = hang.swing().plus(hang.swing());
                return atRest.turned(hang.from(), between(Angle.ZERO, both, share - rest));
            }
        });
    }

    private static Angle between(Angle from, Angle to, double share) {
        return new Angle(Math.round((to.microdegrees() - from.microdegrees()) * share));
    }

    private static Outline moved(Outline atRest, Path path, double rest, double share) {
        Point from = path.at(rest);
        Point to = path.at(share);
        return atRest.moved(new Point(to.x() - from.x(), to.y() - from.y()));
    }

    /** All that a body passes over. */
    public static Outline sweep(Outline atRest, Motion motion) {
        double rest = motion.restShare();
        return motion.move().tell(new Move.Cases<>() {
            @Override
            public Outline slide(Move.Slide slide) {
                return along(slide.path());
            }

            @Override
            public Outline roll(Move.Roll roll) {
                return along(roll.path());
            }

            private Outline along(Path path) {
                Point from = path.at(rest);
                return Sweep.along(atRest.moved(new Point(-from.x(), -from.y())), path);
            }

            @Override
            public Outline turn(Move.Turn turn) {
                return Sweep.about(
                        atRest,
                        turn.about(),
                        between(turn.from(), turn.to(), -rest),
                        between(turn.from(), turn.to(), 1 - rest));
            }

            @Override
            public Outline fold(Move.Fold fold) {
                return atRest;
            }

            @Override
            public Outline hang(Move.Hang hang) {
                Angle back = new Angle(-hang.swing().microdegrees());
                return Sweep.about(atRest, hang.from(), back, hang.swing());
            }
        });
    }
}
