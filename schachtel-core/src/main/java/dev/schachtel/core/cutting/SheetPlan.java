package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;

import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/**
 * One sheet and how it is cut.
 *
 * @param inStock false when the drawer holds no more of these
 */
public record SheetPlan(Sheet sheet, boolean inStock, CutNode root) {
    /** The blanks where they lie, in the order in which the strokes free them. */
    public List<Laid> laid() {
        List<Laid> all = new ArrayList<>();
        strokes((node, r) -> {
            if (node instanceof CutNode.Blank blank) {
                all.add(new Laid(blank, r.x(), r.y(), r.width(), r.height()));
            }
        });
        return all;
    }

    /** How long each stroke is. */
    public List<Length> strokes() {
        List<Length> all = new ArrayList<>();
        strokes((node, r) -> {
            if (node instanceof CutNode.Stroke stroke) {
                all.add(stroke.upright() ? r.height() : r.width());
            }
        });
        return all;
    }

    /** What is left over, each as one rectangle, slivers too. */
    public List<Rect> rests() {
        List<Rect> all = new ArrayList<>();
        strokes((node, r) -> {
            if (node instanceof CutNode.Rest
                    && r.width().isPositive()
                    && r.height().isPositive()) {
                all.add(r);
            }
        });
        return all;
    }

    /** Goes through the tree in the order of the strokes, with the rectangle that each node is. */
    public void strokes(BiConsumer<CutNode, Rect> each) {
        walk(root, new Rect(Length.ZERO, Length.ZERO, sheet.width(), sheet.height()), each);
    }

    private static void walk(CutNode node, Rect r, BiConsumer<CutNode, Rect> each) {
        each.accept(node, r);
        if (node instanceof CutNode.Stroke s) {
            Length second = s.at().plus(s.kerf());
            walk(s.first(), s.upright() ? r.left(s.at()) : r.lower(s.at()), each);
            walk(s.second(), s.upright() ? r.right(second) : r.upper(second), each);
        }
    }

    public Area area() {
        return Area.of(sheet.width(), sheet.height());
    }

    /** Area of the blanks on it. */
    public Area used() {
        return laid().stream().map(l -> Area.of(l.width(), l.height())).reduce(Area.ZERO, Area::plus);
    }
}
