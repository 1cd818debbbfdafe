package dev.schachtel.core.colour;

import dev.schachtel.core.material.Colour;

/**
 * A picture of points, from the upper left row by row.
 *
 * @param points 0xRRGGBB each
 */
public record Raster(int width, int height, int[] points) {
    public Raster {
        if (width < 1 || height < 1 || points.length != width * height) {
            throw new IllegalArgumentException(
                    "raster of " + width + " x " + height + " can't have " + points.length + " points");
        }
    }

    int red(int x, int y) {
        return points[y * width + x] >> 16 & 255;
    }

    int green(int x, int y) {
        return points[y * width + x] >> 8 & 255;
    }

    int blue(int x, int y) {
        return points[y * width + x] & 255;
    }

    /** How light a point is, 0 to 255. */
    int grey(int x, int y) {
        return (2 * red(x, y) + 5 * green(x, y) + blue(x, y)) / 8;
    }

    public Colour at(int x, int y) {
        return new Colour(points[y * width + x] & 0xffffff);
    }
}
