package dev.schachtel.core.tolerance;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.learning.Accuracy;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

/**
 * How much each thing is off in each build, in millimetres. A thing draws the same dice whatever else the card has, so that two
 * ways of making a card are compared on the same luck. What is done once for several pieces is off alike: all that one die
 * cuts; half the variance of all that is trimmed at one setting of the stop.
 */
final class Dice {
    /** Sheets and foam come so much thicker or thinner, as a share: our own estimate. */
    private static final double THICK = 0.05;

    private static final double HALF = Math.sqrt(0.5);
    /** Both edges are cut by hand, each with its own spread. */
    private static final double BOTH_EDGES = Math.sqrt(2);

    /**
     * A prime that sets the streams of different things far apart. Not the generator's own step: streams that lie a step apart are the
     * same one, shifted.
     */
    private static final long SPREAD = 1_000_003;

    private final Build build;
    private final Workshop workshop;
    private final int builds;
    private final long seed;
    private final Map<Off, double[]> known = new HashMap<>();

    Dice(Build build, Workshop workshop, int builds, long seed) {
        this.build = build;
        this.workshop = workshop;
        this.builds = builds;
        this.seed = seed;
    }

    /** How much a thing is off in each build. */
    double[] of(Off off) {
        double[] drawn = known.get(off);
        if (drawn == null) {
            drawn = draw(off);
            known.put(off, drawn);
        }
        return drawn;
    }

    private double[] draw(Off off) {
        if (off instanceof Off.Size size) {
            Optional<Part> part = build.part(size.part());
            return part.map(p -> cut(off, way(p), length(p.form(), size.axis())))
                    .orElseGet(() -> cut(off, Method.KNIFE, Length.ZERO));
        }
        if (off instanceof Off.Opened opened) {
            return opened(opened);
        }
        if (off instanceof Off.Square square) {
            Method way = build.part(square.part()).map(Dice::way).orElse(Method.KNIFE);
            return spread(off, way, 1);
        }
        if (off instanceof Off.Scored) {
            return spread(off, Method.TRIMMER, 1);
        }
        if (off instanceof Off.Punched) {
            return spread(off, Method.PUNCH, 1);
        }
        if (off instanceof Off.Joined) {
            return spread(off, Method.FOAM_KNIFE, 1);
        }
        if (off instanceof Off.Thick) {
            return times(gauss(off.toString()), THICK);
        }
        return spread(off, Method.of(workshop.house().placing()), 1);
    }

    private double[] opened(Off.Opened opened) {
        for (Part part : build.parts()) {
            for (Cutout cutout : part.cutouts()) {
                if (cutout.owner().equals(opened.owner()) && cutout.sort() == opened.sort()) {
                    return cut(opened, Method.of(cutout.method()), length(cutout.form(), opened.axis()));
                }
            }
        }
        return build.part(new PartId(opened.owner(), ""))
                .filter(p -> opened.sort() == Cutout.Sort.PATTERN
                        && !p.outline().holes().isEmpty())
                .map(p -> cut(opened, way(p), hole(p, opened.axis())))
                .orElseGet(() -> cut(opened, Method.KNIFE, Length.ZERO));
    }

    private static Length hole(Part part, Off.Axis axis) {
        Box box = new Outline(part.outline().holes().get(0), List.of()).bounds();
        return axis == Off.Axis.ACROSS ? box.wide() : box.high();
    }

    private static Method way(Part part) {
        boolean foam = part.material() instanceof Foam && part.method() == CutMethod.KNIFE;
        return foam ? Method.FOAM_KNIFE : Method.of(part.method());
    }

    private static Length length(Form form, Off.Axis axis) {
        return axis == Off.Axis.ACROSS ? form.width() : form.height();
    }

    private double[] cut(Off off, Method way, Length size) {
        Accuracy accuracy = workshop.accuracy(way);
        boolean mended = way == Method.TRIMMER && workshop.tools().offset();
        double bias = mended ? 0 : accuracy.bias();
        String setting = way.name().toLowerCase(Locale.ROOT) + " " + size;
        double[] drawn =
                switch (way) {
                    case DIE -> times(gauss(setting), accuracy.spread());
                    case TRIMMER ->
                        sum(
                                times(gauss(setting), HALF * accuracy.spread()),
                                times(gauss(off.toString()), HALF * accuracy.spread()));
                    case KNIFE, FOAM_KNIFE, SCISSORS -> spread(off, way, BOTH_EDGES);
                    default -> spread(off, way, 1);
                };
        for (int i = 0; i < builds; i++) {
            drawn[i] += bias;
        }
        return drawn;
    }

    private double[] spread(Off off, Method way, double edges) {
        return times(gauss(off.toString()), edges * workshop.accuracy(way).spread());
    }

    private double[] gauss(String what) {
        SplittableRandom random = new SplittableRandom(what.hashCode() * SPREAD + seed);
        double[] drawn = new double[builds];
        for (int i = 0; i < builds; i++) {
            drawn[i] = random.nextGaussian();
        }
        return drawn;
    }

    private static double[] times(double[] drawn, double by) {
        for (int i = 0; i < drawn.length; i++) {
            drawn[i] *= by;
        }
        return drawn;
    }

    private static double[] sum(double[] a, double[] b) {
        for (int i = 0; i < a.length; i++) {
            a[i] += b[i];
        }
        return a;
    }
}
