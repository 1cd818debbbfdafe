package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/**
 * Reads a swatch chart back from a scan: finds the squares in its corners, sets it upright, balances the white by its own
 * patches of grey, and takes the middle colour of each field.
 */
public final class ChartReader {
    /** Of a field, how much round its middle counts. */
    private static final double CORE = 0.5;

    private static final int SAMPLES = 15;
    /** Under this a patch of grey is told from the next, 0 to 255. */
    private static final int APART = 12;

    private ChartReader() {}

    /** Why a scan can't be read. */
    public enum Trouble {
        /** A square in a corner isn't there. */
        CUT_OFF,
        /** The patches of grey aren't ones. */
        NO_GREYS
    }

    /**
     * What was read.
     *
     * @param colours of the fields in their order; empty with a trouble
     * @param quarters by how many quarters of a turn the scan lay turned with the clock
     */
    public record Answer(List<Colour> colours, int quarters, List<Trouble> troubles) {
        public Answer {
            colours = List.copyOf(colours);
            troubles = List.copyOf(troubles);
        }
    }

    public static Answer read(Raster scan) {
        List<Squares.Square> corners = Squares.corners(scan);
        int first = corners.size() == 4 ? hollow(corners) : -1;
        if (first < 0) {
            return new Answer(List.of(), 0, List.of(Trouble.CUT_OFF));
        }
        List<Point> at = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            at.add(corners.get((first + i) % 4).middle());
        }
        Mapping mapping = Mapping.of(Chart.corners(), at);
        double[][] greys = new double[Chart.greys()][];
        for (int i = 0; i < greys.length; i++) {
            greys[i] = middle(scan, mapping, Chart.greyPatch(i));
        }
        for (int i = 1; i < greys.length; i++) {
            for (int channel = 0; channel < 3; channel++) {
                if (greys[i - 1][channel] - greys[i][channel] < APART) {
                    return new Answer(List.of(), first, List.of(Trouble.NO_GREYS));
                }
            }
        }
        List<Colour> colours = new ArrayList<>();
        for (int i = 0; i < Chart.FIELDS; i++) {
            double[] seen = middle(scan, mapping, Chart.field(i));
            int rgb = 0;
            for (int channel = 0; channel < 3; channel++) {
                rgb = rgb << 8 | balanced(seen[channel], channel, greys);
            }
            colours.add(new Colour(rgb));
        }
        return new Answer(colours, first, List.of());
    }

    /** The one with a white middle, if it is one only. */
    private static int hollow(List<Squares.Square> corners) {
        int found = -1;
        for (int i = 0; i < 4; i++) {
            if (corners.get(i).isHollow()) {
                if (found >= 0) {
                    return -1;
                }
                found = i;
            }
        }
        return found;
    }

    /** The median of each channel over the core of a field: what a pen left out or a grain of dust doesn't count. */
    private static double[] middle(Raster scan, Mapping mapping, Box field) {
        double[][] all = new double[3][SAMPLES * SAMPLES];
        for (int i = 0; i < SAMPLES; i++) {
            for (int k = 0; k < SAMPLES; k++) {
                double x = field.left() + field.width() * (0.5 + CORE * ((i + 0.5) / SAMPLES - 0.5));
                double y = field.bottom() + field.height() * (0.5 + CORE * ((k + 0.5) / SAMPLES - 0.5));
                Point p = mapping.of(new Point(x, y));
                int px = (int) Math.max(0, Math.min(scan.width() - 1, Math.round(p.x())));
                int py = (int) Math.max(0, Math.min(scan.height() - 1, Math.round(p.y())));
                int n = i * SAMPLES + k;
                all[0][n] = scan.red(px, py);
                all[1][n] = scan.green(px, py);
                all[2][n] = scan.blue(px, py);
            }
        }
        return Arrays.stream(all).mapToDouble(ChartReader::trimmed).toArray();
    }

    /** The mean of the middle half: steadier than the median, and as deaf to strays. */
    private static double trimmed(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return Arrays.stream(sorted, sorted.length / 4, sorted.length - sorted.length / 4)
                .average()
                .orElse(0);
    }

    /** Between the two patches of grey that are next to it, in a straight line. */
    private static int balanced(double seen, int channel, double[][] greys) {
        int above = 0;
        while (above < greys.length - 2 && greys[above + 1][channel] > seen) {
            above++;
        }
        double high = greys[above][channel];
        double low = greys[above + 1][channel];
        double share = (seen - low) / (high - low);
        double value = Chart.grey(above + 1) + share * (Chart.grey(above) - Chart.grey(above + 1));
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }

    /** From the chart to the scan by its four corners: a projection, as a sheet that lies aslant has it. */
    private record Mapping(double[] c) {
        static Mapping of(List<Point> from, List<Point> to) {
            double[][] m = new double[8][9];
            for (int i = 0; i < 4; i++) {
                double x = from.get(i).x();
                double y = from.get(i).y();
                double u = to.get(i).x();
                double v = to.get(i).y();
                m[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y, u};
                m[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y, v};
            }
            return new Mapping(solved(m));
        }

        /** Gauss with the largest pivot. */
        private static double[] solved(double[][] m) {
            int n = m.length;
            for (int col = 0; col < n; col++) {
                int at = col;
                double[][] rows = m;
                int column = col;
                int pivot = java.util.stream.IntStream.range(at, n)
                        .boxed()
                        .max(Comparator.comparingDouble(r -> Math.abs(rows[r][column])))
                        .orElse(at);
                double[] swap = m[at];
                m[at] = m[pivot];
                m[pivot] = swap;
                for (int row = 0; row < n; row++) {
                    double factor = row == col ? 0 : m[row][col] / m[col][col];
                    for (int k = col; factor != 0 && k <= n; k++) {
                        m[row][k] -= factor * m[col][k];
                    }
                }
            }
            double[] answer = new double[n];
            for (int i = 0; i < n; i++) {
                answer[i] = m[i][n] / m[i][i];
            }
            return answer;
        }

        Point of(Point p) {
            double w = c[6] * p.x() + c[7] * p.y() + 1;
            return new Point((c[0] * p.x() + c[1] * p.y() + c[2]) / w, (c[3] * p.x() + c[4] * p.y() + c[5]) / w);
        }
    }
}
