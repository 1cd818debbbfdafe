package dev.schachtel.core.colour;

import java.util.List;

import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/**
 * Where things stand on a swatch chart: fields to colour, patches of grey to balance the white by, and a black square in
 * each corner, of which the upper left has a white middle. Millimetres from the lower left of the chart, which is
 * {@value #WIDE} wide and {@value #HIGH} high and stands in the middle of a page.
 */
public final class Chart {
    public static final double WIDE = 180;
    public static final double HIGH = 240;
    /** Sides of the squares in the corners, and of the white middle of one. */
    public static final double CORNER = 8;

    public static final double MIDDLE = 4;
    public static final int COLUMNS = 6;
    public static final int ROWS = 7;
    public static final int FIELDS = COLUMNS * ROWS;
    private static final double FIELD_WIDE = 24;
    private static final double FIELD_HIGH = 20;
    /** Under each field its name. */
    private static final double NAME = 9;

    private static final double GREY_WIDE = 20;
    private static final double GREY_HIGH = 12;
    /** Levels of grey on the screen, white to black. */
    private static final int[] GREYS = {255, 192, 128, 64, 0};

    private Chart() {}

    /** Middles of the squares in the corners: upper left, upper right, lower right, lower left. */
    public static List<Point> corners() {
        double half = CORNER / 2;
        return List.of(
                new Point(half, HIGH - half),
                new Point(WIDE - half, HIGH - half),
                new Point(WIDE - half, half),
                new Point(half, half));
    }

    /** The field of that number, from 0, row by row from the upper left. */
    public static Box field(int number) {
        double gap = (WIDE - COLUMNS * FIELD_WIDE) / (COLUMNS - 1);
        double left = number % COLUMNS * (FIELD_WIDE + gap);
        double top = HIGH - CORNER - GREY_HIGH - 6 - number / COLUMNS * (FIELD_HIGH + NAME);
        return new Box(left, top - FIELD_HIGH, left + FIELD_WIDE, top);
    }

    public static int greys() {
        return GREYS.length;
    }

    /** 0 black to 255 white. */
    public static int grey(int number) {
        return GREYS[number];
    }

    public static Box greyPatch(int number) {
        double gap = 6;
        double left = (WIDE - GREYS.length * GREY_WIDE - (GREYS.length - 1) * gap) / 2 + number * (GREY_WIDE + gap);
        return new Box(left, HIGH - GREY_HIGH, left + GREY_WIDE, HIGH);
    }
}
