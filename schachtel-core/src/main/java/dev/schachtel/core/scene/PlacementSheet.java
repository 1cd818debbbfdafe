package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.print.SheetPdf;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A face at 1:1 to lay pieces on: outlines numbered in the order in which they are placed, whole lines for what lies flat,
 * dashed ones for what is raised, feet, what must stay free in dots, and crosses at the corners to line it up.
 */
public final class PlacementSheet {
    /** What stands out further than this from its face is raised, mm. */
    private static final double FLAT = 0.9;

    private static final double CROSS = 4;

    private PlacementSheet() {}

    /**
     * The sheet as PDF.
     *
     * @param mirrored as it is needed to stick pieces onto film that lifts them
     */
    public static byte[] pdf(String title, Units units, Scenery scenery, boolean mirrored) {
        List<SheetPdf.Note> notes = new ArrayList<>();
        List<Mark> marks = new ArrayList<>();
        double middle = scenery.face().bounds().centre().x();
        marks.add(area(seen(scenery.face(), middle, mirrored), Meaning.CUT));
        scenery.free().forEach(f -> marks.add(area(seen(f, middle, mirrored), Meaning.HIDDEN)));
        int number = 1;
        for (Placed p : scenery.pieces()) {
            Outline outline = seen(p.outline(), middle, mirrored);
            marks.add(area(outline, p.above() > FLAT ? Meaning.VALLEY : Meaning.CUT));
            Point at = middle(p.outline());
            notes.add(new SheetPdf.Note(new Point(mirrored ? 2 * middle - at.x() : at.x(), at.y()), "" + number++));
            if (p.stands()) {
                Point foot = p.foot();
                double x = mirrored ? 2 * middle - foot.x() : foot.x();
                marks.add(line(new Point(x - CROSS, foot.y()), new Point(x + CROSS, foot.y())));
            }
        }
        crosses(scenery.face().bounds(), marks);
        Box all = marks.stream()
                .filter(Mark.Area.class::isInstance)
                .map(m -> ((Mark.Area) m).outline().bounds())
                .reduce(scenery.face().bounds().grown(CROSS), Box::union);
        Scene scene = new Scene(title, all, Scene.Room.NONE, true, marks);
        return SheetPdf.drawing(title, units, scene, notes);
    }

    /** A place of the piece itself, where a number is on it. */
    static Point middle(Outline outline) {
        Point centre = outline.centroid();
        if (outline.holds(centre)) {
            return centre;
        }
        return outline.across(centre.y()).stream()
                .findFirst()
                .map(s -> new Point((s.from() + s.to()) / 2, centre.y()))
                .orElse(centre);
    }

    private static Outline seen(Outline outline, double middle, boolean mirrored) {
        return mirrored ? outline.mirrored(middle) : outline;
    }

    private static Mark area(Outline outline, Meaning edge) {
        return new Mark.Area(outline, new Fill.Empty(), edge, Optional.empty());
    }

    private static Mark line(Point a, Point b) {
        return new Mark.Line(List.of(a, b), Meaning.EDGE);
    }

    private static void crosses(Box face, List<Mark> marks) {
        for (double x : new double[] {face.left(), face.right()}) {
            for (double y : new double[] {face.bottom(), face.top()}) {
                marks.add(line(new Point(x - CROSS, y), new Point(x + CROSS, y)));
                marks.add(line(new Point(x, y - CROSS), new Point(x, y + CROSS)));
            }
        }
    }
}
