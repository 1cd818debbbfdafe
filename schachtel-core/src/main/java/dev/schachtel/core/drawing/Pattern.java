package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The pattern of worked surfaces as outlines, for drawings in space: one figure in each cell of a grid that is laid over the area from its lower left corner,
 * where all of it lies in the area.
 */
final class Pattern {
    /** Side of a cell, mm, as long as there are few enough. */
    private static final double CELL = 6;
    /** Figures in an area: more would make drawings large and can't be told apart. */
    private static final int MOST = 160;

    private static final double[][] DIAMOND = {{0, -0.4}, {0.26, 0}, {0, 0.4}, {-0.26, 0}};
    private static final double[][] BRICK = {{-0.42, -0.2}, {0.42, -0.2}, {0.42, 0.2}, {-0.42, 0.2}};
    private static final double[][] CROSS = {
        {-0.07, -0.3},
        {0.07, -0.3},
        {0.07, -0.07},
        {0.3, -0.07},
        {0.3, 0.07},
        {0.07, 0.07},
        {0.07, 0.3},
        {-0.07, 0.3},
        {-0.07, 0.07},
        {-0.3, 0.07},
        {-0.3, -0.07},
        {-0.07, -0.07}
    };
    private static final double[][] WAVE = {
        {-0.4, -0.06}, {-0.13, 0.14}, {0.13, -0.06}, {0.4, 0.14}, {0.4, 0.26}, {0.13, 0.06}, {-0.13, 0.26}, {-0.4, 0.06}
    };
    private static final double[][] STAR = {
        {0, 0.42}, {-0.1, 0.1}, {-0.42, 0}, {-0.1, -0.1}, {0, -0.42}, {0.1, -0.1}, {0.42, 0}, {0.1, 0.1}
    };
    private static final double[][] DROP = {
        {-0.1, -0.24}, {0.1, -0.24}, {0.24, -0.1}, {0.24, 0.1}, {0.1, 0.24}, {-0.1, 0.24}, {-0.24, 0.1}, {-0.24, -0.1}
    };

    private Pattern() {}

    /** Empty for work that lies evenly. */
    static List<Outline> of(Surfacing kind, Outline area) {
        double[][] figure = figure(kind);
        if (figure.length == 0) {
            return List.of();
        }
        Box box = area.bounds();
        double cell = Math.max(CELL, Math.sqrt(box.width() * box.height() / MOST));
        List<Outline> all = new ArrayList<>();
        for (int row = 0; (row + 1) * cell <= box.height(); row++) {
            double off = row % 2 == 0 ? 0 : cell / 2;
            for (int column = 0; off + (column + 1) * cell <= box.width(); column++) {
                Point middle = new Point(box.left() + off + (column + 0.5) * cell, box.bottom() + (row + 0.5) * cell);
                double size = kind == Surfacing.SPLATTER ? cell * (0.4 + 0.2 * ((row * 7 + column * 3) % 4)) : cell;
                List<Point> corners = placed(figure, middle, size);
                if (corners.stream().allMatch(area::holds)) {
                    all.add(Outline.ofCorners(corners));
                }
            }
        }
        return all;
    }

    private static double[][] figure(Surfacing kind) {
        return switch (kind) {
            case STENCIL -> DIAMOND;
            case PASTE -> BRICK;
            case STAMP -> CROSS;
            case RESIST -> WAVE;
            case EMBOSS -> STAR;
            case FOLDER -> DIAMOND;
            case SPLATTER, GLOSS -> DROP;
            case INK, COLOUR, WASH, CURL -> new double[0][];
        };
    }

    private static List<Point> placed(double[][] figure, Point middle, double size) {
        List<Point> corners = new ArrayList<>();
        for (double[] corner : figure) {
            corners.add(middle.plus(corner[0] * size, corner[1] * size));
        }
        return corners;
    }
}
