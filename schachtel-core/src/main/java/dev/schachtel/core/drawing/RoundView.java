package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Coarse;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

/** The card as it stands, lies or hangs, in space, with its shadow on the board. */
final class RoundView {
    private static final Colour INK = new Colour(0x123b46);
    /** Corners left out move an edge by no more than this, mm. */
    private static final double COARSE = 0.05;
    /** Distance of the lines on the board, mm. */
    private static final double GRID = 25;

    /** Room left round the card, as a share of its height: much of its shadow falls into it. */
    private static final double AIR = 0.06;

    private static final double SHADE = 0.16;
    /** How much of what is behind clear film is left of it. */
    private static final double CLEAR = 0.28;

    private final SpaceScene scene;
    private final List<Mark> marks = new ArrayList<>();

    private RoundView(SpaceScene scene) {
        this.scene = scene;
    }

    /** As it is given. */
    static Scene of(SpaceView view, Eye eye) {
        return new RoundView(SpaceScene.of(view, eye, view.shown(), Id.BASE, 0)).scene();
    }

    private Scene scene() {
        List<Outline> shadow = scene.shadow().stream()
                .map(s -> seen(Coarse.of(s, COARSE), this::onBoard))
                .toList();
        if (!shadow.isEmpty()) {
            board();
        }
        shadow.forEach(s -> marks.add(new Mark.Area(s, new Fill.Lit(INK, SHADE), Meaning.WORKED, Optional.empty())));
        int under = marks.size();
        scene.faces().forEach(this::face);
        Box extent = marks.subList(under, marks.size()).stream()
                .filter(Mark.Area.class::isInstance)
                .map(m -> ((Mark.Area) m).outline().bounds())
                .reduce(Box::union)
                .orElse(new Box(0, 0, 1, 1));
        return new Scene(
                "In the round", extent.grown(extent.height() * AIR), new Scene.Room(24, 24, 24, 24), false, marks);
    }

    private Vec onBoard(Point p) {
        return new Vec(p.x(), scene.board(), -p.y());
    }

    /** Strips side by side, both ways, whose edges are the lines. */
    private void board() {
        Box all =
                scene.shadow().stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
        double left = GRID * Math.floor(all.left() / GRID - 1);
        double right = GRID * Math.ceil(all.right() / GRID + 1);
        double near = GRID * Math.floor(all.bottom() / GRID - 1);
        double far = GRID * Math.ceil(all.top() / GRID + 1);
        for (double x = left; x < right; x += GRID) {
            strip(new Box(x, near, x + GRID, far));
        }
        for (double y = near; y < far; y += GRID) {
            strip(new Box(left, y, right, y + GRID));
        }
    }

    private void strip(Box box) {
        Outline strip = seen(Outline.of(box), this::onBoard);
        marks.add(new Mark.Area(strip, new Fill.Empty(), Meaning.BOARD, Optional.empty()));
    }

    private void face(Facet facet) {
        boolean clear = facet.substance() == SpaceView.Substance.CLEAR;
        Outline outline = seen(Coarse.of(facet.outline(), COARSE), facet::at);
        marks.add(new Mark.Area(
                outline,
                new Fill.Lit(lit(facet.colour(), facet), clear ? CLEAR : 1),
                facet.whole() && facet.substance() != SpaceView.Substance.CORD ? Meaning.EDGE : Meaning.NONE,
                Optional.of(facet.owner())));
        for (SpaceView.Paint paint : facet.paints()) {
            List<Outline> areas =
                    facet.whole() ? List.of(paint.area()) : paint.area().common(facet.outline());
            Fill fill = new Fill.Lit(lit(paint.colour(), facet), paint.opacity());
            areas.forEach(a -> marks.add(new Mark.Area(
                    seen(Coarse.of(a, COARSE), facet::at), fill, Meaning.WORKED, Optional.of(facet.owner()))));
        }
    }

    private Outline seen(Outline flat, Function<Point, Vec> place) {
        return new Outline(
                ring(flat.outer(), place),
                flat.holes().stream().map(h -> ring(h, place)).toList());
    }

    private Ring ring(Ring ring, Function<Point, Vec> place) {
        List<Point> corners = ring.flattened().stream()
                .map(p -> scene.eye().seen(place.apply(p)))
                .toList();
        return Outline.ofCorners(corners).outer();
    }

    /** Faces that look to the light are as bright as they are made; others are in the shade. */
    private static Colour lit(Colour colour, Facet facet) {
        double light = Math.max(0, facet.plane().out().dot(SpaceScene.LIGHT));
        return INK.mixed(colour, 0.8 + 0.2 * Math.min(1, light * 1.6));
    }
}
