package dev.schachtel.core.render;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Json;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.SideView;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What a page needs to play one piece's movements by itself: where things are along the way in millimetres, and labels. */
public final class MotionJson {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private MotionJson() {}

    /** The movements of one piece, all at the same share, and what is seen of it from the side. */
    public static String write(Build build, Id owner, List<Course> courses, Optional<SideView> side) {
        Units units = build.spec().units();
        ObjectNode all = NODES.objectNode();
        all.put("owner", owner.value());
        all.put("given", owner.equals(Id.BASE) ? build.mechanics().unfolding().shownShare() : 1);
        all.put("rest", courses.isEmpty() ? 0 : courses.get(0).motion().restShare());
        all.put("round", !courses.isEmpty() && goesRound(courses.get(0).motion()));
        ArrayNode moves = all.putArray("moves");
        Space space = new Space(build);
        courses.forEach(c -> moves.add(places(build, space, c.motion())));
        labels(all, courses, units);
        side.ifPresent(view -> all.set("side", side(view)));
        return Json.write(all).replace("<", "\\u003c");
    }

    /**
     * Where the front view shows it at even shares, so close that what lies between two of them can be filled in straight: x' = ax + cy + e,
     * y' = bx + dy + f. What opens is seen from the front.
     */
    private static ArrayNode places(Build build, Space space, Motion motion) {
        ArrayNode all = NODES.arrayNode();
        double height =
                build.level(motion.moving().get(0)).map(l -> Mm.of(l.bottom())).orElse(0.0);
        space.way(motion).places().forEach(p -> {
            ArrayNode place = all.addArray();
            for (Vec column : List.of(p.across(), p.up())) {
                place.add(fine(column.x())).add(fine(column.y()));
            }
            Vec foot = p.at(new Vec(0, 0, height));
            place.add(round(foot.x())).add(round(foot.y()));
        });
        return all;
    }

    /** A share of a length: on a card of any size a thousandth of a millimetre or less is lost. */
    private static double fine(double share) {
        return Math.round(share * 1e6) / 1e6;
    }

    private static boolean goesRound(Motion motion) {
        return motion.move() instanceof Move.Turn
                && degrees(motion) >= 360
                && motion.keeping().ends() == Motion.Ends.ENDLESS;
    }

    private static ArrayNode point(Point p) {
        return NODES.arrayNode().add(round(p.x())).add(round(p.y()));
    }

    private static double round(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }

    /** How far along and how much is free, at each sample. */
    private static void labels(ObjectNode all, List<Course> courses, Units units) {
        ArrayNode along = all.putArray("along");
        ArrayNode gaps = all.putArray("gaps");
        if (courses.isEmpty()) {
            return;
        }
        Course course = courses.get(0);
        for (Course.Sample sample : course.samples()) {
            along.add(along(course.motion(), sample.share(), units));
            boolean far = !sample.gap().isBelow(Course.FAR);
            if (course.motion().move() instanceof Move.Fold) {
                gaps.add("");
                continue;
            }
            gaps.add(far ? "over " + Units.tenths(Course.FAR) + " mm" : Units.tenths(sample.gap()) + " mm");
        }
    }

    private static String along(Motion motion, double share, Units units) {
        Optional<Length> travel = travel(motion);
        if (travel.isPresent()) {
            Length there = Length.ofNanometres(Math.round(travel.get().nanometres() * share));
            return units.show(there.roundedTo(units.step())) + " " + units.sign();
        }
        return Math.round(share * degrees(motion)) + "°";
    }

    /** Travel of what slides or rolls. */
    public static Optional<Length> travel(Motion motion) {
        if (motion.move() instanceof Move.Slide s) {
            return Optional.of(s.path().length());
        }
        return motion.move() instanceof Move.Roll r ? Optional.of(r.path().length()) : Optional.empty();
    }

    /** Degrees of what turns, opens or swings. */
    public static double degrees(Motion motion) {
        if (motion.move() instanceof Move.Turn t) {
            return t.to().degrees() - t.from().degrees();
        }
        if (motion.move() instanceof Move.Fold f) {
            return f.opens().degrees();
        }
        return motion.move() instanceof Move.Hang h ? 2 * h.swing().degrees() : 0;
    }

    private static ObjectNode side(SideView view) {
        ObjectNode node = NODES.objectNode();
        node.put("name", view.name());
        ArrayNode poses = node.putArray("poses");
        for (SideView.Pose pose : view.poses()) {
            ArrayNode lines = poses.addArray();
            for (List<Point> line : pose.lines()) {
                ArrayNode points = lines.addArray();
                line.forEach(p -> points.add(point(p)));
            }
        }
        return node;
    }
}
