package dev.schachtel.core.check;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.Plain;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

import static java.lang.Math.max;
import static java.lang.Math.min;

/**
 * What would have to be mended on a card, by brute force over the JDK's areas and by closed formulas from the handbook. It
 * says {@code doubt} where a figure is so near its limit that rounding decides. Shares no code with the checks.
 */
final class PlainJudge {
    /** Nearer to a limit than this, in mm, nothing is claimed. */
    private static final double NEAR = 0.06;

    /** The rules that are judged. */
    static final Set<RuleId> JUDGED = Set.of(
            RuleId.MARGIN_EDGE,
            RuleId.MARGIN_WEB,
            RuleId.RETAINED,
            RuleId.LOCKS,
            RuleId.WINDOW_FILLED,
            RuleId.DAM_CLOSED,
            RuleId.DEPTH,
            RuleId.FLAT_PIECES,
            RuleId.FILM_OVERLAP,
            RuleId.DAMS_OVERLAP,
            RuleId.OVERHANG,
            RuleId.LEAF_PAST,
            RuleId.LONG_THREAD,
            RuleId.SMALL_PARTS,
            RuleId.CLEARANCE,
            RuleId.PLATE);

    private final Build build;
    private final Workshop workshop;
    private final Set<String> mends = new HashSet<>();
    private final Set<String> doubts = new HashSet<>();

    PlainJudge(Build build, Workshop workshop) {
        this.build = build;
        this.workshop = workshop;
        openings();
        movements();
        chambers();
        edges();
        child();
        plates();
    }

    Set<String> mends() {
        return mends;
    }

    Set<String> doubts() {
        return doubts;
    }

    static String key(RuleId rule, Object owner) {
        return rule + " of " + owner;
    }

    /** Is is below limit. */
    private void below(RuleId rule, Object owner, double is, double limit) {
        if (Math.abs(is - limit) < NEAR) {
            doubts.add(key(rule, owner));
        } else if (is < limit) {
            mends.add(key(rule, owner));
        }
    }

    private static double mm(Length length) {
        return length.nanometres() / 1e6;
    }

    // ---- card beside openings

    private record Hole(Object owner, Area area, double asked, boolean door) {}

    private void openings() {
        for (Part part : build.parts()) {
            List<Hole> holes = new ArrayList<>();
            for (Cutout c : part.cutouts()) {
                boolean film = build.chambers().stream()
                        .anyMatch(ch -> ch.isDam()
                                && ch.apertures().stream()
                                        .anyMatch(a -> a.owner().equals(c.owner())));
                switch (c.sort()) {
                    case WINDOW, SLOT -> holes.add(new Hole(c.owner(), Plain.area(c.onFace()), film ? 10 : 6, false));
                    case HOLE -> holes.add(new Hole(c.owner(), Plain.area(c.onFace()), 4, false));
                    default -> {
                        // Notches and patterns belong to the edge.
                    }
                }
            }
            part.slits().stream()
                    .filter(s -> s.points().size() > 2)
                    .forEach(s -> holes.add(new Hole(s.owner(), Plain.area(Outline.ofCorners(s.onFace())), 6, true)));
            boolean base = part.id().toString().equals("base");
            Area sheet = Plain.area(
                    base
                            ? build.face()
                            : part.outline().placed(part.at().get(0)).filled());
            for (Hole hole : holes) {
                below(RuleId.MARGIN_EDGE, hole.owner, inside(sheet, hole.area), hole.asked);
            }
            for (int i = 0; i < holes.size(); i++) {
                for (int k = i + 1; k < holes.size(); k++) {
                    Hole a = holes.get(i);
                    Hole b = holes.get(k);
                    if (!(a.door && b.door && a.owner.equals(b.owner))) {
                        String first = a.owner.toString();
                        String second = b.owner.toString();
                        below(
                                RuleId.MARGIN_WEB,
                                first.compareTo(second) <= 0 ? second : first,
                                apart(a.area, b.area),
                                max(a.asked, b.asked));
                    }
                }
            }
        }
    }

    /** How far inside a sheet something stays; negative by how far it sticks out. */
    private static double inside(Area sheet, Area thing) {
        List<double[]> edge = Flat.points(sheet);
        if (Plain.size(Plain.less(thing, sheet)) < 1e-3) {
            return Flat.distance(edge, Flat.points(thing));
        }
        double worst = 0;
        for (double[] p : Flat.points(thing)) {
            if (p != null && !sheet.contains(p[0], p[1])) {
                worst = max(worst, Flat.distance(edge, List.of(p, p)));
            }
        }
        return -worst;
    }

    private static double apart(Area a, Area b) {
        return Plain.size(Plain.shared(a, b)) > 1e-6 ? 0 : Flat.distance(Flat.points(a), Flat.points(b));
    }

    // ---- what moves

    private void movements() {
        for (Motion motion : build.mechanics().motions()) {
            motion.keeping()
                    .retainers()
                    .forEach(r ->
                            below(RuleId.RETAINED, motion.owner(), mm(r.width()), mm(r.opening()) + mm(r.asked())));
            motion.keeping().lock().ifPresent(l -> {
                double margin = mm(l.guided()) / (2 * l.friction() / 100.0 * mm(l.push()));
                if (Math.abs(margin - 1.5) < 0.001) {
                    doubts.add(key(RuleId.LOCKS, motion.owner()));
                } else if (margin < 1.5) {
                    mends.add(key(RuleId.LOCKS, motion.owner()));
                }
            });
            motion.keeping()
                    .fill()
                    .ifPresent(f -> below(
                            RuleId.WINDOW_FILLED,
                            motion.owner(),
                            mm(f.reach()),
                            farthest(f.opening(), ((Move.Turn) motion.move()).about()) + 2));
            plays(motion);
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
            return (int) min(400, max(2, Math.ceil(mm(slide.path().length()) / 0.5)));
        } else if (motion.move() instanceof Move.Roll roll) {
            return (int) min(400, max(2, Math.ceil(mm(roll.path().length()) / 0.5)));
        }
        return 60;
    }

    /** Pose by pose against all that shares its height and does not move. */
    private void plays(Motion motion) {
        if (pose(motion, 0) == null) {
            doubts.add(key(RuleId.CLEARANCE, motion.owner()));
            return;
        }
        Set<SlabId> movers = carried(motion);
        double least = Double.MAX_VALUE;
        for (SlabId id : movers) {
            least = min(least, tightest(motion, id, movers));
        }
        double asked = mm(motion.keeping().clear());
        boolean moversNear = build.mechanics().motions().size() > 1;
        if (moversNear && !(least < asked - NEAR) || asked == 0 && least < NEAR && least > 0) {
            doubts.add(key(RuleId.CLEARANCE, motion.owner()));
        } else if (asked == 0 && least == 0) {
            mends.add(key(RuleId.CLEARANCE, motion.owner()));
        } else if (least < 3) {
            below(RuleId.CLEARANCE, motion.owner(), least, asked);
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
                .filter(l -> shareHeight(own, l) > 0.02)
                .flatMap(l -> l.slab().footprints().stream())
                .map(Plain::area)
                .collect(Collectors.toList());
        Area body = Plain.area(own.slab().footprints());
        Area face = Plain.area(build.face());
        int poses = poses(motion);
        double least = Double.MAX_VALUE;
        for (int i = 0; i <= poses; i++) {
            Area there = body.createTransformedArea(pose(motion, i / (double) poses));
            for (Area other : around) {
                if (Flat.boxesWithin(there, other, 3)) {
                    least = min(least, apart(there, other));
                }
            }
            if (motion.keeping().inside() && hidden) {
                least = min(least, inside(face, there));
            }
        }
        return least;
    }

    private boolean isMoving(SlabId id) {
        return build.mechanics().motions().stream().anyMatch(m -> carried(m).contains(id));
    }

    private Set<SlabId> carried(Motion motion) {
        Set<SlabId> all = new HashSet<>(motion.moving());
        boolean more = true;
        while (more) {
            more = false;
            for (var j : build.joints()) {
                switch (j.hold()) {
                    case RESTS -> more |= all.contains(j.lower()) && all.add(j.upper());
                    case HANGS -> more |= all.contains(j.upper()) && all.add(j.lower());
                    default -> {
                        // The others carry nothing.
                    }
                }
            }
        }
        return all;
    }

    private static double shareHeight(Level a, Level b) {
        return min(mm(a.top()), mm(b.top())) - max(mm(a.bottom()), mm(b.bottom()));
    }

    // ---- shakers

    private void chambers() {
        List<Chamber> dams = build.chambers().stream().filter(Chamber::isDam).toList();
        for (Chamber c : build.chambers()) {
            double d = mm(c.filling().diameter());
            double t = mm(c.filling().thickness());
            if (!c.isDam()) {
                below(RuleId.FLAT_PIECES, c.owner(), mm(c.depth()), t);
                continue;
            }
            below(RuleId.DEPTH, c.owner(), mm(c.depth()), min(d, t) + 0.5);
            double joint = c.seams().stream()
                    .mapToDouble(s -> mm(s.nominal()) + 2 * mm(s.sigma()))
                    .max()
                    .orElse(-1);
            double grain = d > mm(c.depth()) ? d : min(d, t);
            if (joint >= 0 && (joint >= grain || d < 0.5)) {
                mends.add(key(RuleId.DAM_CLOSED, c.owner()));
            }
            Area film = Plain.area(build.part(c.film()).orElseThrow().footprints());
            c.apertures().forEach(a -> below(RuleId.FILM_OVERLAP, c.owner(), inside(film, Plain.area(a.onFace())), 3));
        }
        for (int i = 0; i < dams.size(); i++) {
            for (int k = i + 1; k < dams.size(); k++) {
                over(dams.get(i), dams.get(k));
            }
        }
    }

    private void over(Chamber a, Chamber b) {
        for (Level x : members(a)) {
            for (Level y : members(b)) {
                Area shared = Plain.shared(
                        Plain.area(x.slab().footprints()), Plain.area(y.slab().footprints()));
                double size = Plain.size(shared);
                if (shareHeight(x, y) > 0 && size > 1) {
                    mends.add(key(RuleId.DAMS_OVERLAP, b.owner()));
                } else if (size > 0) {
                    doubts.add(key(RuleId.DAMS_OVERLAP, b.owner()));
                }
            }
        }
    }

    private List<Level> members(Chamber c) {
        List<Level> all = new ArrayList<>();
        build.level(SlabId.of(c.film())).ifPresent(all::add);
        c.walls().forEach(w -> build.level(SlabId.of(w)).ifPresent(all::add));
        return all;
    }

    // ---- past the edge

    private void edges() {
        Area face = Plain.area(build.face());
        for (Level level : build.levels()) {
            Part part = build.part(level.slab().part()).orElseThrow();
            boolean base = part.owner().value().equals("base");
            boolean leaf = base && !level.slab().id().equals(SlabId.of(part.id()));
            if (!base && !level.slab().id().equals(SlabId.of(part.id()))) {
                // A door that reaches past the edge is one too near to the edge of its panel: judged there.
                continue;
            }
            boolean mends =
                    part.material() instanceof Foam || build.spec().brief().posted();
            if (leaf
                    || !base && part.material() instanceof Cardstock && mends
                    || part.material() instanceof Foam && !base) {
                RuleId rule = leaf ? RuleId.LEAF_PAST : RuleId.OVERHANG;
                for (Outline f : level.slab().footprints()) {
                    Area own = Plain.area(f);
                    double in = Plain.size(own) < 0.1 ? 0 : inside(face, own);
                    if (Math.abs(in) < NEAR) {
                        doubts.add(key(rule, part.owner()));
                    } else if (in < 0) {
                        this.mends.add(key(rule, part.owner()));
                    }
                }
            }
        }
    }

    private void child() {
        if (build.spec().brief().smallChild()) {
            build.chambers().forEach(c -> mends.add(key(RuleId.SMALL_PARTS, c.owner())));
            build.parts().stream()
                    .filter(p -> p.material() instanceof Thread && mm(p.form().longer()) > 220)
                    .forEach(p -> mends.add(key(RuleId.LONG_THREAD, p.owner())));
        }
    }

    private void plates() {
        double wide = mm(workshop.tools().plateWidth());
        for (Part part : build.parts()) {
            List<Double> least = new ArrayList<>();
            List<Double> longest = new ArrayList<>();
            if (part.method().name().equals("DIE")) {
                least.add(mm(part.form().shorter()));
                longest.add(mm(part.form().longer()));
            }
            part.cutouts().stream().filter(c -> c.method().name().equals("DIE")).forEach(c -> {
                least.add(mm(c.form().shorter()));
                longest.add(mm(c.form().longer()));
            });
            // The check judges the longest alone; a shorter but wider one is in doubt.
            if (least.stream().anyMatch(w -> w > wide)) {
                double top = longest.stream().max(Double::compare).orElse(0.0);
                boolean all = true;
                for (int i = 0; i < least.size(); i++) {
                    all &= longest.get(i) < top || least.get(i) > wide;
                }
                (all ? mends : doubts).add(key(RuleId.PLATE, part.owner()));
            }
        }
    }
}
