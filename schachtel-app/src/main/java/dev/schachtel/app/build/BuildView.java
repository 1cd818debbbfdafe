package dev.schachtel.app.build;

import java.util.List;

import dev.schachtel.app.frame.Frames.Frame;
import dev.schachtel.core.assembly.BuildPlan;

/** What the Build station shows. Texts that end in Html are safe HTML. */
public record BuildView(
        Frame frame, Sums sums, String bandSvg, List<Line> steps, Open open, List<Need> needs, House house) {
    /** What can be had another way. */
    public record House(
            List<Question> questions,
            boolean compared,
            List<Lots> ways,
            int makers,
            int boards,
            int weights,
            String floor,
            String due,
            List<String> wishesHtml,
            List<GaveWay> gaveWay) {}

    /** What is asked of the order of work and isn't kept, and what stands against it. */
    public record GaveWay(String askedHtml, List<String> against) {}

    /** A question on which makers differ. */
    public record Question(String question, String title, List<Option> options) {}

    /** One answer, what it changes in words, and by how many minutes. */
    public record Option(
            String word, String name, String says, String cost, String css, boolean yours, String trouble) {}

    /** A size of lots. */
    public record Lots(int together, String name, boolean now, String difference) {}

    /** How long it takes, in words. */
    public record Sums(
            String cards,
            String total,
            String hands,
            String drying,
            String waiting,
            String inARow,
            boolean dries,
            String range) {}

    /** One step in the list. */
    public record Line(
            int number,
            String key,
            String titleHtml,
            String lot,
            List<String> letters,
            int more,
            boolean care,
            long minutes,
            boolean open,
            BuildPlan.Window window) {}

    /** The step that is shown in full. */
    public record Open(
            int number,
            String titleHtml,
            String when,
            List<String> letters,
            List<String> ordersHtml,
            String drawingSvg,
            boolean fixes,
            String reason,
            List<String> cautions,
            List<Other> waitsFor,
            List<Other> frees,
            Times times) {}

    /**
     * How long work of this kind takes: seconds to get ready and for each thing.
     *
     * @param own whether it may be changed here; times of surface work stand in the technique book
     * @param changed whether it is the maker's own and no estimate
     */
    public record Times(String work, String name, long setUp, long each, boolean own, boolean changed) {}

    /** Another step. */
    public record Other(int number, String titleHtml) {}

    /** A tool and the steps that need it. */
    public record Need(String tool, String steps) {}
}
