package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** The drawer after a plan was cut: sheets and lengths taken, rests of a useful size in the offcut box. */
public final class StockDraw {
    private StockDraw() {}

    /** Sheets that had to be bought leave no trace; rests smaller than the workshop keeps are thrown away. */
    public static Workshop taken(CutPlan plan, Workshop workshop) {
        Map<MaterialId, Integer> gone = new HashMap<>();
        plan.numbered().stream()
                .filter(SheetPlan::inStock)
                .forEach(s -> gone.merge(s.sheet().id(), 1, Integer::sum));
        plan.mats().sheets().stream()
                .filter(MatPlan::inStock)
                .forEach(s -> gone.merge(s.sheet().id(), 1, Integer::sum));
        List<Sheet> sheets = new ArrayList<>();
        for (Sheet s : workshop.sheets()) {
            int left = Math.max(0, s.count() - gone.getOrDefault(s.id(), 0));
            if (s.canBeBought() || left > 0) {
                sheets.add(counted(s, left));
            }
        }
        rests(plan, workshop, sheets);
        Map<MaterialId, Length> rolls = new HashMap<>();
        plan.rolls().stream()
                .flatMap(r -> r.uses().stream())
                .forEach(u -> rolls.put(u.roll().id(), u.left()));
        List<Roll> left = workshop.rolls().stream()
                .map(r -> new Roll(
                        r.id(), r.material(), r.width(), rolls.getOrDefault(r.id(), r.left()), r.full(), r.price()))
                .toList();
        return workshop.with(sheets, left, workshop.tools());
    }

    private static void rests(CutPlan plan, Workshop workshop, List<Sheet> sheets) {
        Length keep = workshop.tools().keep();
        Set<MaterialId> names = new HashSet<>();
        sheets.forEach(s -> names.add(s.id()));
        for (SheetPlan from : plan.numbered()) {
            for (Rect rest : from.rests()) {
                if (rest.width().isBelow(keep) || rest.height().isBelow(keep)) {
                    continue;
                }
                Sheet s = from.sheet();
                Sheet like = sheets.stream()
                        .filter(x -> !x.canBeBought()
                                && x.material().equals(s.material())
                                && x.width().equals(rest.width())
                                && x.height().equals(rest.height())
                                && x.grain() == s.grain()
                                && x.directed() == s.directed())
                        .findFirst()
                        .orElse(null);
                if (like != null) {
                    sheets.set(sheets.indexOf(like), counted(like, like.count() + 1));
                    continue;
                }
                MaterialId id = name(s.material(), names);
                sheets.add(new Sheet(
                        id,
                        s.material(),
                        rest.width(),
                        rest.height(),
                        s.grain(),
                        s.directed(),
                        1,
                        Sheet.Origin.OFFCUT,
                        0));
            }
        }
    }

    private static MaterialId name(MaterialId material, Set<MaterialId> taken) {
        String stem = material.value().length() > 28 ? material.value().substring(0, 28) : material.value();
        int n = 1;
        while (!taken.add(new MaterialId(stem + "-offcut-" + n))) {
            n++;
        }
        return new MaterialId(stem + "-offcut-" + n);
    }

    private static Sheet counted(Sheet s, int count) {
        return new Sheet(
                s.id(), s.material(), s.width(), s.height(), s.grain(), s.directed(), count, s.origin(), s.price());
    }
}
