package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Length;

/**
 * All strokes of some sheets in an order that moves the stop seldom. Sheets that are cut alike are cut together. A piece
 * is only cut once the stroke that frees it is made; of the settings that can come next, the one that most strokes can be
 * made at does, then the nearest.
 *
 * @param settings one after the other; the stop moves between them
 */
public record TrimmerProgram(List<Setting> settings) {
    public TrimmerProgram {
        settings = List.copyOf(settings);
    }

    /** The stop at a distance from the blade, and the strokes made there. */
    public record Setting(Length stop, List<Stroke> strokes) {}

    /**
     * One stroke, made on every sheet that is cut alike.
     *
     * @param sheets their numbers, counted from 1 in the order in which they were given
     * @param inHand the piece that is laid against the stop, where it lies on its sheet
     * @param upright whether the cut runs up on the sheet as drawn
     * @param first what lies between stop and blade, then what is left of the piece
     */
    public record Stroke(List<Integer> sheets, Rect inHand, boolean upright, Length stop, Yield first, Yield second) {
        /** How long the cut is. */
        public Length length() {
            return upright ? inHand.height() : inHand.width();
        }
    }

    /** What a stroke frees: a finished blank with its letter, a rest, or something to be cut on. */
    public record Yield(What what, String letter, Rect rect) {
        /** What becomes of it. */
        public enum What {
            BLANK,
            REST,
            ON
        }
    }

    public int strokes() {
        return settings.stream().mapToInt(s -> s.strokes().size()).sum();
    }

    /** How much work it is to cut a plan: how often the stop is set, and how many strokes are made. */
    public record Effort(int settings, int strokes) {}

    /** The work of all materials of a plan. */
    public static Effort effort(CutPlan plan) {
        int settings = 0;
        int strokes = 0;
        for (MaterialPlan material : plan.materials()) {
            TrimmerProgram program = of(material.sheets(), 1);
            settings += program.settings().size();
            strokes += program.strokes();
        }
        return new Effort(settings, strokes);
    }

    /** With these sheets numbered from first on; middles of parts are cut when all parts are. */
    public static TrimmerProgram of(List<SheetPlan> sheets, int first) {
        List<Integer> whole = new ArrayList<>();
        List<Integer> middles = new ArrayList<>();
        for (int i = 0; i < sheets.size(); i++) {
            boolean middle = sheets.get(i).sheet().origin() == Sheet.Origin.MIDDLE;
            (middle ? middles : whole).add(i);
        }
        List<Setting> settings = new ArrayList<>(new Order(sheets, whole, first).settings());
        settings.addAll(new Order(sheets, middles, first).settings());
        return new TrimmerProgram(settings);
    }

    /** A stroke that is still to be made. */
    private record Open(CutNode.Stroke node, Rect rect, List<Integer> sheets) {}

    private static final class Order {
        private final List<Open> open = new ArrayList<>();
        private final List<Setting> settings = new ArrayList<>();

        Order(List<SheetPlan> sheets, List<Integer> which, int first) {
            Map<List<Object>, List<Integer>> alike = new LinkedHashMap<>();
            Map<List<Object>, SheetPlan> plans = new LinkedHashMap<>();
            for (int i : which) {
                List<Object> key =
                        List.of(sheets.get(i).sheet().id(), sheets.get(i).root());
                alike.computeIfAbsent(key, k -> new ArrayList<>()).add(first + i);
                plans.putIfAbsent(key, sheets.get(i));
            }
            alike.forEach((key, numbers) -> {
                SheetPlan plan = plans.get(key);
                Rect whole = new Rect(
                        Length.ZERO,
                        Length.ZERO,
                        plan.sheet().width(),
                        plan.sheet().height());
                offer(plan.root(), whole, numbers, open);
            });
        }

        private static void offer(CutNode node, Rect rect, List<Integer> sheets, List<Open> to) {
            if (node instanceof CutNode.Stroke stroke) {
                to.add(new Open(stroke, rect, List.copyOf(sheets)));
            }
        }

        List<Setting> settings() {
            Length now = Length.ZERO;
            while (!open.isEmpty()) {
                Length from = now;
                Length next = open.stream()
                        .map(o -> o.node().at())
                        .distinct()
                        .max(Comparator.comparingInt((Length stop) -> madeAt(stop, open))
                                .thenComparing(stop -> stop.minus(from).abs().negated())
                                .thenComparing(stop -> stop))
                        .orElseThrow();
                settings.add(new Setting(next, make(next)));
                now = next;
            }
            return settings;
        }

        /** Strokes that can be made without moving the stop from here. */
        private static int madeAt(Length stop, List<Open> from) {
            int made = 0;
            for (Open o : from) {
                if (o.node().at().equals(stop)) {
                    List<Open> freed = new ArrayList<>();
                    free(o, freed);
                    made += 1 + madeAt(stop, freed);
                }
            }
            return made;
        }

        private List<Stroke> make(Length stop) {
            List<Stroke> made = new ArrayList<>();
            for (int i = 0; i < open.size(); ) {
                Open o = open.get(i);
                if (o.node().at().equals(stop)) {
                    open.remove(i);
                    List<Open> freed = new ArrayList<>();
                    free(o, freed);
                    open.addAll(i, freed);
                    made.add(stroke(o));
                } else {
                    i++;
                }
            }
            return made;
        }

        private static void free(Open o, List<Open> to) {
            offer(o.node().first(), first(o), o.sheets(), to);
            offer(o.node().second(), second(o), o.sheets(), to);
        }

        private static Rect first(Open o) {
            return o.node().upright()
                    ? o.rect().left(o.node().at())
                    : o.rect().lower(o.node().at());
        }

        private static Rect second(Open o) {
            Length from = o.node().at().plus(o.node().kerf());
            return o.node().upright() ? o.rect().right(from) : o.rect().upper(from);
        }

        private static Stroke stroke(Open o) {
            return new Stroke(
                    o.sheets(),
                    o.rect(),
                    o.node().upright(),
                    o.node().at(),
                    freed(o.node().first(), first(o)),
                    freed(o.node().second(), second(o)));
        }

        private static Yield freed(CutNode node, Rect rect) {
            if (node instanceof CutNode.Blank blank) {
                return new Yield(Yield.What.BLANK, blank.demand().letter(), rect);
            }
            return new Yield(node instanceof CutNode.Rest ? Yield.What.REST : Yield.What.ON, "", rect);
        }
    }
}
