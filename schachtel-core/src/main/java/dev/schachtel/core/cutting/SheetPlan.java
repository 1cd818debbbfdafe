package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.List;

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
        walk(root, new Rect(Length.ZERO, Length.ZERO, sheet.width(), sheet.height()), all);
        return all;
    }

    private static void walk(CutNode node, Rect r, List<Laid> all) {
        node.tell(new CutNode.Cases<Boolean>() {
            @Override
            public Boolean stroke(CutNode.Stroke s) {
                walk(s.first(), s.upright() ? r.left(s.at()) : r.lower(s.at()), all);
                walk(s.second(), s.upright() ? r.right(s.at()) : r.upper(s.at()), all);
                return true;
            }

            @Override
            public Boolean blank(CutNode.Blank blank) {
                return all.add(new Laid(blank, r.x(), r.y(), r.width(), r.height()));
            }

            @Override
            public Boolean rest(CutNode.Rest rest) {
                return true;
            }
        });
    }

    public Area area() {
        return Area.of(sheet.width(), sheet.height());
    }

    /** Area of the blanks on it. */
    public Area used() {
        return laid().stream().map(l -> Area.of(l.width(), l.height())).reduce(Area.ZERO, Area::plus);
    }
}
