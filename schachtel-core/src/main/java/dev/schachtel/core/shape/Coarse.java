package dev.schachtel.core.shape;

import java.util.List;

/** Outlines with fewer corners, for drawings. */
public final class Coarse {
    private Coarse() {}

    /** Without arcs: an edge is moved by no more than this, mm, and the error of a chord. */
    public static Outline of(Outline outline, double by) {
        return new Outline(
                of(outline.outer(), by),
                outline.holes().stream().map(h -> of(h, by)).toList());
    }

    private static Ring of(Ring ring, double by) {
        List<Point> all = ring.flattened();
        List<Point> corners = Geo.simplified(all, by);
        return Outline.ofCorners(corners.size() < 3 ? all : corners).outer();
    }
}
