package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What folds, seen along its folds. Panels that turn about other lines are left out. */
public final class SideViews {
    private static final int POSES = 24;
    /** Sine of the angle between lines that count as parallel. */
    private static final double PARALLEL = 1e-6;
    /** What reaches no further down isn't seen from below, mm. */
    private static final double BELOW = 1;

    private SideViews() {}

    public static List<SideView> of(Build build) {
        List<SideView> all = new ArrayList<>();
        base(build).ifPresent(all::add);
        build.mechanics().motions().forEach(m -> door(build, m).ifPresent(all::add));
        return all;
    }

    /** Whether there is any. */
    public static boolean areThere(Build build) {
        return build.mechanics().unfolding().isMoving()
                || build.mechanics().motions().stream().anyMatch(m -> m.move() instanceof Move.Fold);
    }

    private static Optional<SideView> base(Build build) {
        Unfolding unfolding = build.mechanics().unfolding();
        return unfolding.hinges().stream().filter(Hinge::isMoving).findFirst().map(first -> new Folding(
                        build, unfolding, direction(first))
                .seen());
    }

    private static Vec direction(Hinge hinge) {
        return Vec.of(hinge.to()).minus(Vec.of(hinge.from())).unit();
    }

    private static List<SideView.Pose> poses(DoubleFunction<List<List<Point>>> at) {
        List<SideView.Pose> all = new ArrayList<>();
        for (int i = 0; i <= POSES; i++) {
            all.add(new SideView.Pose(at.apply(i / (double) POSES)));
        }
        return all;
    }

    /** The panels of a card that turn about lines of one direction. */
    private static final class Folding {
        private final Unfolding unfolding;
        private final Space space;
        private final Vec along;
        private final List<Line> lines = new ArrayList<>();

        /** Panels of one name that follow each other, and their edges on the card as that is drawn. */
        private record Line(String name, List<Integer> panels, List<Vec> corners) {}

        Folding(Build build, Unfolding unfolding, Vec along) {
            this.unfolding = unfolding;
            this.space = new Space(build);
            this.along = along;
            Set<Integer> reached = reached();
            for (int p = 0; p < unfolding.panels().size(); p++) {
                if (reached.contains(p)) {
                    add(p);
                }
            }
        }

        /** Panels that are reached from the board over lines of this direction alone. */
        private Set<Integer> reached() {
            Set<Integer> reached = new HashSet<>(Set.of(Hinge.BOARD));
            boolean more = true;
            while (more) {
                more = false;
                for (Hinge h : unfolding.hinges()) {
                    boolean parallel = direction(h).cross(along).length() < PARALLEL;
                    more |= (parallel || !h.isMoving()) && reached.contains(h.on()) && reached.add(h.turns());
                }
            }
            return reached;
        }

        private void add(int panel) {
            String name = unfolding.panels().get(panel).name();
            Optional<Hinge> on = unfolding.hinges().stream()
                    .filter(h -> h.turns() == panel && h.on() == panel - 1)
                    .findFirst();
            Line last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
            List<Vec> ends = ends(panel);
            if (last != null && last.name.equals(name) && on.isPresent()) {
                last.panels.add(panel);
                last.corners.add(ends.get(1));
            } else {
                lines.add(new Line(name, new ArrayList<>(List.of(panel)), new ArrayList<>(ends)));
            }
        }

        /** Both edges along the folds, that on which it turns first: at a hinge at its height, else at that of the nearest. */
        private List<Vec> ends(int panel) {
            Panel it = unfolding.panels().get(panel);
            Vec across = along.cross(new Vec(0, 0, 1));
            double[] far = it.region().outer().flattened().stream()
                    .mapToDouble(p -> Vec.of(p).dot(across))
                    .sorted()
                    .toArray();
            List<Hinge> own = unfolding.hinges().stream()
                    .filter(h -> h.turns() == panel || h.on() == panel)
                    .filter(h -> direction(h).cross(along).length() < PARALLEL)
                    .sorted(Comparator.comparing(h -> h.turns() != panel))
                    .toList();
            Hinge start = own.get(0);
            Hinge first = own.stream().filter(Hinge::isMoving).findFirst().orElse(start);
            Vec low = end(far[0], own, first, across);
            Vec high = end(far[far.length - 1], own, first, across);
            Vec hinge = Vec.of(start.from());
            boolean ahead = Math.abs(high.minus(hinge).dot(across))
                    < Math.abs(low.minus(hinge).dot(across));
            return ahead ? List.of(high, low) : List.of(low, high);
        }

        private Vec end(double off, List<Hinge> hinges, Hinge nearest, Vec across) {
            Hinge at = hinges.stream()
                    .filter(h -> Math.abs(Vec.of(h.from()).dot(across) - off) < BELOW)
                    .findFirst()
                    .orElse(nearest);
            boolean here = Math.abs(Vec.of(at.from()).dot(across) - off) < BELOW;
            Vec place = across.times(here ? Vec.of(at.from()).dot(across) : off);
            return new Vec(place.x(), place.y(), space.height(at));
        }

        SideView seen() {
            Vec axis = space.at(0).panels().get(lines.get(0).panels.get(0)).direction(along);
            SideView.Seen from = Math.abs(axis.x()) > 0.9
                    ? SideView.Seen.RIGHT
                    : Math.abs(axis.y()) > 0.9 ? SideView.Seen.ABOVE : SideView.Seen.FRONT;
            List<SideView.Pose> poses = poses(share -> at(share, from));
            boolean below = from == SideView.Seen.ABOVE && isBelow(poses.get(POSES));
            return new SideView(
                    Id.BASE,
                    unfolding.moves(),
                    from,
                    lines.stream().map(Line::name).toList(),
                    below ? poses.stream().map(Folding::turned).toList() : poses);
        }

        private List<List<Point>> at(double share, SideView.Seen from) {
            List<Rigid> panels = space.at(share).panels();
            List<List<Point>> all = new ArrayList<>();
            for (Line line : lines) {
                List<Point> points = new ArrayList<>();
                for (int i = 0; i < line.corners.size(); i++) {
                    Rigid place = panels.get(line.panels.get(Math.max(0, i - 1)));
                    points.add(flat(place.at(line.corners.get(i)), from));
                }
                all.add(points);
            }
            return all;
        }

        private static boolean isBelow(SideView.Pose open) {
            double least = open.lines().stream()
                    .flatMap(List::stream)
                    .mapToDouble(Point::y)
                    .min()
                    .orElse(0);
            double most = open.lines().stream()
                    .flatMap(List::stream)
                    .mapToDouble(Point::y)
                    .max()
                    .orElse(0);
            return -least > most + BELOW;
        }

        private static SideView.Pose turned(SideView.Pose pose) {
            return new SideView.Pose(pose.lines().stream()
                    .map(l -> l.stream().map(p -> new Point(p.x(), -p.y())).toList())
                    .toList());
        }
    }

    /** A place in space as it is seen. */
    public static Point flat(Vec place, SideView.Seen from) {
        return switch (from) {
            case RIGHT -> new Point(-place.z(), place.y());
            case ABOVE -> new Point(place.x(), place.z());
            case FRONT, HINGE -> new Point(place.x(), place.y());
        };
    }

    /** What a door is cut from, and the door. */
    private static Optional<SideView> door(Build build, Motion motion) {
        if (!(motion.move() instanceof Move.Fold fold)) {
            return Optional.empty();
        }
        return build.level(motion.moving().get(0)).map(level -> {
            Outline leaf = level.slab().footprints().get(0);
            Vec hinge = Vec.of(fold.from());
            Vec along = Vec.of(fold.to()).minus(hinge).unit();
            Vec across = along.cross(new Vec(0, 0, 1));
            double wide = leaf.outer().flattened().stream()
                    .mapToDouble(p -> Vec.of(p).minus(hinge).dot(across))
                    .reduce(0, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
            Vec edge = hinge.plus(across.times(wide));
            Vec away = across.times(Math.signum(wide));
            double length = Math.abs(wide);
            List<Point> sheet = List.of(new Point(-length / 3, 0), new Point(length * 4 / 3, 0));
            return new SideView(
                    motion.owner(), motion.name(), SideView.Seen.HINGE, List.of("panel", "door"), poses(share -> {
                        Rigid opened = Track.moved(build, motion, share);
                        Vec way = opened.at(edge).minus(opened.at(hinge));
                        return List.of(sheet, List.of(Point.ORIGIN, new Point(way.dot(away), way.z())));
                    }));
        });
    }
}
