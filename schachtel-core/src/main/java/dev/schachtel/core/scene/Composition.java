package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.scene.Fact.Kind;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What a scene is like as a whole: its balance, what is free of it, and how evenly small things are scattered. */
final class Composition {
    private static final double LEAST_FREE = 20;
    private static final double MOST_FREE = 60;
    private static final double LEAST_TO_WRITE = 50;
    private static final double OFF_MIDDLE = 0.1;
    /** Fewer make no pattern. */
    private static final int SCATTERED = 5;
    /** Of the mean distance to the nearest of as many at random; nearer looks like clumps. */
    private static final double CLUMPED = 0.7;

    private final Scenery scenery;
    private final Box face;
    private final Measured measured;
    private final List<Fact> facts = new ArrayList<>();

    Composition(Scenery scenery, Measured measured) {
        this.measured = measured;
        this.scenery = scenery;
        this.face = scenery.face().bounds();
    }

    List<Fact> facts() {
        balance();
        free();
        evenness();
        return facts;
    }

    private void balance() {
        double x = 0;
        double all = 0;
        Lab ground = scenery.ground().lab();
        for (Placed p : scenery.pieces()) {
            double weight = p.outline().area().squareMillimetres()
                    * p.colour().lab().apart(ground)
                    * (1 + Math.max(0, p.above()) / 4);
            x += weight * p.outline().centroid().x();
            all += weight;
        }
        if (all > 0) {
            double beside = x / all - face.centre().x();
            boolean off = Math.abs(beside) > OFF_MIDDLE * face.width();
            Point at = new Point(x / all, face.centre().y());
            facts.add(Fact.whole(Kind.BALANCE, off ? Severity.WATCH : Severity.WORKS, beside, at));
        }
    }

    private void free() {
        List<Outline> taken =
                new ArrayList<>(scenery.pieces().stream().map(Placed::outline).toList());
        taken.addAll(scenery.obstacles());
        double share = measured.uncovered(scenery.face(), taken);
        if (scenery.written()) {
            Severity room = share >= LEAST_TO_WRITE ? Severity.WORKS : Severity.MEND;
            facts.add(Fact.whole(Kind.TO_WRITE, room, share, face.centre()));
            return;
        }
        boolean well =
                share >= LEAST_FREE && share <= MOST_FREE || scenery.pieces().size() < 3;
        facts.add(Fact.whole(Kind.FREE, well ? Severity.WORKS : Severity.WATCH, share, face.centre()));
    }

    /**
     * The index of Clark and Evans: the mean distance from each small thing to the nearest other over half the root of the
     * area for each, which is 1 for places at random, and more the more even they are.
     */
    private void evenness() {
        List<Placed> small = scenery.pieces().stream()
                .filter(p -> p.picture().role() == Picture.Role.SCATTER)
                .toList();
        if (small.size() < SCATTERED) {
            return;
        }
        double sum = small.stream().mapToDouble(p -> nearest(p, small)).sum();
        double area = scenery.face().area().squareMillimetres();
        double index = sum / small.size() / (0.5 * Math.sqrt(area / small.size()));
        if (index >= CLUMPED) {
            facts.add(Fact.whole(Kind.EVENNESS, Severity.WORKS, index, face.centre()));
        } else {
            Placed crowded = small.stream()
                    .min(Comparator.comparingDouble(p -> nearest(p, small)))
                    .orElseThrow();
            facts.add(Fact.of(
                    Kind.EVENNESS, Severity.WATCH, List.of(crowded), index, List.of(Fixes.toRoom(scenery, crowded))));
        }
    }

    private static double nearest(Placed piece, List<Placed> all) {
        Point own = piece.outline().bounds().centre();
        return all.stream()
                .filter(o -> o != piece)
                .mapToDouble(o -> o.outline().bounds().centre().distanceTo(own))
                .min()
                .orElse(0);
    }
}
