package dev.schachtel.app.decorate;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;
import dev.schachtel.app.structure.Field;

/** What the Decorate station shows. Texts that end in Html are safe HTML. */
public record DecorateView(
        Frame frame,
        String svg,
        List<Sheet> sheets,
        List<Tall> heights,
        List<Press> presses,
        String pressed,
        List<Field.Option> pieces,
        List<Field.Option> ways,
        List<Entry> book,
        List<Field.Option> kinds,
        List<Line> table,
        List<Field.Option> media,
        List<Field.Option> grounds) {
    /** A part and what is done to it, in the order in which it will be done. */
    public record Sheet(String letter, String name, String card, List<Work> works) {}

    /**
     * One piece of work.
     *
     * @param step its first step in the build plan
     * @param needed how much of it is seen, where that is not all
     * @param neededSvg where that is, else empty
     */
    public record Work(
            String id,
            int step,
            String name,
            String words,
            String colour,
            String time,
            boolean hazard,
            String needed,
            String neededSvg,
            List<Field> fields) {}

    /** Stamps that are pressed together. */
    public record Press(String svg, String title, String words) {}

    /** A line of the table of what goes on what. */
    public record Line(String medium, String under, String title, List<Field.Option> verdicts, String reason) {}

    /** A piece by its height over the face. */
    public record Tall(String name, String height, int share) {}

    /**
     * A line of the technique book.
     *
     * @param hazards that it may have
     * @param media what its colour may be laid with
     * @param used whether this card has work of it
     */
    public record Entry(
            String id,
            String name,
            String tool,
            int setUp,
            int each,
            int dryMinutes,
            int washWithin,
            String kind,
            List<Field.Option> hazards,
            List<Field.Option> media,
            boolean used) {}
}
