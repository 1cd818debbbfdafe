package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/**
 * Where a piece likes to come to lie when it is moved: the face's middle and margins, in line with others, half way between
 * two, as far from one as that from the next, and with its feet on the ground. All in millimetres.
 *
 * @param across by how much it would be moved to the right, and the upright line that it would then meet
 * @param up by how much it would be moved up, and the level line that it would then meet
 * @param ground by how much it would be moved up to stand, for each whole millimetre that it is moved across, the first for
 *     {@code from}; NaN where there is no ground, none at all for what doesn't stand
 */
public record Snaps(List<Line> across, List<Line> up, int from, List<Double> ground) {
    /** As wide as the border usually is. */
    static final double MARGIN = 3;

    public Snaps {
        across = List.copyOf(across);
        up = List.copyOf(up);
        ground = List.copyOf(ground);
    }

    /** A line that a move meets. */
    public record Line(double by, double at) {}

    /** The snaps of one piece of a scene. */
    public static Snaps of(Scenery scenery, Placed piece) {
        Box own = piece.outline().bounds();
        Box face = scenery.face().bounds();
        List<Placed> others = scenery.pieces().stream()
                .filter(p -> !p.id().equals(piece.id()) && !p.isGround())
                .toList();
        List<Line> across = new ArrayList<>(edges(own.left(), own.right(), face.left(), face.right()));
        List<Line> up = new ArrayList<>(edges(own.bottom(), own.top(), face.bottom(), face.top()));
        for (Placed other : others) {
            Point middle = other.outline().bounds().centre();
            across.add(new Line(middle.x() - own.centre().x(), middle.x()));
            up.add(new Line(middle.y() - own.centre().y(), middle.y()));
            if (piece.stands() && other.stands()) {
                up.add(new Line(
                        other.foot().y() - piece.foot().y(), other.foot().y()));
            }
        }
        across.addAll(gaps(own, others.stream().map(p -> p.outline().bounds()).toList()));
        List<Double> ground = new ArrayList<>();
        int from = (int) Math.floor(face.left() - own.right());
        if (piece.stands()) {
            Ground line = new Ground(scenery.without(piece));
            IntStream.rangeClosed(from, (int) Math.ceil(face.right() - own.left()))
                    .mapToObj(dx -> line.surface(piece.foot().x() + dx))
                    .forEach(top ->
                            ground.add(top.orElse(Double.NaN) - piece.foot().y()));
        }
        return new Snaps(across, up, from, ground);
    }

    /** One edge on a margin, or the middle on the middle. */
    private static List<Line> edges(double low, double high, double from, double to) {
        return List.of(
                new Line(from + MARGIN - low, from + MARGIN),
                new Line(to - MARGIN - high, to - MARGIN),
                new Line((from + to - low - high) / 2, (from + to) / 2));
    }

    /** Half way between two others, and beside the second of two as far as that is from the first. */
    private static List<Line> gaps(Box own, List<Box> others) {
        List<Line> all = new ArrayList<>();
        for (Box left : others) {
            for (Box right : others) {
                double gap = right.left() - left.right();
                if (gap > 0) {
                    double half = (left.right() + right.left()) / 2;
                    boolean fits = own.width() < gap;
                    if (fits) {
                        all.add(new Line(half - own.centre().x(), half));
                    }
                    all.add(new Line(right.right() + gap - own.left(), right.right() + gap));
                    all.add(new Line(left.left() - gap - own.right(), left.left() - gap));
                }
            }
        }
        return all;
    }
}
