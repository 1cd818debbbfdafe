package dev.schachtel.app.structure;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import dev.schachtel.app.frame.Frames.Frame;
import dev.schachtel.app.store.CardService;

/**
 * Everything that the Structure page shows. Texts that end in Html are safe HTML.
 *
 * @param tried whether the remedies of the findings were tried out
 */
public record StructureView(
        Frame frame,
        String select,
        String view,
        Selected selected,
        List<Line> sizes,
        List<Line> leansOn,
        List<Found> findings,
        boolean tried,
        List<Addable> addable,
        Drawings drawings,
        Optional<Player> player,
        List<String> views,
        Arranging arranging,
        Surely surely,
        Optional<Held> held,
        String thickness) {
    /**
     * How many of a hundred cards come out well.
     *
     * @param works how many work
     * @param looks how many of them also look as they were meant
     */
    public record Surely(int works, int looks, String placed, List<FitLine> own, List<FitLine> others) {
        /** A hundred cards in two rows: those that look as meant, those that only work, those that are spoilt. */
        public List<Squares> hundred() {
            return List.of(
                    Squares.of("right", 0, looks), Squares.of("runs", looks, works), Squares.of("spoilt", works, 100));
        }
    }

    /** Cards of a hundred, each drawn as a small sheet. */
    public record Squares(String shape, String path) {
        private static Squares of(String shape, int from, int to) {
            return new Squares(
                    shape,
                    IntStream.range(from, to)
                            .mapToObj(i -> "M" + (i % 50 * 5 + 0.7) + " " + (i < 50 ? 1 : 14) + "h3.6v10h-3.6z")
                            .collect(Collectors.joining()));
        }
    }

    /** What the selected piece may be stuck with, and where what is taken goes. */
    public record Held(String svg, List<HeldBy> options) {}

    /** One way: why, whether it holds, whether it is taken now, and the change that takes it. */
    public record HeldBy(
            String name, String why, boolean holds, boolean now, String piece, String component, String value) {}

    /** One fit: how many in a hundred suit, and the range of that. */
    public record FitLine(String html, int share, String range, String shape, String select) {}

    /** What would help, and what it wins; empty where it wins nothing. */
    public record Helps(String html, String works, String looks) {}

    /** The selected piece. */
    public record Selected(
            String title,
            String kind,
            List<String> letters,
            List<Field> fields,
            boolean removable,
            List<Field.Option> dies,
            boolean depicted,
            List<String> lessons) {
        public long minor() {
            return fields.stream().filter(Field::minor).count();
        }
    }

    /** One line of the ledger. */
    public record Line(String name, String resultHtml, String ofHtml) {}

    /**
     * One finding in words.
     *
     * @param undo whether taking the last change back is the way out
     */
    public record Found(
            String key,
            String severity,
            String word,
            String html,
            String select,
            boolean placed,
            List<WayOut> ways,
            boolean undo) {}

    /** A remedy: which one of its finding, and what its verb says. */
    public record WayOut(int index, String html) {}

    /** A piece that can be added. */
    public record Addable(String kind, String title, String about, String group, String pictureSvg) {}

    /** SVG from the engineered card. */
    public record Drawings(
            String stackSvg, String mainSvg, List<Figure> besides, boolean lying, Optional<Round> round) {}

    /** How the card stands, how much room it takes, and how it is looked at. */
    public record Round(String title, String factsHtml, Looking looking) {}

    /**
     * What a look at the card in the round needs.
     *
     * @param pinsJson where its findings are
     * @param inSight what is seen, in words
     */
    public record Looking(String pinsJson, List<From> sides, String inSight) {}

    /**
     * A side from which the card in the round may be looked at.
     *
     * @param view what the address calls the view from there
     */
    public record From(String name, String view, boolean current) {}

    /** A smaller drawing beside the main one. */
    public record Figure(String title, String svg, String sort) {}

    /** Plays a movement: its name, the ribbon of its free gap, what is read off, its data for the page. */
    public record Player(
            String owner, String name, String ribbonSvg, List<Read> reads, String dataJson, String from, String to) {}

    /** One figure read off a movement. */
    public record Read(String label, String valueHtml, String shape) {}

    /** Whether the selected piece has a place of its own, and cards that it can be copied to. */
    public record Arranging(boolean movable, List<CardService.Named> others) {}
}
