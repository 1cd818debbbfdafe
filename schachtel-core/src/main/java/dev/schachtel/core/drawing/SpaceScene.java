package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.motion.Track;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Coarse;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The card in space as it is seen from somewhere, without what is hidden.
 *
 * @param faces from the farthest to the nearest
 * @param shadow where its shadow falls on the board, seen on the board's plane x and -z; none of what hangs
 * @param board how high the board is
 */
public record SpaceScene(Eye eye, List<Facet> faces, List<Outline> shadow, double board) {
    /** Sheets thicker than this show their edges, mm. */
    private static final double THICK = 0.8;
    /** How coarse edges may be, mm. */
    private static final double COARSE = 0.1;
    /** Where light comes from. */
    static final Vec LIGHT = new Vec(-0.32, 0.85, 0.42).unit();

    public SpaceScene {
        faces = List.copyOf(faces);
        shadow = List.copyOf(shadow);
    }

    /**
     * The card when it is open by a share, and one of its pieces moved by a share of its way.
     *
     * @param moved whose movements; all others rest
     */
    public static SpaceScene of(SpaceView view, Eye eye, double open, Id moved, double share) {
        List<Placed> placed = view.sheets().stream()
                .map(s -> new Placed(
                        s,
                        place(view, s, open, moved, share),
                        Coarse.of(s.outline(), COARSE).outer().flattened()))
                .toList();
        double board = placed.stream().mapToDouble(Placed::lowest).min().orElse(0);
        List<Facet> faces = new ArrayList<>();
        placed.forEach(p -> faces(p, eye, faces));
        view.bends().forEach(b -> bend(view, b, open, eye, faces));
        List<Outline> shadow = view.standing() == Unfolding.Standing.HANGS
                ? List.of()
                : placed.stream()
                        .filter(p -> p.sheet.substance() == SpaceView.Substance.CARD)
                        .map(p -> cast(p, board))
                        .filter(o -> o.area().squareMillimetres() > 1)
                        .toList();
        return new SpaceScene(eye, Facets.ordered(faces), Outline.union(shadow), board);
    }

    /** A sheet where it is now, and the corners of its edge. */
    private record Placed(SpaceView.Sheet sheet, Rigid place, List<Point> corners) {
        Vec at(Point p, double height) {
            return place.at(new Vec(p.x(), p.y(), height));
        }

        double lowest() {
            return corners.stream()
                    .mapToDouble(p -> Math.min(
                            at(p, sheet.bottom()).y(), at(p, sheet.top()).y()))
                    .min()
                    .orElse(0);
        }
    }

    private static Rigid place(SpaceView view, SpaceView.Sheet sheet, double open, Id moved, double share) {
        Rigid panel = view.panels().get(sheet.panel()).at(open);
        if (sheet.mover() < 0) {
            return panel;
        }
        SpaceView.Mover mover = view.movers().get(sheet.mover());
        return panel.after(mover.way().at(mover.owner().equals(moved) ? share : mover.rest()));
    }

    private static void faces(Placed placed, Eye eye, List<Facet> faces) {
        SpaceView.Sheet sheet = placed.sheet;
        Rigid place = placed.place;
        boolean over = place.out().dot(eye.towards()) >= 0;
        double height = over ? sheet.top() : sheet.bottom();
        Rigid plane = place.after(shifted(height));
        Rigid outward = over ? plane : turned(plane);
        Outline outline = over ? sheet.outline() : sheet.outline().mirrored(0);
        List<SpaceView.Paint> paints = over
                ? sheet.over()
                : sheet.under().stream()
                        .map(p -> new SpaceView.Paint(p.area().mirrored(0), p.colour(), p.opacity()))
                        .toList();
        faces.add(new Facet(sheet.owner(), sheet.substance(), outward, outline, sheet.colour(), paints, true));
        if (sheet.top() - sheet.bottom() > THICK) {
            walls(placed, eye, faces);
        }
    }

    private static Rigid shifted(double up) {
        return new Rigid(Rigid.FLAT.across(), Rigid.FLAT.up(), Rigid.FLAT.out(), new Vec(0, 0, up));
    }

    /** The same plane looked at from its other side, left for right. */
    private static Rigid turned(Rigid plane) {
        return new Rigid(plane.across().times(-1), plane.up(), plane.out().times(-1), plane.origin());
    }

    private static void walls(Placed placed, Eye eye, List<Facet> faces) {
        SpaceView.Sheet sheet = placed.sheet;
        List<Point> corners = placed.corners;
        double high = sheet.top() - sheet.bottom();
        for (int i = 0; i < corners.size(); i++) {
            Vec from = placed.at(corners.get(i), sheet.bottom());
            Vec along = placed.at(corners.get((i + 1) % corners.size()), sheet.bottom())
                    .minus(from);
            Vec out = along.cross(placed.place.out()).unit();
            if (along.length() > 0.01 && out.dot(eye.towards()) > 0) {
                Rigid plane = new Rigid(along.unit(), placed.place.out(), out, from);
                Outline wall = box(along.length(), high);
                faces.add(new Facet(sheet.owner(), sheet.substance(), plane, wall, sheet.colour(), List.of(), true));
            }
        }
    }

    private static Outline box(double wide, double high) {
        return Outline.ofCorners(List.of(Point.ORIGIN, new Point(wide, 0), new Point(wide, high), new Point(0, high)));
    }

    /** A strip between the edges of two panels. */
    private static void bend(SpaceView view, SpaceView.Bend bend, double open, Eye eye, List<Facet> faces) {
        Track on = view.panels().get(bend.hinge().on());
        Track turns = view.panels().get(bend.hinge().turns());
        Point from = bend.hinge().from();
        Point to = bend.hinge().to();
        Vec a = on.at(open).at(new Vec(from.x(), from.y(), bend.on()));
        Vec b = on.at(open).at(new Vec(to.x(), to.y(), bend.on()));
        Vec c = turns.at(open).at(new Vec(from.x(), from.y(), bend.turns()));
        Vec along = b.minus(a);
        Vec across = c.minus(a);
        if (across.length() < COARSE) {
            return;
        }
        Vec out = along.cross(across).unit();
        boolean seen = out.dot(eye.towards()) >= 0;
        Rigid plane = seen
                ? new Rigid(along.unit(), out.cross(along.unit()), out, a)
                : new Rigid(along.unit().times(-1), out.cross(along.unit()), out.times(-1), b);
        faces.add(new Facet(
                Id.BASE,
                SpaceView.Substance.CARD,
                plane,
                box(along.length(), across.length()),
                bend.colour(),
                List.of(),
                true));
    }

    private static Outline cast(Placed placed, double board) {
        List<Point> fallen = new ArrayList<>();
        for (Point p : placed.corners) {
            Vec at = placed.at(p, placed.sheet.bottom());
            Vec down = at.minus(LIGHT.times((at.y() - board) / LIGHT.y()));
            fallen.add(new Point(down.x(), -down.z()));
        }
        return Outline.ofCorners(fallen);
    }
}
