package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

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
                sheets.add(s.counted(left));
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

    /** What is taken, a line for each kind of sheet and each roll, and how many pieces come from the offcut box and go there. */
    public static List<Take> takes(CutPlan plan, Workshop workshop) {
        Map<Sheet, Integer> sheets = new LinkedHashMap<>();
        plan.numbered().forEach(s -> sheets.merge(s.sheet(), 1, Integer::sum));
        plan.mats().sheets().forEach(s -> sheets.merge(s.sheet(), 1, Integer::sum));
        Map<Material, Integer> back = new LinkedHashMap<>();
        plan.materials()
                .forEach(m -> back.put(m.material(), (int)
                        m.sheets().stream().flatMap(s -> useful(s, workshop)).count()));
        List<Take> takes = new ArrayList<>();
        sheets.forEach((sheet, n) -> taken(sheet, n, workshop).ifPresent(takes::add));
        plan.rolls().forEach(r -> r.uses().stream()
                .filter(u -> u.taken().isPositive())
                .forEach(u -> takes.add(taken(r.material(), u))));
        back.forEach((m, n) -> {
            if (n > 0) {
                takes.add(new Take(m.name(), m.id(), m.id(), Take.Of.BACK, n));
            }
        });
        return takes;
    }

    private static Optional<Take> taken(Sheet sheet, int count, Workshop workshop) {
        boolean offcut = sheet.origin() == Sheet.Origin.OFFCUT;
        return workshop.material(sheet.material())
                .filter(m -> offcut || sheet.canBeBought())
                .map(m -> new Take(
                        Take.name(m, sheet), m.id(), sheet.id(), offcut ? Take.Of.OFFCUTS : Take.Of.SHEETS, count));
    }

    private static Take taken(Material material, LinearPlan.Use use) {
        int millimetres = (int) Math.round(use.taken().nanometres() / 1e6);
        return new Take(
                material.name() + ", " + Units.MM.show(use.roll().width()) + " mm wide",
                material.id(),
                use.roll().id(),
                Take.Of.MILLIMETRES,
                millimetres);
    }

    private static Stream<Rect> useful(SheetPlan from, Workshop workshop) {
        Length keep = workshop.tools().keep();
        return from.rests().stream()
                .filter(r -> !r.width().isBelow(keep) && !r.height().isBelow(keep));
    }

    private static void rests(CutPlan plan, Workshop workshop, List<Sheet> sheets) {
        Set<MaterialId> names = new HashSet<>();
        sheets.forEach(s -> names.add(s.id()));
        for (SheetPlan from : plan.numbered()) {
            for (Rect rest : useful(from, workshop).toList()) {
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
                    sheets.set(sheets.indexOf(like), like.counted(like.count() + 1));
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
}
