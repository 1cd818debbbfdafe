package dev.schachtel.app.supplies;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.IntStream;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** The drawer as it is drawn: piles to one scale, rolls by what is left, offcuts as they lie, dies by their outlines. */
record Shelves(Workshop workshop, String picked, Takings takings) {
    /** Pixels for a millimetre: sheets, offcuts, dies. */
    private static final double OF_SHEETS = 0.2;

    private static final double OF_OFFCUTS = 0.5;
    private static final double OF_DIES = 1.1;
    private static final double OF_GEMS = 2.4;
    private static final int MOST_DRAWN = 6;
    private static final int GAP = 8;

    StockView.Shelves drawn() {
        List<Sheet> whole =
                workshop.sheets().stream().filter(Sheet::canBeBought).toList();
        return new StockView.Shelves(
                byMaterial(whole, Sheet::material).entrySet().stream()
                        .map(e -> pile(e.getKey(), e.getValue()))
                        .toList(),
                byMaterial(workshop.rolls(), Roll::material).entrySet().stream()
                        .map(e -> reel(e.getKey(), e.getValue()))
                        .toList(),
                workshop.all(Embellishment.class).stream().map(this::pot).toList(),
                workshop.sheets().stream()
                        .filter(s -> !s.canBeBought() && s.count() > 0)
                        .sorted(Comparator.comparing(Sheet::height).reversed())
                        .map(this::piece)
                        .toList());
    }

    private StockView.Pot pot(Embellishment one) {
        return new StockView.Pot(
                one.id().value(),
                one.name(),
                one.owned() + " left",
                one.colour().hex(),
                Math.max(2, pixels(one.width(), OF_GEMS)),
                IntStream.range(0, Math.min(MOST_DRAWN, one.owned())).boxed().toList(),
                is(one.id()));
    }

    private static <T> Map<MaterialId, List<T>> byMaterial(List<T> all, Function<T, MaterialId> material) {
        Map<MaterialId, List<T>> sorted = new LinkedHashMap<>();
        all.forEach(t -> sorted.computeIfAbsent(material.apply(t), m -> new ArrayList<>())
                .add(t));
        return sorted;
    }

    private StockView.Pile pile(MaterialId material, List<Sheet> sheets) {
        List<StockView.Stack> stacks = new ArrayList<>();
        int tallest = sheets.stream()
                .mapToInt(s -> pixels(s.height(), OF_SHEETS) + 3 * below(s))
                .max()
                .orElse(0);
        int x = 1;
        for (Sheet s : sheets) {
            int below = below(s);
            int high = pixels(s.height(), OF_SHEETS);
            StockView.Stack stack = new StockView.Stack(
                    x,
                    tallest - high - 3 * below + 1,
                    pixels(s.width(), OF_SHEETS),
                    high,
                    below,
                    s.count() == 0 ? "none" : fill(material));
            stacks.add(stack);
            x += stack.width() + stack.depth() + GAP;
        }
        List<String> lines = sheets.stream()
                .map(s -> s.count() + " of " + size(s.width(), s.height()) + (s.directed() ? ", one way up" : ""))
                .toList();
        return new StockView.Pile(
                material.value(), name(material), lines, stacks, is(material), takings.lackOf(material));
    }

    private static int below(Sheet s) {
        return Math.max(0, Math.min(MOST_DRAWN, s.count()) - 1);
    }

    private StockView.Reel reel(MaterialId material, List<Roll> rolls) {
        double all = rolls.stream().mapToDouble(r -> Takings.mm(r.full())).sum();
        double left = rolls.stream().mapToDouble(r -> Takings.mm(r.left())).sum();
        List<StockView.Rest> rests = new ArrayList<>();
        double from = 0;
        for (Roll r : rolls) {
            double to = from + Takings.mm(r.full());
            double full = from + Math.min(Takings.mm(r.left()), Takings.mm(r.full()));
            rests.add(new StockView.Rest(share(from, all), share(full, all), share(to, all)));
            from = to;
        }
        return new StockView.Reel(
                material.value(),
                name(material),
                metres(left) + " of " + metres(all) + " m",
                fill(material).startsWith("url") ? "var(--board-2)" : fill(material),
                rests,
                is(material),
                takings.lackOf(material));
    }

    private static String metres(double millimetres) {
        return String.format(Locale.ROOT, "%.1f", millimetres / 1000).replace(".0", "");
    }

    private static int share(double part, double all) {
        return all <= 0 ? 0 : (int) Math.round(1000 * part / all);
    }

    private StockView.Piece piece(Sheet s) {
        return new StockView.Piece(
                s.material().value(),
                name(s.material()),
                size(s.width(), s.height()),
                pixels(s.width(), OF_OFFCUTS),
                pixels(s.height(), OF_OFFCUTS),
                fill(s.material()),
                s.count());
    }

    List<StockView.DieSet> dies() {
        Map<String, List<Die>> sets = new LinkedHashMap<>();
        workshop.dies().forEach(d -> sets.computeIfAbsent(d.set(), s -> new ArrayList<>())
                .add(d));
        return sets.entrySet().stream()
                .sorted(Comparator.comparing(
                        (Map.Entry<String, List<Die>> e) -> e.getKey().isEmpty()))
                .map(e -> new StockView.DieSet(
                        e.getKey().isEmpty() ? "single dies" : e.getKey(),
                        e.getValue().stream().map(Shelves::tile).toList()))
                .toList();
    }

    private static StockView.DieTile tile(Die d) {
        int w = pixels(d.width(), OF_DIES);
        int h = pixels(d.height(), OF_DIES);
        return new StockView.DieTile(
                d.id().value(),
                size(d.width(), d.height()),
                d.stitched().isPositive() ? "stitched" : "",
                w,
                h,
                path(d.shape(), w, h));
    }

    private static String path(Die.Shape shape, double w, double h) {
        return switch (shape) {
            case ROUND, OVAL -> arc("M0 %2$.1fA%1$.1f %2$.1f 0 1 1 %3$.1f %2$.1fA%1$.1f %2$.1f 0 1 1 0 %2$.1fZ", w, h);
            case RECTANGLE -> arc("M0 0H%3$.1fV%4$.1fH0Z", w, h);
            case ROUNDED ->
                arc(
                        "M6 0H%5$.1fQ%3$.1f 0 %3$.1f 6V%6$.1fQ%3$.1f %4$.1f %5$.1f %4$.1fH6Q0 %4$.1f 0 %6$.1fV6Q0 0 6 0Z",
                        w, h);
            case ARCH -> arc("M0 %4$.1fV%1$.1fA%1$.1f %1$.1f 0 0 1 %3$.1f %1$.1fV%4$.1fZ", w, h);
        };
    }

    /** Half the width and height, the whole ones, and what is left of them beside a corner. */
    private static String arc(String pattern, double w, double h) {
        return String.format(Locale.ROOT, pattern, w / 2, h / 2, w, h, w - 6, h - 6);
    }

    private boolean is(MaterialId material) {
        return material.value().equals(picked);
    }

    String name(MaterialId material) {
        return workshop.material(material).map(Material::name).orElse(material.value() + " (missing)");
    }

    private String fill(MaterialId id) {
        Material material = workshop.material(id).orElse(null);
        if (material != null && material.tint().isPresent()) {
            return material.tint().get().hex();
        }
        return material instanceof Foam
                ? "url(#p-foam)"
                : material instanceof Film ? "var(--film)" : "var(--card-cream)";
    }

    private static int pixels(Length length, double scale) {
        return (int) Math.max(2, Math.round(Takings.mm(length) * scale));
    }

    /** As it is sold. */
    static String size(Length width, Length height) {
        Units units = Units.ofGoods(width, height);
        return Html.of(width, units) + " × " + Html.of(height, units) + " " + units.sign();
    }
}
