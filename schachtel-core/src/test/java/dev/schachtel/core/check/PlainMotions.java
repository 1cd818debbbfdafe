package dev.schachtel.core.check;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

import static java.lang.Math.max;
import static java.lang.Math.min;

/** What moves, pose by pose against all that shares its height. */
final class PlainMotions {
    private final Build build;
    private final Verdicts verdicts;

    PlainMotions(Build build, Verdicts verdicts) {
        this.build = build;
        this.verdicts = verdicts;
    }

    void judge() {
        for (Motion motion : build.mechanics().motions()) {
            motion.keeping()
                    .retainers()
                    .forEach(r -> verdicts.below(
                            RuleId.RETAINED,
                            motion.owner(),
                            Verdicts.mm(r.width()),
                            Verdicts.mm(r.opening()) + Verdicts.mm(r.asked())));
            motion.keeping().lock().ifPresent(l -> {
                double margin = Verdicts.mm(l.guided()) / (2 * l.friction() / 100.0 * Verdicts.mm(l.push()));
                if (Math.abs(margin - 1.5) < 0.001) {
                    verdicts.doubt(RuleId.LOCKS, motion.owner());
                } else if (margin < 1.5) {
                    verdicts.mend(RuleId.LOCKS, motion.owner());
                }
            });
            motion.keeping()
                    .fill()
                    .ifPresent(f -> verdicts.below(
                            RuleId.WINDOW_FILLED,
                            motion.owner(),
                            Verdicts.mm(f.reach()),
                            farthest(f.opening(), ((Move.Turn) motion.move()).about()) + 2));
            plays(motion);
            rests(motion);
            motion.keeping().space().ifPresent(s -> behind(motion, s));
        }
    }

    /** Left as it is it lies within the card's edge. */
    private void rests(Motion motion) {
        Area face = Plain.area(build.face());
        double in = carried(motion).stream()
                .flatMap(id -> build.level(id).orElseThrow().slab().footprints().stream())
                .mapToDouble(f -> Flat.inside(face, Plain.area(f)))
                .min()
                .orElse(1);
        if (build.spec().brief().posted()) {
            verdicts.below(RuleId.REST_INSIDE, motion.owner(), in, 0);
        }
    }

    /** Pose by pose the highest of what lies behind it. */
    private void behind(Motion motion, Motion.Space space) {
        if (pose(motion, 0) == null || space.opened()) {
            verdicts.doubt(RuleId.DEPTH_BEHIND, motion.owner());
            return;
        }
        Level own = build.level(space.moving()).orElseThrow();
        Set<SlabId> movers = carried(motion);
        double needed = Verdicts.mm(space.needed());
        double bottom = Verdicts.mm(own.bottom());
        Map<Level, Area> high = new HashMap<>();
        build.levels().stream()
                .filter(l -> !movers.contains(l.slab().id()))
                .filter(l -> !motion.keeping().guides().contains(l.slab().id()))
                .filter(l -> l.bottom().isBelow(own.bottom()))
                .filter(l -> bottom - Verdicts.mm(l.top()) < needed + Verdicts.NEAR)
                .forEach(l -> high.put(l, Plain.area(l.slab().footprints())));
        Area body = Plain.area(own.slab().footprints());
        double least = Double.MAX_VALUE;
        boolean unsure = false;
        boolean sure = high.isEmpty();
        for (int i = 0; i <= poses(motion) && !sure; i++) {
            Area there = body.createTransformedArea(pose(motion, i / (double) poses(motion)));
            for (Map.Entry<Level, Area> l : high.entrySet()) {
                if (Flat.boxesWithin(there, l.getValue(), 0.01)) {
                    double shared = Plain.size(Plain.shared(there, l.getValue()));
                    unsure |= shared < 0.05 || isMoving(l.getKey().slab().id());
                    double free = bottom - Verdicts.mm(l.getKey().top());
                    least = shared > 0 ? min(least, free) : least;
                }
            }
            sure = least < needed - Verdicts.NEAR;
        }
        if (sure || !unsure) {
            verdicts.below(RuleId.DEPTH_BEHIND, motion.owner(), least, needed);
        } else {
            verdicts.doubt(RuleId.DEPTH_BEHIND, motion.owner());
        }
    }

    private static double farthest(Outline outline, Point from) {
        return outline.outer().flattened().stream()
                .mapToDouble(p -> Math.hypot(p.x() - from.x(), p.y() - from.y()))
                .max()
                .orElse(0);
    }

    /** Where a movement has it at a share of its way, from where it rests; nothing for what leaves the plane. */
    private static @Nullable AffineTransform pose(Motion motion, double share) {
        double rest = motion.rest() / 100.0;
        if (motion.move() instanceof Move.Slide slide) {
            return shift(slide.path(), rest, share);
        } else if (motion.move() instanceof Move.Roll roll) {
            return shift(roll.path(), rest, share);
        } else if (motion.move() instanceof Move.Turn turn) {
            double all = turn.to().radians() - turn.from().radians();
            return AffineTransform.getRotateInstance(
                    all * (share - rest), turn.about().x(), turn.about().y());
        } else if (motion.move() instanceof Move.Hang hang) {
            double swing = hang.swing().radians() * (2 * share - 1);
            return AffineTransform.getRotateInstance(
                    swing, hang.from().x(), hang.from().y());
        }
        return null;
    }

    private static AffineTransform shift(Path path, double rest, double share) {
        Point from = path.at(rest);
        Point to = path.at(share);
        return AffineTransform.getTranslateInstance(to.x() - from.x(), to.y() - from.y());
    }

    private static int poses(Motion motion) {
        if (motion.move() instanceof Move.Slide slide) {
            return (int) min(400, max(2, Math.ceil(Verdicts.mm(slide.path().length()) / 0.5)));
        } else if (motion.move() instanceof Move.Roll roll) {
            return (int) min(400, max(2, Math.ceil(Verdicts.mm(roll.path().length()) / 0.5)));
        }
        return 60;
    }

    /** Pose by pose against all that shares its height and does not move. */
    private void plays(Motion motion) {
        if (pose(motion, 0) == null) {
            verdicts.doubt(RuleId.CLEARANCE, motion.owner());
            return;
        }
        Set<SlabId> movers = carried(motion);
        double least = Double.MAX_VALUE;
        for (SlabId id : movers) {
            least = min(least, tightest(motion, id, movers));
        }
        double asked = Verdicts.mm(motion.keeping().clear());
        boolean moversNear = build.mechanics().motions().size() > 1;
        if (moversNear && !(least < asked - Verdicts.NEAR) || asked == 0 && least < Verdicts.NEAR && least > 0) {
            verdicts.doubt(RuleId.CLEARANCE, motion.owner());
        } else if (asked == 0 && least == 0) {
            verdicts.mend(RuleId.CLEARANCE, motion.owner());
        } else if (least < 3) {
            verdicts.below(RuleId.CLEARANCE, motion.owner(), least, asked);
        }
    }

    private double tightest(Motion motion, SlabId id, Set<SlabId> movers) {
        Level own = build.level(id).orElseThrow();
        boolean hidden = motion.keeping().guides().stream()
                .flatMap(g -> build.level(g).stream())
                .anyMatch(g -> !own.top().isAbove(g.bottom()));
        List<Area> around = build.levels().stream()
                .filter(l -> !movers.contains(l.slab().id()))
                .filter(l -> !motion.keeping().guides().contains(l.slab().id()))
                .filter(l -> !isMoving(l.slab().id()))
                .filter(l -> Verdicts.shareHeight(own, l) > 0.02)
                .flatMap(l -> l.slab().footprints().stream())
                .map(Plain::area)
                .collect(Collectors.toList());
        boolean inside = motion.keeping().inside() && hidden;
        if (around.isEmpty() && !inside) {
            return Double.MAX_VALUE;
        }
        Area body = Plain.area(own.slab().footprints());
        Area face = Plain.area(build.face());
        int poses = poses(motion);
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= poses; i++) {
            Area there = body.createTransformedArea(pose(motion, i / (double) poses));
            for (Area other : around) {
                if (Flat.boxesWithin(there, other, 3)) {
                    least = min(least, Flat.apart(there, other));
                }
            }
            if (inside) {
                least = min(least, Flat.inside(face, there));
            }
        }
        return least;
    }

    private boolean isMoving(SlabId id) {
        return build.mechanics().motions().stream().anyMatch(m -> carried(m).contains(id));
    }

    private Set<SlabId> carried(Motion motion) {
        return carried(build, motion.moving());
    }

    /** What goes along with sheets: whatever rests on them, hangs from them, and so on. */
    static Set<SlabId> carried(Build build, Collection<SlabId> sheets) {
        Set<SlabId> all = new HashSet<>(sheets);
        boolean more = true;
        while (more) {
            more = false;
            for (Joint j : build.joints()) {
                more |= j.hold() == Joint.Hold.RESTS && all.contains(j.lower()) && all.add(j.upper());
                more |= j.hold() == Joint.Hold.HANGS && all.contains(j.upper()) && all.add(j.lower());
            }
        }
        return all;
    }
}
