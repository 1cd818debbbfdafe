package dev.schachtel.core.shape;

import java.util.List;

import dev.schachtel.core.patience.Lately;

/** Outlines with fewer corners, for drawings. */
public final class Coarse {
    /** A change leaves most outlines of a card as they were, and every drawing asks for all of them. */
    private static final Lately<Key, Outline> KNOWN = new Lately<>(600);

    private Coarse() {}

    private record Key(Outline outline, double by) {}

    /** Without arcs: an edge is moved by no more than this, mm, and the error of a chord. */
    public static Outline of(Outline outline, double by) {
        return KNOWN.get(
                new Key(outline, by),
                k -> new Outline(
                        of(outline.outer(), by),
                        outline.holes().stream().map(h -> of(h, by)).toList()));
    }

    private static Ring of(Ring ring, double by) {
        List<Point> all = ring.flattened();
        List<Point> corners = Geo.simplified(all, by);
        return Outline.ofCorners(corners.size() < 3 ? all : corners).outer();
    }
}
