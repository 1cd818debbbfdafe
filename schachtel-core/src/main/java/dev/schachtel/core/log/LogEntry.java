package dev.schachtel.core.log;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.learning.Timing;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunPlan;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.Timings;

/**
 * One build.
 *
 * @param name what the card is called
 * @param day on which it was finished
 * @param made how many came out well
 * @param spoiled how many did not
 * @param planned seconds of handwork by the plan, of what was timed
 * @param taken seconds that it took
 * @param steps what was timed, in the order in which it was done; none of a build that was written in afterwards
 * @param words what was said about it
 * @param stock what it took of the drawer and put back
 */
public record LogEntry(
        @Asked(value = "Card", max = "200") String name,
        @Asked("Finished on") LocalDate day,
        @Asked(value = "Came out well", initial = "0", max = "10000") int made,
        @Asked(value = "Spoiled", initial = "0", max = "10000") int spoiled,
        @Asked(value = "Planned, seconds", initial = "0", max = "100000000") int planned,
        @Asked(value = "Taken, seconds", initial = "0", max = "100000000") int taken,
        @Asked("Steps") List<Done> steps,
        @Asked("Mishaps") List<Wrong> mishaps,
        @Asked("Who got it") List<Given> given,
        @Asked(value = "About it", initial = " ", max = "2000") String words,
        @Asked("Stock") List<Drawn> stock) {
    public LogEntry {
        stock = List.copyOf(stock);
        steps = List.copyOf(steps);
        int last = steps.size() - 1;
        mishaps = mishaps.stream().map(m -> m.upTo(last)).toList();
        given = List.copyOf(given);
    }

    /**
     * A step that was timed.
     *
     * @param work the kind of work
     * @param book seconds by the book; 0 where it takes no hands by the book
     * @param setUp how many of them are for setting up
     */
    public record Done(
            @Asked(value = "Work", max = "60", coded = true) String work,
            @Asked(value = "Maker", initial = " ", max = "60") String maker,
            @Asked(value = "By the book, seconds", initial = "0", max = "10000000") int book,
            @Asked(value = "Planned, seconds", initial = "0", max = "10000000") int planned,
            @Asked(value = "Taken, seconds", initial = "0", max = "10000000") int taken,
            @Asked(value = "Set-up by the book, seconds", initial = "0", max = "10000000") int setUp) {
        /** Both as one. */
        Done and(Done more) {
            return new Done(
                    work, maker, book + more.book, planned + more.planned, taken + more.taken, setUp + more.setUp);
        }
    }

    /**
     * Something that went wrong.
     *
     * @param step which of the steps it was at, counted from 0; -1 where none was timed
     * @param rescue what helped
     */
    public record Wrong(
            @Asked(value = "Card", initial = "0", max = "10000") int card,
            @Asked(value = "Step", initial = "-1", min = "-1", max = "1000") int step,
            @Asked(value = "Work", initial = " ", max = "60", coded = true) String work,
            @Asked(value = "What happened", initial = " ", max = "300") String words,
            @Asked(value = "What helped", initial = " ", max = "300") String rescue) {
        /** At the last step at most: what came from outside may name one that is not there. */
        Wrong upTo(int last) {
            return step <= last ? this : new Wrong(card, last, work, words, rescue);
        }
    }

    /** Somebody who got some of the cards. */
    public record Given(
            @Asked(value = "Who", max = "100") String who,
            @Asked(value = "Occasion", initial = " ", max = "100") String occasion,
            @Asked("On") Optional<LocalDate> day,
            @Asked(value = "Cards", initial = "1", min = "1", max = "10000") int cards,
            @Asked(value = "Posted", initial = "false") boolean posted) {}

    /**
     * What was taken of one thing in the drawer, as {@link Take} says.
     *
     * @param planned how much by the plan
     * @param taken how much really; -1 where nobody counted
     */
    public record Drawn(
            @Asked(value = "What", max = "200") String name,
            @Asked("Material") MaterialId material,
            @Asked("In the drawer") MaterialId item,
            @Asked("Counted in") Take.Of of,
            @Asked(value = "Planned", initial = "0") int planned,
            @Asked(value = "Taken", initial = "-1", min = "-1") int taken) {
        static Drawn planned(Take take) {
            return new Drawn(
                    plain(take.name(), 200),
                    take.material(),
                    take.item(),
                    take.of(),
                    Math.min(LARGEST, take.amount()),
                    -1);
        }

        /** How much was taken as far as is known. */
        public int amount() {
            return taken < 0 ? planned : taken;
        }

        /** How much more than was known before, as something to take out of the drawer now; -1 where nobody counts any more. */
        public Take more(int counted) {
            return new Take(name, material, item, of, (counted < 0 ? planned : counted) - amount());
        }
    }

    /** Days that a log from outside may name. */
    private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    private static final LocalDate LAST_DAY = LocalDate.of(2199, 12, 31);

    /**
     * The same, if it comes from outside and can be shown.
     *
     * @throws RefusedException if it has no name, or a day that nobody could mean
     */
    public LogEntry fromOutside(String path) {
        if (name.isBlank()) {
            throw new RefusedException(path + ".name", "must say what the card is called");
        }
        meant(path + ".day", day);
        for (int i = 0; i < given.size(); i++) {
            String at = path + ".given[" + i + "]";
            if (given.get(i).who().isBlank()) {
                throw new RefusedException(at + ".who", "must say who got it");
            }
            given.get(i).day().ifPresent(d -> meant(at + ".day", d));
        }
        return this;
    }

    private static void meant(String path, LocalDate day) {
        if (day.isBefore(FIRST_DAY) || day.isAfter(LAST_DAY)) {
            throw new RefusedException(
                    path, "is " + day + "; a day from " + FIRST_DAY + " to " + LAST_DAY + " can be kept");
        }
    }

    private static final String EARLY = "Ended early: ";
    private static final int LARGEST = 1_000_000;

    /** Steps and mishaps that one build keeps at most. */
    static final int MOST = 900;

    /** Of a run that was done; of very many steps those of one kind of work and maker are kept as one. */
    public static LogEntry of(
            CardSpec spec, RunPlan plan, List<RunEvent> events, List<RunEvent> mishaps, LocalDate day) {
        List<Timings.Timed> timed = Timings.of(plan, events);
        boolean many = timed.size() > MOST;
        Map<String, Done> steps = new LinkedHashMap<>();
        Map<String, String> places = new HashMap<>();
        for (Timings.Timed t : timed) {
            Done done = done(t);
            String place = many ? done.work() + " " + done.maker() : t.step().key();
            steps.merge(place, done, Done::and);
            places.put(t.step().key(), place);
        }
        List<String> order = List.copyOf(steps.keySet());
        RunState state = RunState.of(plan, events);
        int made = state.isEndedEarly() ? state.wholeCards() : plan.cards();
        return new LogEntry(
                spec.name(),
                day,
                made,
                0,
                steps.values().stream().mapToInt(Done::planned).sum(),
                steps.values().stream().mapToInt(Done::taken).sum(),
                List.copyOf(steps.values()),
                mishaps.stream()
                        .limit(MOST)
                        .map(m -> wrong(m, plan, order.indexOf(places.getOrDefault(m.step(), ""))))
                        .toList(),
                recipient(spec, made),
                state.isEndedEarly() ? EARLY + made + " of " + plan.cards() + " cards were done." : "",
                plan.takes().stream().limit(MOST).map(Drawn::planned).toList());
    }

    private static Wrong wrong(RunEvent mishap, RunPlan plan, int step) {
        String work = plan.steps().stream()
                .filter(s -> s.key().equals(mishap.step()))
                .map(s -> s.kind().id())
                .findFirst()
                .orElse("");
        return new Wrong(mishap.card(), step, work, plain(mishap.note(), 300), "");
    }

    /** As it can be read back: on one line, and no longer than is kept. */
    private static String plain(String text, int most) {
        String line = text.replaceAll("\\p{Cntrl}", " ").strip();
        return line.substring(0, Math.min(most, line.length())).strip();
    }

    /** Whom the card was made for is the first who got it; what was not given away can be said. */
    private static List<Given> recipient(CardSpec spec, int cards) {
        String who = plain(spec.brief().recipient(), 100);
        return who.isEmpty() || cards == 0
                ? List.of()
                : List.of(new Given(
                        who,
                        plain(spec.brief().occasion(), 100),
                        spec.brief().due(),
                        cards,
                        spec.brief().posted()));
    }

    private static Done done(Timings.Timed t) {
        return new Done(
                t.step().kind().id(),
                plain(t.maker(), 60),
                t.timing().map(x -> (int) Math.round(x.book())).orElse(0),
                t.step().hands(),
                (int) Math.round(t.seconds()),
                t.timing().map(x -> (int) Math.round(x.setUp())).orElse(0));
    }

    /** What was timed, against the book. */
    public List<Timing> timings(Predicate<String> maker) {
        return steps.stream()
                .filter(s -> s.book() > 0 && s.taken() > 0 && maker.test(s.maker()))
                .map(s -> new Timing(s.work(), s.book(), s.taken(), Math.min(s.setUp(), s.book())))
                .toList();
    }

    /** What was counted of what was taken, against what was planned; kinds of work are materials here. */
    public List<Timing> amounts() {
        return stock.stream()
                .filter(d -> d.of().isUsedUp() && d.planned() > 0 && d.taken() > 0)
                .map(d -> new Timing(d.material().value(), d.planned(), d.taken()))
                .toList();
    }

    /** With what was really taken, in the order of the list; -1 where nobody counted. */
    public LogEntry counted(List<Integer> amounts) {
        List<Drawn> all = new ArrayList<>();
        for (int i = 0; i < stock.size(); i++) {
            Drawn d = stock.get(i);
            int taken = i < amounts.size() ? amounts.get(i) : d.taken();
            all.add(new Drawn(d.name(), d.material(), d.item(), d.of(), d.planned(), taken));
        }
        return new LogEntry(name, day, made, spoiled, planned, taken, steps, mishaps, given, words, all);
    }

    /** The same, made by others. */
    public LogEntry madeBy(UnaryOperator<String> maker) {
        List<Done> all = steps.stream()
                .map(d -> new Done(d.work(), maker.apply(d.maker()), d.book(), d.planned(), d.taken(), d.setUp()))
                .toList();
        return new LogEntry(name, day, made, spoiled, planned, taken, all, mishaps, given, words, stock);
    }

    /** How many are still here: made, and given to nobody. */
    public int kept() {
        return Math.max(0, made - given.stream().mapToInt(Given::cards).sum());
    }

    /** The same run looked at again: what people added stays. */
    public LogEntry again(LogEntry run) {
        List<Wrong> wrong = new ArrayList<>();
        for (int i = 0; i < run.mishaps().size(); i++) {
            Wrong w = run.mishaps().get(i);
            String rescue = i < mishaps.size() ? mishaps.get(i).rescue() : "";
            wrong.add(new Wrong(w.card(), w.step(), w.work(), w.words(), rescue));
        }
        boolean early = words.startsWith(EARLY);
        return new LogEntry(
                name,
                run.day(),
                early ? run.made() : made,
                spoiled,
                run.planned(),
                run.taken(),
                run.steps(),
                wrong,
                early && given.isEmpty() ? run.given() : given,
                early ? run.words() : words,
                stock);
    }

    public LogEntry given(List<Given> others) {
        return new LogEntry(name, day, made, spoiled, planned, taken, steps, mishaps, others, words, stock);
    }

    public LogEntry said(String other) {
        return new LogEntry(name, day, made, spoiled, planned, taken, steps, mishaps, given, other, stock);
    }

    /** With other numbers of good and spoiled cards. */
    public LogEntry counted(int good, int bad) {
        return new LogEntry(name, day, good, bad, planned, taken, steps, mishaps, given, words, stock);
    }

    /** With what helped against one of the mishaps. */
    public LogEntry rescued(int which, String rescue) {
        List<Wrong> all = new ArrayList<>(mishaps);
        Wrong old = all.get(which);
        all.set(which, new Wrong(old.card(), old.step(), old.work(), old.words(), rescue));
        return new LogEntry(name, day, made, spoiled, planned, taken, steps, all, given, words, stock);
    }
}
