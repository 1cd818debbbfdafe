package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * Faces in the order in which to draw them, so that the nearer ones cover the farther ones: a tree in which each face's plane parts
 * those behind it from those before it, and cuts what lies on both sides.
 */
final class Facets {
    /** So many are tried for the one that cuts the fewest. */
    private static final int TRIED = 10;

    private Facets() {}

    /** From the farthest to the nearest; all look to the viewer. */
    static List<Facet> ordered(List<Facet> faces) {
        List<Facet> order = new ArrayList<>();
        order(faces, order);
        return order;
    }

    private static void order(List<Facet> faces, List<Facet> order) {
        if (faces.isEmpty()) {
            return;
        }
        Facet cutter = cutter(faces);
        List<Facet> behind = new ArrayList<>();
        List<Facet> before = new ArrayList<>();
        for (Facet face : faces) {
            if (face != cutter) {
                Facet.Sides sides = cutter.split(face);
                behind.addAll(sides.behind());
                before.addAll(sides.before());
            }
        }
        order(behind, order);
        order.add(cutter);
        order(before, order);
    }

    /** The one that cuts the fewest, and halves them best. */
    private static Facet cutter(List<Facet> faces) {
        Facet best = faces.get(0);
        int least = Integer.MAX_VALUE;
        int step = Math.max(1, faces.size() / TRIED);
        for (int i = 0; i < faces.size(); i += step) {
            Facet one = faces.get(i);
            int cut = 0;
            int behind = 0;
            int before = 0;
            for (Facet face : faces) {
                int side = face == one ? 0 : one.side(face);
                cut += side == Facet.BOTH ? 1 : 0;
                behind += side < 0 ? 1 : 0;
                before += side > 0 && side != Facet.BOTH ? 1 : 0;
            }
            int cost = 8 * cut + Math.abs(behind - before);
            if (cost < least) {
                least = cost;
                best = one;
            }
        }
        return best;
    }
}
