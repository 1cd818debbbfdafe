package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.cutting.CutNode;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.cutting.Laid;
import dev.schachtel.core.cutting.MatPlan;
import dev.schachtel.core.cutting.Rect;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.cutting.TrimmerProgram;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** One sheet with its blanks, the outline of what is cut from each, and their letters. */
public final class SheetView {
    /** Of equal blanks closer together than this, in millimetres, one letter speaks for all. */
    private static final double CROWDED = 45;

    private SheetView() {}

    public static Scene of(SheetPlan plan) {
        List<Mark> marks = new ArrayList<>();
        Outline sheet = Outline.sheet(plan.sheet().width(), plan.sheet().height());
        marks.add(new Mark.Area(sheet, new Fill.Empty(), Meaning.EDGE, Optional.empty()));
        for (Laid laid : plan.laid()) {
            blank(laid, marks);
        }
        Box box = sheet.bounds();
        return new Scene("Sheet", box, new Scene.Room(8, 8, 8, 8), true, marks);
    }

    /** The same with the folds of its parts, as machines score them. */
    public static Scene of(SheetPlan plan, List<Fold> folds) {
        Scene scene = of(plan);
        List<Mark> marks = new ArrayList<>(scene.marks());
        for (Laid laid : plan.laid()) {
            Part part = laid.blank().demand().part();
            marks.addAll(folds(part, cutLine(part, laid), laid.blank().turned() ? 1 : 0, folds));
        }
        return new Scene(scene.title(), scene.extent(), scene.room(), scene.toScale(), marks);
    }

    /** The folds of a part that lies turned by so many quarters with its outline as it is given. */
    private static List<Mark> folds(Part part, Outline lies, int quarters, List<Fold> folds) {
        Box own = part.outline().bounds();
        Point a = turned(new Point(own.left(), own.bottom()), quarters);
        Point b = turned(new Point(own.right(), own.top()), quarters);
        double dx = lies.bounds().left() - Math.min(a.x(), b.x());
        double dy = lies.bounds().bottom() - Math.min(a.y(), b.y());
        return folds.stream()
                .filter(f -> f.part().equals(part.id()))
                .<Mark>map(f -> new Mark.Line(
                        List.of(
                                turned(f.from(), quarters).plus(dx, dy),
                                turned(f.to(), quarters).plus(dx, dy)),
                        crease(f)))
                .toList();
    }

    private static Point turned(Point p, int quarters) {
        return switch (Math.floorMod(quarters, 4)) {
            case 1 -> new Point(-p.y(), p.x());
            case 2 -> new Point(-p.x(), -p.y());
            case 3 -> new Point(p.y(), -p.x());
            default -> p;
        };
    }

    private static Meaning crease(Fold fold) {
        return fold.crease() == Fold.Crease.MOUNTAIN ? Meaning.MOUNTAIN : Meaning.VALLEY;
    }

    private static void blank(Laid laid, List<Mark> marks) {
        Demand demand = laid.blank().demand();
        Outline rect = Outline.sheet(laid.width(), laid.height()).placed(Placement.at(laid.x(), laid.y()));
        marks.add(new Mark.Area(
                rect,
                new Fill.Made(demand.part().material()),
                Meaning.CUT,
                Optional.of(demand.part().owner())));
        Outline cut = cutLine(demand.part(), laid);
        if (!demand.width().equals(demand.part().form().width())
                || !demand.part().cutouts().isEmpty()) {
            marks.add(new Mark.Area(cut, new Fill.Empty(), Meaning.HIDDEN, Optional.empty()));
        }
        Point middle = rect.bounds().centre();
        boolean spoken = marks.stream()
                .anyMatch(m -> m instanceof Mark.Letter l
                        && l.part().equals(demand.part().id())
                        && l.at().distanceTo(middle) < CROWDED);
        if (!spoken) {
            marks.add(new Mark.Letter(
                    middle, Mark.Shift.NONE, demand.letter(), demand.part().id()));
        }
    }

    /** The part's own outline in the middle of its blank. */
    private static Outline cutLine(Part part, Laid laid) {
        Box own = part.outline().bounds();
        Outline turned = laid.blank().turned()
                ? part.outline().placed(Placement.ORIGIN.turned(Angle.ofDegrees(90)))
                : part.outline();
        Box box = laid.blank().turned() ? turned.bounds() : own;
        Point to = new Point(
                laid.x().nanometres() / 1e6 + laid.width().nanometres() / 2e6,
                laid.y().nanometres() / 1e6 + laid.height().nanometres() / 2e6);
        return turned.placed(Placement.at(
                mm(to.x() - box.centre().x()), mm(to.y() - box.centre().y())));
    }

    private static Length mm(double value) {
        return Mm.length(value);
    }

    /** A sheet on the cutter's mat with its parts where they lie. */
    public static Scene of(MatPlan plan) {
        List<Mark> marks = new ArrayList<>();
        Outline sheet = Outline.sheet(plan.sheet().width(), plan.sheet().height());
        marks.add(new Mark.Area(sheet, new Fill.Empty(), Meaning.EDGE, Optional.empty()));
        for (MatPlan.Nested nested : plan.parts()) {
            Part part = nested.demand().part();
            marks.add(new Mark.Area(
                    nested.outline(), new Fill.Made(part.material()), Meaning.CUT, Optional.of(part.owner())));
            marks.add(new Mark.Letter(
                    nested.outline().bounds().centre(),
                    Mark.Shift.NONE,
                    nested.demand().letter(),
                    part.id()));
        }
        return new Scene("Mat", sheet.bounds(), new Scene.Room(8, 8, 8, 8), true, marks);
    }

    /** The same with the folds of its parts. */
    public static Scene of(MatPlan plan, List<Fold> folds) {
        Scene scene = of(plan);
        List<Mark> marks = new ArrayList<>(scene.marks());
        for (MatPlan.Nested n : plan.parts()) {
            marks.addAll(folds(n.demand().part(), n.outline(), n.quarters(), folds));
        }
        return new Scene(scene.title(), scene.extent(), scene.room(), scene.toScale(), marks);
    }

    /** A sheet at one stroke: the piece in hand with what is still to be cut from it, and where the blade goes. */
    public static Scene of(SheetPlan plan, TrimmerProgram.Stroke stroke) {
        List<Mark> marks = new ArrayList<>();
        Outline sheet = Outline.sheet(plan.sheet().width(), plan.sheet().height());
        marks.add(new Mark.Area(sheet, new Fill.Empty(), Meaning.GHOST, Optional.empty()));
        Outline hand = outline(stroke.inHand());
        Rect in = stroke.inHand();
        for (Laid laid : plan.laid()) {
            Rect at = new Rect(laid.x(), laid.y(), laid.width(), laid.height());
            if (in.holds(at)) {
                blank(laid, marks);
            }
        }
        marks.add(new Mark.Area(hand, new Fill.Empty(), Meaning.EDGE, Optional.empty()));
        Rect first = stroke.first().rect();
        Length kept = stroke.upright() ? first.width() : first.height();
        Point edge = stroke.upright()
                ? Point.of(first.x().plus(kept), in.y())
                : Point.of(in.x(), first.y().plus(kept));
        Point end = stroke.upright()
                ? Point.of(first.x().plus(kept), in.y().plus(in.height()))
                : Point.of(in.x().plus(in.width()), first.y().plus(kept));
        marks.add(new Mark.Line(List.of(edge, end), Meaning.STROKE));
        return new Scene("Stroke", sheet.bounds(), new Scene.Room(8, 8, 8, 8), false, marks);
    }

    private static Outline outline(Rect r) {
        return Outline.sheet(r.width(), r.height()).placed(Placement.at(r.x(), r.y()));
    }

    /** One part alone, as it is cut and scored. */
    public static Scene of(Part part, List<Fold> folds) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Area(part.outline(), new Fill.Empty(), Meaning.CUT, Optional.of(part.owner())));
        folds.stream()
                .filter(f -> f.part().equals(part.id()))
                .forEach(f -> marks.add(new Mark.Line(List.of(f.from(), f.to()), crease(f))));
        return new Scene(part.name(), part.outline().bounds(), Scene.Room.NONE, true, marks);
    }

    /** The strokes of a sheet as full lines, in the order of the tree. */
    public static List<Mark> strokes(SheetPlan plan) {
        List<Mark> marks = new ArrayList<>();
        plan.strokes((node, r) -> {
            if (node instanceof CutNode.Stroke s) {
                marks.add(new Mark.Line(line(s, r), Meaning.CUT));
            }
        });
        return marks;
    }

    /** Where a stroke goes through the rectangle in hand. */
    static List<Point> line(CutNode.Stroke s, Rect r) {
        double left = Mm.of(r.x());
        double foot = Mm.of(r.y());
        double right = left + Mm.of(r.width());
        double top = foot + Mm.of(r.height());
        double x = left + Mm.of(s.at());
        double y = foot + Mm.of(s.at());
        return s.upright()
                ? List.of(new Point(x, foot), new Point(x, top))
                : List.of(new Point(left, y), new Point(right, y));
    }
}
