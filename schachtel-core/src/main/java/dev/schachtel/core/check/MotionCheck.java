package dev.schachtel.core.check;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * Every movement keeps clear of all else, is retained, does not jam, has depth behind it, rests inside the card, and no
 * flap is held shut. Limits come with the movement; against jamming 1.5. Handbook chapter 2.
 */
final class MotionCheck implements Check {
    private final Movements movements;

    MotionCheck(Movements movements) {
        this.movements = movements;
    }

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Map<Id, Course> tightest = new LinkedHashMap<>();
        for (Course course : movements.courses()) {
            tightest.merge(course.motion().owner(), course, MotionCheck::tighter);
            retained(build, course, report);
            locks(build, course, report);
            depth(build, workshop, course, report);
            rest(build, course, report);
            blocked(build, course, report);
            filled(build, course, report);
        }
        tightest.values().forEach(course -> clear(build, course, report));
    }

    /** Of alike movements of one piece, such as all that hangs from a bridge, the tightest speaks. */
    private static Course tighter(Course a, Course b) {
        Length x = a.tightest().map(Course.Tightest::gap).orElse(Course.FAR);
        Length y = b.tightest().map(Course.Tightest::gap).orElse(Course.FAR);
        return y.isBelow(x) ? b : a;
    }

    private static void clear(Build build, Course course, Report report) {
        course.tightest().ifPresent(tight -> {
            Length asked = course.motion().keeping().clear();
            String against = tight.against()
                    .flatMap(build::level)
                    .map(l -> l.slab().name())
                    .orElse("card’s edge");
            Report.Draft draft = report.on(RuleId.CLEARANCE, course.motion().owner())
                    .parts(partOf(build, tight.moving()))
                    .names(name(build, tight.moving()), against)
                    .thick(tight.gap(), asked)
                    .at(tight.here().midway(tight.there()));
            boolean touches = tight.gap().isZero() || tight.gap().isNegative();
            if (tight.gap().isBelow(asked) || touches) {
                draft.remedy(away(build, course, tight, asked));
                draft.mend();
            } else {
                draft.works();
            }
        });
    }

    /** Moves the piece straight away from what it comes too near to. */
    private static Optional<Remedy> away(Build build, Course course, Course.Tightest tight, Length asked) {
        double apart = tight.here().distanceTo(tight.there());
        if (apart == 0 || !tight.gap().isPositive()) {
            return Optional.empty();
        }
        double by = Mm.of(asked.minus(tight.gap())) / apart;
        double dx = (tight.here().x() - tight.there().x()) * by;
        double dy = (tight.here().y() - tight.there().y()) * by;
        return Remedies.move(build, course.motion().owner(), new Point(dx, dy));
    }

    private static void retained(Build build, Course course, Report report) {
        course.motion().keeping().retainers().forEach(keeper -> {
            Length holds = keeper.width().minus(keeper.opening());
            Report.Draft draft = report.on(RuleId.RETAINED, course.motion().owner())
                    .parts(keeper.part())
                    .names(build.part(keeper.part()).map(Part::name).orElse(""))
                    .measured(keeper.width(), keeper.opening().plus(keeper.asked()));
            centre(course).ifPresent(draft::at);
            if (holds.isBelow(keeper.asked())) {
                Length lacks = keeper.asked().minus(holds);
                draft.remedy(Lever.at(build.spec(), keeper.grows())
                        .flatMap(l -> l.by(Length.ofNanometres(lacks.nanometres() / keeper.sides()))));
                draft.mend();
            } else {
                draft.works();
            }
        });
    }

    private static void locks(Build build, Course course, Report report) {
        course.motion().keeping().lock().ifPresent(lock -> {
            Report.Draft draft = report.on(RuleId.LOCKS, course.motion().owner())
                    .measured(new Amount.Times((int) Math.floor(lock.margin() * 100)), new Amount.Times((int)
                            Math.round(Motion.Lock.LEAST * 100)));
            centre(course).ifPresent(draft::at);
            if (lock.margin() < Motion.Lock.LEAST) {
                draft.remedy(Lever.at(build.spec(), lock.grows())
                        .flatMap(l -> l.by(lock.needed().minus(lock.guided()))));
                lock.narrows()
                        .flatMap(n -> Lever.at(build.spec(), n))
                        .map(l -> l.to(l.step().times(lock.widest().wholeTimes(l.step()))))
                        .ifPresent(draft::remedy);
                draft.mend();
            } else {
                draft.works();
            }
        });
    }

    private static void depth(Build build, Workshop workshop, Course course, Report report) {
        course.motion().keeping().space().ifPresent(space -> course.behind().ifPresent(free -> {
            Report.Draft draft = report.on(RuleId.DEPTH_BEHIND, course.motion().owner())
                    .parts(partOf(build, space.moving()))
                    .names(name(build, space.moving()))
                    .thick(free, space.needed());
            centre(course).ifPresent(draft::at);
            if (free.isBelow(space.needed())) {
                course.motion().keeping().guides().stream()
                        .findFirst()
                        .flatMap(g -> Remedies.higher(
                                build, workshop, g, space.needed().minus(free)))
                        .ifPresent(draft::remedy);
                draft.mend();
            } else {
                draft.works();
            }
        }));
    }

    private static void rest(Build build, Course course, Report report) {
        if (course.pastEdge().isPositive()) {
            Report.Draft draft = report.on(RuleId.REST_INSIDE, course.motion().owner())
                    .parts(partOf(build, course.moving().get(0)))
                    .names(name(build, course.moving().get(0)))
                    .measured(course.pastEdge(), Length.ZERO);
            centre(course).ifPresent(draft::at);
            if (build.spec().brief().posted()) {
                draft.mend();
            } else {
                draft.watch();
            }
        }
    }

    private static void blocked(Build build, Course course, Report report) {
        course.blockers().stream().findFirst().ifPresent(blocker -> report.on(
                        RuleId.BLOCKED, course.motion().owner())
                .parts(partOf(build, blocker))
                .names(name(build, blocker))
                .at(build.level(blocker).orElseThrow().slab().bounds().centre())
                .mend());
    }

    /** What is seen through its opening is full of it all the way round. */
    private static void filled(Build build, Course course, Report report) {
        course.motion().keeping().fill().ifPresent(fill -> {
            Report.Draft draft = report.on(RuleId.WINDOW_FILLED, course.motion().owner())
                    .parts(partOf(build, course.motion().moving().get(0)))
                    .names(name(build, course.motion().moving().get(0)))
                    .measured(fill.reach(), fill.needed())
                    .at(fill.opening().bounds().centre());
            if (fill.reach().isBelow(fill.needed())) {
                draft.remedy(Lever.at(build.spec(), fill.grows())
                        .flatMap(l -> l.by(fill.needed().minus(fill.reach()))));
                draft.mend();
            } else {
                draft.works();
            }
        });
    }

    private static Optional<Point> centre(Course course) {
        return course.sweeps().stream().findFirst().map(s -> s.area().bounds().centre());
    }

    private static String name(Build build, SlabId id) {
        return build.level(id).map(l -> l.slab().name()).orElse("");
    }

    private static PartId partOf(Build build, SlabId id) {
        return build.level(id).orElseThrow().slab().part();
    }
}
