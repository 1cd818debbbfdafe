package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Obstacles;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Plays every movement through against all else. Swept areas are worked out once; distances are asked of them, so the
 * smallest gap is that of the whole way and not of samples. O(movements x slabs), near ones only.
 */
final class Clearance {
    private static final int SAMPLES = 32;
    /** Slabs that share less height than this only touch: air between gliding layers. */
    private static final Length TOUCH = Length.ofMicrometres(20);

    /** What fills this share of the area it turns through is as good as round. */
    private static final double ROUND = 0.99;

    private final Build build;
    private final Map<SlabId, Level> levels = new LinkedHashMap<>();
    private final Map<SlabId, Outline> swept = new HashMap<>();
    private final Map<Swing, Outline> swings = new HashMap<>();
    private final Links links;

    Clearance(Build build) {
        this.build = build;
        build.levels().forEach(l -> levels.put(l.slab().id(), l));
        this.links = new Links(build);
    }

    List<Course> courses() {
        List<Motion> motions = build.mechanics().motions().stream()
                .filter(m -> levels.keySet().containsAll(m.moving()))
                .toList();
        Map<Motion, Set<SlabId>> moving = new LinkedHashMap<>();
        for (Motion motion : motions) {
            Set<SlabId> all = links.carriedBy(motion.moving());
            moving.put(motion, all);
            for (SlabId id : all) {
                swept.put(id, sweep(id, motion));
            }
        }
        return motions.stream().map(m -> course(m, moving.get(m))).toList();
    }

    /** A swing as it looks from its own pivot: pieces that hang alike sweep alike. */
    private record Swing(Outline outline, Placement from, Angle swing) {}

    private Outline hung(Level level, Move.Hang hang, Motion motion) {
        Part part = build.part(level.slab().part()).orElseThrow();
        Placement at = part.at().get(0);
        Point pivot = hang.from();
        Placement from =
                at.moved(Mm.length(pivot.x()).negated(), Mm.length(pivot.y()).negated());
        Outline swung = swings.computeIfAbsent(
                new Swing(part.outline(), from, hang.swing()),
                s -> Poses.sweep(level.slab().footprints().get(0), motion).moved(new Point(-pivot.x(), -pivot.y())));
        return swung.moved(pivot);
    }

    private Outline sweep(SlabId id, Motion motion) {
        if (motion.move() instanceof Move.Hang hang) {
            return hung(levels.get(id), hang, motion);
        }
        List<Outline> footprints = levels.get(id).slab().footprints();
        Outline all = Poses.sweep(footprints.get(0), motion);
        for (Outline more : footprints.subList(1, footprints.size())) {
            all = all.joined(Poses.sweep(more, motion));
        }
        return all;
    }

    private Course course(Motion motion, Set<SlabId> moving) {
        List<Course.Tightest> tight = new ArrayList<>();
        List<Length> gaps = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
            gaps.add(Course.FAR);
        }
        for (SlabId id : moving) {
            gaps(motion, id, moving, tight, gaps);
        }
        Optional<Course.Tightest> least = tight.stream()
                .min(Comparator.comparing(Course.Tightest::gap)
                        .thenComparing(t -> t.moving().value()))
                .map(t -> at(t, gaps));
        List<Course.Sample> samples = new ArrayList<>();
        for (int i = 0; i <= SAMPLES; i++) {
            samples.add(new Course.Sample(i / (double) SAMPLES, gaps.get(i)));
        }
        return new Course(
                motion,
                List.copyOf(moving),
                moving.stream().map(id -> new Course.Swept(id, swept.get(id))).toList(),
                samples,
                least,
                behind(motion, moving),
                blockers(motion, moving),
                pastEdge(moving));
    }

    /** The share at which the gap is smallest, to the nearest sample. */
    private static Course.Tightest at(Course.Tightest t, List<Length> gaps) {
        int least = 0;
        for (int i = 1; i < gaps.size(); i++) {
            least = gaps.get(i).isBelow(gaps.get(least)) ? i : least;
        }
        return new Course.Tightest(t.gap(), t.moving(), t.against(), t.here(), t.there(), least / (double) SAMPLES);
    }

    /** The smallest gaps of one moving slab go to tight, those along the way lower gaps. */
    private void gaps(Motion motion, SlabId id, Set<SlabId> moving, List<Course.Tightest> tight, List<Length> gaps) {
        List<Course.Tightest> own = new ArrayList<>();
        List<Outline> near = near(motion, id, moving, own);
        Outline area = swept.get(id);
        boolean edge = motion.keeping().inside() && hidden(motion, id);
        if (edge) {
            Outline.Gap gap = build.face().marginOf(area);
            own.add(new Course.Tightest(gap.length(), id, Optional.empty(), gap.there(), gap.here(), 0));
        }
        tight.addAll(own);
        if (own.isEmpty() || motion.move() instanceof Move.Fold) {
            return;
        }
        Outline body = levels.get(id).slab().footprints().get(0);
        boolean round = motion.move() instanceof Move.Turn && body.area().shareOf(area.area()) > ROUND;
        if (round || motion.move() instanceof Move.Hang) {
            Length same = own.stream().map(Course.Tightest::gap).reduce(Course.FAR, Length::min);
            gaps.replaceAll(g -> Length.min(g, Length.max(Length.ZERO, same)));
            return;
        }
        Obstacles obstacles = new Obstacles(near);
        for (int i = 0; i < gaps.size(); i++) {
            Outline there = Poses.at(body, motion, i / (double) SAMPLES);
            Length gap = obstacles.gap(there, gaps.get(i));
            gaps.set(i, edge ? Length.min(gap, build.face().marginOf(there).length()) : gap);
        }
    }

    /** What lies near at a slab's height and could be in its way, each with its smallest gap. */
    private List<Outline> near(Motion motion, SlabId id, Set<SlabId> moving, List<Course.Tightest> own) {
        Outline area = swept.get(id);
        List<Outline> near = new ArrayList<>();
        Length least = Course.FAR;
        for (Level other : levels.values()) {
            SlabId against = other.slab().id();
            if (moving.contains(against) || motion.keeping().guides().contains(against) || !meets(id, other)) {
                continue;
            }
            for (Outline obstacle : obstacles(other)) {
                if (!obstacle.isWithin(area, Course.FAR)) {
                    continue;
                }
                near.add(obstacle);
                if (obstacle.isWithin(area, least)) {
                    Outline.Gap gap = area.gapTo(obstacle);
                    least = Length.min(least, gap.length());
                    own.add(new Course.Tightest(gap.length(), id, Optional.of(against), gap.here(), gap.there(), 0));
                }
            }
        }
        return near;
    }

    /** What is in the way of a level: what it passes over if it moves itself, else where it lies. */
    private List<Outline> obstacles(Level level) {
        Outline own = swept.get(level.slab().id());
        return own == null ? level.slab().footprints() : List.of(own);
    }

    private boolean meets(SlabId id, Level other) {
        Level own = levels.get(id);
        Length low = Length.max(own.bottom(), other.bottom());
        Length high = Length.min(own.top(), other.top());
        return high.minus(low).isAbove(TOUCH);
    }

    /** Behind what it is guided by. */
    private boolean hidden(Motion motion, SlabId id) {
        Length top = levels.get(id).top();
        return motion.keeping().guides().stream().map(levels::get).anyMatch(g -> g != null && !top.isAbove(g.bottom()));
    }

    /** Height left under the slab that asks for it, down to the highest thing that its sweep passes over. */
    private Optional<Length> behind(Motion motion, Set<SlabId> moving) {
        return motion.keeping().space().flatMap(space -> {
            Level own = levels.get(space.moving());
            Outline area = swept.get(space.moving());
            Set<SlabId> joined = space.opened() ? links.joinedWith(space.moving(), motion.moving()) : Set.of();
            return levels.values().stream()
                    .filter(l -> !moving.contains(l.slab().id()))
                    .filter(l -> !motion.keeping().guides().contains(l.slab().id()))
                    .filter(l -> !space.opened() || joined.contains(l.slab().id()))
                    .filter(l -> l.bottom().isBelow(own.bottom()))
                    .filter(l -> obstacles(l).stream().anyMatch(area::overlaps))
                    .map(Level::top)
                    .max(Comparator.naturalOrder())
                    .map(own.bottom()::minus);
        });
    }

    /** What lies over a flap, is joined to what it is cut from, and does not go with it. */
    private List<SlabId> blockers(Motion motion, Set<SlabId> moving) {
        if (!(motion.move() instanceof Move.Fold) || motion.keeping().guides().isEmpty()) {
            return List.of();
        }
        Set<SlabId> fixed = links.carriedBy(motion.keeping().guides());
        List<SlabId> blockers = new ArrayList<>();
        for (SlabId id : motion.moving()) {
            Level leaf = levels.get(id);
            fixed.stream()
                    .map(levels::get)
                    .filter(l -> l != null && !moving.contains(l.slab().id()))
                    .filter(l -> !l.bottom().isBelow(leaf.top()))
                    .filter(l -> l.slab().footprints().stream()
                            .anyMatch(f -> leaf.slab().footprints().get(0).overlaps(f)))
                    .map(l -> l.slab().id())
                    .forEach(blockers::add);
        }
        return blockers;
    }

    private Length pastEdge(Set<SlabId> moving) {
        return moving.stream()
                .flatMap(id -> levels.get(id).slab().footprints().stream())
                .map(f -> build.face().marginOf(f).length().negated())
                .reduce(Length::max)
                .orElse(Length.ZERO);
    }
}
