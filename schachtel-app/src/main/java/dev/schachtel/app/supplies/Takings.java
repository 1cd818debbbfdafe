package dev.schachtel.app.supplies;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.StockDraw;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.print.ShoppingList;

/**
 * What one card takes of the drawer and what it lacks.
 *
 * @param taken of each sheet and roll, in words
 * @param lacks of each material, in words
 * @param shopping what to buy, in words
 */
record Takings(Map<MaterialId, String> taken, Map<MaterialId, String> lacks, List<String> shopping) {
    static final Takings NONE = new Takings(Map.of(), Map.of(), List.of());

    static Takings of(Plan plan) {
        List<String> shopping = new ArrayList<>(ShoppingList.of(plan.cutting(), Units.MM));
        shopping.addAll(UseUp.shopping(UseUp.of(plan.build(), plan.workshop())));
        return new Takings(taken(plan), lacks(plan.cutting()), shopping);
    }

    String of(MaterialId entry) {
        return taken.getOrDefault(entry, "");
    }

    String lackOf(MaterialId material) {
        return lacks.getOrDefault(material, "");
    }

    private static Map<MaterialId, String> taken(Plan plan) {
        Map<MaterialId, String> words = new HashMap<>();
        StockDraw.takes(plan.cutting(), plan.workshop()).stream()
                .filter(t -> t.of() == Take.Of.SHEETS || t.of() == Take.Of.OFFCUTS)
                .forEach(t -> words.put(t.item(), "takes " + t.amount()));
        plan.cutting().rolls().stream()
                .flatMap(r -> r.uses().stream())
                .forEach(u -> words.put(u.roll().id(), "takes " + metres(u.taken()) + ", leaves " + metres(u.left())));
        return words;
    }

    private static Map<MaterialId, String> lacks(CutPlan plan) {
        Map<MaterialId, String> words = new HashMap<>();
        for (MaterialPlan m : plan.materials()) {
            if (m.toBuy() > 0) {
                words.put(m.material().id(), m.toBuy() + " more wanted");
            }
        }
        for (LinearPlan r : plan.rolls()) {
            if (!r.enough()) {
                words.put(r.material().id(), metres(r.missing()) + " more wanted");
            }
        }
        return words;
    }

    /** A card by its name, and what it takes. */
    record Named(String card, CutPlan plan) {}

    /** What one card alone takes of a material, against what is there. */
    private record Want(MaterialId material, String name, String card, double share, String words) {
        boolean lacking() {
            return share > 1;
        }
    }

    /** The materials of which one card takes more than two thirds of what is there, the worst first. */
    static List<StockView.Short> shorts(List<Named> cards, Workshop workshop) {
        Map<MaterialId, Want> worst = new LinkedHashMap<>();
        for (Named card : cards) {
            for (Want want : wants(card, workshop)) {
                worst.merge(want.material, want, (a, b) -> a.share >= b.share ? a : b);
            }
        }
        return worst.values().stream()
                .filter(w -> w.share > 2.0 / 3)
                .sorted(Comparator.comparing(Want::share).reversed())
                .map(w -> new StockView.Short(w.material.value(), w.name, w.lacking(), w.words))
                .toList();
    }

    private static List<Want> wants(Named card, Workshop workshop) {
        List<Want> all = new ArrayList<>();
        for (MaterialPlan m : card.plan.materials()) {
            int there = workshop.sheetsOf(m.material().id()).stream()
                    .filter(Sheet::canBeBought)
                    .mapToInt(Sheet::count)
                    .sum();
            all.add(new Want(
                    m.material().id(),
                    m.material().name(),
                    card.card,
                    m.taken() / Math.max(0.5, there),
                    there + (there == 1 ? " sheet" : " sheets") + " left; “" + card.card + "” takes " + m.taken()));
        }
        for (LinearPlan r : card.plan.rolls()) {
            Length there =
                    workshop.rollsOf(r.material().id()).stream().map(Roll::left).reduce(Length.ZERO, Length::plus);
            all.add(new Want(
                    r.material().id(),
                    r.material().name(),
                    card.card,
                    r.enough() ? Math.min(1, share(r.needed(), there)) : Math.max(1.01, share(r.needed(), there)),
                    metres(there) + " left; “" + card.card + "” takes " + metres(r.needed())));
        }
        return all;
    }

    private static double share(Length part, Length all) {
        return mm(part) / Math.max(1, mm(all));
    }

    static double mm(Length length) {
        return length.nanometres() / 1e6;
    }

    static String metres(Length length) {
        return String.format(Locale.ROOT, "%.2f m", mm(length) / 1000);
    }
}
