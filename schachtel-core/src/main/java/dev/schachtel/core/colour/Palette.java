package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import org.apache.commons.math3.ml.clustering.CentroidCluster;
import org.apache.commons.math3.ml.clustering.DoublePoint;
import org.apache.commons.math3.ml.clustering.KMeansPlusPlusClusterer;
import org.apache.commons.math3.ml.distance.EuclideanDistance;
import org.apache.commons.math3.random.JDKRandomGenerator;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;

/**
 * The colours that a picture is made of: up to five groups of its points in Lab (k-means from a fixed seed, so that the same
 * picture always gives the same answer), the largest share first.
 */
public final class Palette {
    private static final int GROUPS = 5;
    private static final int ROUNDS = 60;
    private static final int SEED = 20_261;
    /** Points that are looked at, evenly over the picture. */
    private static final int POINTS = 10_000;

    private Palette() {}

    /**
     * One colour.
     *
     * @param share of the picture, 0 to 1
     */
    public record Entry(Colour colour, double share) {}

    public static List<Entry> of(Raster picture) {
        List<DoublePoint> points = new ArrayList<>();
        Set<Integer> kinds = new HashSet<>();
        long all = (long) picture.width() * picture.height();
        double step = Math.max(1, Math.sqrt((double) all / POINTS));
        for (double y = step / 2 - 0.5; y < picture.height(); y += step) {
            for (double x = step / 2 - 0.5; x < picture.width(); x += step) {
                Colour colour = picture.at((int) x, (int) y);
                Lab lab = colour.lab();
                kinds.add(colour.rgb());
                points.add(new DoublePoint(new double[] {lab.lightness(), lab.a(), lab.b()}));
            }
        }
        int groups = Math.min(GROUPS, kinds.size());
        if (groups == 1) {
            return List.of(new Entry(picture.at(0, 0), 1));
        }
        JDKRandomGenerator random = new JDKRandomGenerator();
        random.setSeed(SEED);
        List<CentroidCluster<DoublePoint>> found = new KMeansPlusPlusClusterer<DoublePoint>(
                        groups, ROUNDS, new EuclideanDistance(), random)
                .cluster(points);
        return found.stream()
                .filter(c -> !c.getPoints().isEmpty())
                .map(c -> new Entry(
                        colour(c.getCenter().getPoint()), (double) c.getPoints().size() / points.size()))
                .sorted(Comparator.comparingDouble(Entry::share).reversed())
                .toList();
    }

    private static Colour colour(double[] lab) {
        return new Lab(lab[0], lab[1], lab[2]).colour();
    }
}
