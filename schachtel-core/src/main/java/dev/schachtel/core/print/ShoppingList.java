package dev.schachtel.core.print;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.measure.Units;

/** What the drawer lacks for a cut plan, a line each: sheets by size, then rolls. */
public final class ShoppingList {
    private ShoppingList() {}

    public static List<String> of(CutPlan plan, Units units) {
        List<String> lines = new ArrayList<>();
        for (MaterialPlan m : plan.materials()) {
            Map<String, Integer> sheets = new LinkedHashMap<>();
            m.sheets().stream()
                    .filter(s -> !s.inStock())
                    .forEach(s -> sheets.merge(
                            units.show(s.sheet().width()) + " × "
                                    + units.show(s.sheet().height()) + " " + units.sign(),
                            1,
                            Integer::sum));
            sheets.forEach((size, n) -> lines.add(
                    n + (n == 1 ? " sheet of " : " sheets of ") + m.material().name() + ", " + size));
            if (m.sheets().isEmpty() && !m.unplaced().isEmpty()) {
                lines.add(m.material().name() + ": no sheet of it in the drawer");
            }
        }
        plan.rolls().stream().filter(r -> !r.enough()).forEach(r -> lines.add(roll(r)));
        return lines;
    }

    private static String roll(LinearPlan r) {
        String rolls = r.newRolls() == 0 ? "" : r.newRolls() == 1 ? "1 roll of " : r.newRolls() + " rolls of ";
        return String.format(
                Locale.ROOT,
                "%s%s, %.2f m missing",
                rolls,
                r.material().name(),
                r.missing().nanometres() / 1e9);
    }
}
