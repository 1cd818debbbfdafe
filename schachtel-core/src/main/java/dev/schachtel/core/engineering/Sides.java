package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

import dev.schachtel.core.build.SideView;
import dev.schachtel.core.shape.Point;

/** Poses of a movement seen from the side. */
final class Sides {
    private static final int POSES = 24;

    private Sides() {}

    /** Poses at even shares from 0, shut, to 1, open. */
    static List<SideView.Pose> poses(DoubleFunction<List<List<Point>>> at) {
        List<SideView.Pose> all = new ArrayList<>();
        for (int i = 0; i <= POSES; i++) {
            all.add(new SideView.Pose(at.apply(i / (double) POSES)));
        }
        return all;
    }

    /** A straight piece from a point, so long, at an angle in degrees from level. */
    static List<Point> limb(Point from, double length, double degrees) {
        double a = Math.toRadians(degrees);
        return List.of(from, from.plus(length * Math.cos(a), length * Math.sin(a)));
    }
}
