package dev.schachtel.app.supplies;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * What the Stock page shows. Texts that end in Html are safe HTML.
 *
 * @param lasts what runs out first if all goes on as before
 * @param picked what is edited at the right; null if nothing is
 */
public record StockView(
        Part part,
        Shelves shelves,
        List<DieSet> dies,
        List<Input> tools,
        @Nullable Picked picked,
        Choices choices,
        List<String> shopping,
        String about,
        List<Lasts.Line> lasts) {
    /** The parts of the page, one shown at a time. */
    public enum Part {
        SHEETS("Sheets and rolls"),
        DIES("Dies"),
        TOOLS("Tools and habits");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }

        /** As it stands in an address. */
        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }

        static Part of(String word) {
            return java.util.Arrays.stream(values())
                    .filter(p -> p.word().equals(word))
                    .findFirst()
                    .orElse(SHEETS);
        }
    }

    public Part[] parts() {
        return Part.values();
    }

    /** What lies in the drawer. */
    public record Shelves(List<Pile> piles, List<Reel> reels, List<Pot> pots, List<Piece> offcuts) {}

    /** Gems and the like of one sort: their middles in pixels, to the scale of the dies. */
    public record Pot(
            String material, String name, String left, String fill, int size, List<Integer> drawn, boolean picked) {}

    /**
     * All whole sheets of one material, drawn to the scale of all piles.
     *
     * @param lack what the chosen card lacks of it, in words; empty if nothing
     */
    public record Pile(
            String material, String name, List<String> linesHtml, List<Stack> stacks, boolean picked, String lack) {
        public int width() {
            return stacks.stream()
                            .mapToInt(s -> s.x + s.width + s.depth())
                            .max()
                            .orElse(0)
                    + 2;
        }
    }

    /** Equal sheets on each other: the top one's place in pixels, and how many lie below it. */
    public record Stack(int x, int y, int width, int height, int below, String fill) {
        public int depth() {
            return 3 * below;
        }
    }

    /** All rolls of one material: what is left of what was there when all were full, each as a share of 1000. */
    public record Reel(
            String material,
            String name,
            String leftText,
            String fill,
            List<Rest> rests,
            boolean picked,
            String lack) {}

    /** One roll: where it begins and ends, and to where it is still full, in thousandths of all. */
    public record Rest(int from, int full, int to) {}

    /** An offcut as it lies in the box, to one scale. */
    public record Piece(String material, String name, String sizeHtml, int width, int height, String fill, int count) {}

    /** Dies that belong together, drawn to one scale. */
    public record DieSet(String name, List<DieTile> dies) {}

    /** One die with its outline as an SVG path. */
    public record DieTile(String id, String sizeHtml, String note, int width, int height, String path) {}

    /** Everything of one material, to be changed. */
    public record Picked(
            String material, String name, String facts, boolean onRolls, List<Input> own, List<Line> lines) {}

    /** One size of sheet, an offcut or a roll. */
    public record Line(String id, String sizeHtml, String taken, List<Input> inputs) {}

    /** One value that can be changed. */
    public record Input(
            String id,
            String component,
            String label,
            String value,
            String unit,
            boolean counted,
            List<Choice> options) {
        public String domId() {
            return "f-" + id + "-" + component;
        }
    }

    /** What can be chosen: of what a new sheet or roll may be, and which card is looked at. */
    public record Choices(List<Choice> sheets, List<Choice> rolls, List<Choice> cards) {}

    /** One thing to choose. */
    public record Choice(String value, String label, boolean selected) {}

    /**
     * What runs short, the worst first.
     *
     * @param missing of how many cards it is not known yet what they take
     */
    public record Shorts(List<Short> list, int missing) {}

    /** One thing that runs short. */
    public record Short(String material, String name, boolean lacking, String words) {}
}
