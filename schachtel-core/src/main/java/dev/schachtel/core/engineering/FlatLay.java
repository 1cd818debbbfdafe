package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;

import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.pose.Edge;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

/**
 * A base lying flat, as the pose of its panels without thickness has it.
 *
 * <p>Example (mm): stairs of three rises 38.1 and treads 25.4 beside plain, the wall forward, reach from -63.5 to 76.2: 139.7 long; with
 * rises 30 and treads 40: 150.
 *
 * @param panels what each covers
 */
record FlatLay(List<Box> panels) {
    /** Edges that are no further apart lie on each other, mm. */
    private static final double SAME = 1e-6;

    /** As it lies shut. */
    static FlatLay shut(Unfolding base) {
        List<dev.schachtel.core.pose.Hinge> hinges = new ArrayList<>();
        Map<Integer, DoubleUnaryOperator> driven = new HashMap<>();
        for (Hinge h : base.hinges()) {
            Edge line = new Edge(h.from(), h.to(), 0);
            double angle = Math.toRadians(h.shut());
            driven.put(hinges.size(), share -> angle);
            hinges.add(new dev.schachtel.core.pose.Hinge(h.name(), h.on() + 1, h.turns() + 1, line, line, angle, 0));
        }
        List<Rigid> places =
                new Linkage(base.panels().size() + 1, hinges, driven).at(0).panels();
        List<Box> all = new ArrayList<>();
        for (int i = 0; i < base.panels().size(); i++) {
            all.add(placed(base.panels().get(i), places.get(i + 1)));
        }
        return new FlatLay(all);
    }

    /** As it is drawn. */
    static FlatLay drawn(Unfolding base) {
        return new FlatLay(base.panels().stream().map(p -> p.region().bounds()).toList());
    }

    private static Box placed(Panel panel, Rigid at) {
        Box box = panel.region().bounds();
        Vec one = at.at(new Vec(box.left(), box.bottom(), 0));
        Vec other = at.at(new Vec(box.right(), box.top(), 0));
        return new Box(
                Math.min(one.x(), other.x()),
                Math.min(one.y(), other.y()),
                Math.max(one.x(), other.x()),
                Math.max(one.y(), other.y()));
    }

    Flat named(String name) {
        Box all = bounds();
        return new Flat(name, Mm.length(all.width()), Mm.length(all.height()), layers());
    }

    Box bounds() {
        return panels.stream().reduce(Box::union).orElseThrow();
    }

    /** The most that lie on each other: somewhere half-way between edges that follow each other. */
    int layers() {
        List<Double> across = middles(panels.stream()
                .flatMap(b -> Stream.of(b.left(), b.right()))
                .sorted()
                .toList());
        List<Double> up = middles(panels.stream()
                .flatMap(b -> Stream.of(b.bottom(), b.top()))
                .sorted()
                .toList());
        int most = 0;
        for (double x : across) {
            for (double y : up) {
                Point at = new Point(x, y);
                most = Math.max(
                        most, (int) panels.stream().filter(b -> b.holds(at)).count());
            }
        }
        return most;
    }

    private static List<Double> middles(List<Double> edges) {
        List<Double> all = new ArrayList<>();
        for (int i = 1; i < edges.size(); i++) {
            if (edges.get(i) - edges.get(i - 1) > SAME) {
                all.add((edges.get(i) + edges.get(i - 1)) / 2);
            }
        }
        return all;
    }
}
