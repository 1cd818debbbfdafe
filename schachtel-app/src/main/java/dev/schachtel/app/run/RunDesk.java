package dev.schachtel.app.run;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.AfterPicture;
import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.lessons.Lessons;
import dev.schachtel.app.planning.MakersPace;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.app.words.Html;
import dev.schachtel.app.words.Times;
import dev.schachtel.app.words.Wording;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.drawing.StepView;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.learning.Outlook;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.run.Outlooks;
import dev.schachtel.core.run.RunEvent;
import dev.schachtel.core.run.RunState;
import dev.schachtel.core.run.RunStep;

/** Puts a run into what one maker sees of it. */
@Component
class RunDesk {
    private static final int KEPT = 16;
    private static final int ORDERS = 3;
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_AND_CLOCK = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);
    private static final int TIMERS = 3;
    private static final int MEANWHILE = 3;

    private final CardService cards;
    private final Plans plans;
    private final Frames frames;
    private final Wording wording;
    private final Lessons lessons;
    private final MakersPace makers;

    /** Frozen cards never change, so what was engineered of them is kept. */
    private final Map<Long, Known> known = new LinkedHashMap<>() {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Known> eldest) {
            return size() > KEPT;
        }
    };

    private record Known(Build build, Map<String, Op> ops) {}

    RunDesk(CardService cards, Plans plans, Frames frames, Said said, MakersPace makers) {
        this.lessons = said.lessons();
        this.makers = makers;
        this.cards = cards;
        this.plans = plans;
        this.frames = frames;
        this.wording = said.wording();
    }

    /** What puts steps into words. */
    @Component
    record Said(Wording wording, Lessons lessons) {}

    /** When all is done and dry, as likely as not and nine times in ten, by this maker's pace. */
    private String by(RunState state, String maker, Instant now) {
        if (state.isFinished()) {
            return "";
        }
        Outlook outlook = Outlooks.left(state, now, makers.of(maker)::of);
        return "by " + clock(now, outlook.within(0.5)) + ", nine times in ten by " + clock(now, outlook.within(0.9));
    }

    private static String clock(Instant now, double seconds) {
        ZonedDateTime at = now.plusSeconds(Math.round(seconds)).atZone(ZoneId.systemDefault());
        boolean today =
                at.toLocalDate().equals(now.atZone(ZoneId.systemDefault()).toLocalDate());
        return (today ? CLOCK : DAY_AND_CLOCK).format(at);
    }

    private Known known(StoredRun run) {
        synchronized (known) {
            return known.computeIfAbsent(run.id(), id -> {
                Plan plan = Planner.plan(
                        CardFile.read(run.frozen().spec()),
                        WorkshopFile.read(run.frozen().workshop()));
                Map<String, Op> ops = new HashMap<>();
                plan.assembly().steps().forEach(s -> ops.put(s.op().id(), s.op()));
                return new Known(plan.build(), ops);
            });
        }
    }

    RunView view(StoredRun run, String maker, Instant now) {
        StoredCard card = cards.load(run.cardId());
        RunState state = run.state();
        Known made = known(run);
        Optional<RunStep> next = state.isPaused() ? Optional.empty() : state.next(maker, now);
        return new RunView(
                frames.frame(card, plans.of(card.spec()), "build"),
                run.id(),
                maker,
                run.events().size(),
                UUID.randomUUID().toString(),
                now.toEpochMilli(),
                new RunView.Where(
                        state.doneCount(),
                        state.steps().size(),
                        Times.of(state.left(now)),
                        by(state, maker, now),
                        state.isPaused(),
                        state.isFinished(),
                        state.isEndedEarly() ? state.wholeCards() + " of " + state.cards() : ""),
                next.map(s -> at(s, state, made)).orElseGet(RunDesk::nothing),
                timers(state, made, now),
                meanwhile(state, made, next, now),
                tiles(run, state, next),
                notes(run, state, made, new Viewer(maker, next, card.revision() != run.revision())));
    }

    private static RunView.Now nothing() {
        return new RunView.Now("", "", "", 0, 0, 0, 0, List.of(), "", false, List.of(), List.of());
    }

    private RunView.Now at(RunStep step, RunState state, Known made) {
        Op op = made.ops.get(step.op());
        return new RunView.Now(
                step.key(),
                title(step, made),
                which(step, state),
                step.foremost(),
                step.last(),
                state.doing(step.key()).map(m -> m.at().toEpochMilli()).orElse(0L),
                step.hands(),
                op == null ? List.of() : lessons.orders(wording.opOrders(op, made.build, ORDERS), op, made.build),
                op == null
                        ? ""
                        : SvgWriter.write(
                                StepView.of(made.build, op, done(state, made)),
                                Look.still(330, 260, made.build.spec().units())),
                op != null && op.joins().isPresent(),
                op == null
                        ? List.of()
                        : state.toTick(op.cautions()).stream()
                                .map(c -> new RunView.Tick(c.name(), wording.caution(c)))
                                .toList(),
                op == null
                        ? List.of()
                        : op.cautions().stream().sorted().map(wording::caution).toList());
    }

    /**
     * What is in the hands after the step that is this maker's now, or how it comes there.
     *
     * @param again where the latter is had
     */
    String after(StoredRun run, String maker, Instant now, boolean plays, String again) {
        RunState state = run.state();
        Known made = known(run);
        return state.next(maker, now)
                .map(s -> made.ops.get(s.op()))
                .map(op -> plays
                        ? AfterPicture.playing(made.build, op, done(state, made), again)
                        : AfterPicture.of(made.build, op, done(state, made), again))
                .orElse("");
    }

    /** What was done so far. */
    private static List<Op> done(RunState state, Known made) {
        return state.steps().stream()
                .filter(s -> state.done(s.key()).isPresent())
                .map(s -> made.ops.get(s.op()))
                .filter(Objects::nonNull)
                .toList();
    }

    private static String which(RunStep step, RunState state) {
        if (step.cards() == 1) {
            return "Card " + step.foremost();
        }
        boolean all = step.first() == 1 && step.last() == state.cards();
        String cards = all && step.aside().isEmpty()
                ? "All " + step.cards() + " cards"
                : "Cards " + step.first() + " to " + step.last();
        return cards + without(step);
    }

    private static String without(RunStep step) {
        return step.aside().isEmpty()
                ? ""
                : " without " + step.aside().stream().map(String::valueOf).collect(Collectors.joining(", "));
    }

    private String title(RunStep step, Known made) {
        Op op = made.ops.get(step.op());
        String again = step.key().startsWith("again ") ? "Again: " : "";
        return again + (op == null ? Html.escape(step.op()) : wording.opTitle(op, made.build));
    }

    private String shortTitle(RunStep step, Known made) {
        Op op = made.ops.get(step.op());
        return op == null ? Html.escape(step.op()) : wording.opShort(op);
    }

    private List<RunView.Timer> timers(RunState state, Known made, Instant now) {
        return state.timers(now).stream()
                .limit(TIMERS)
                .map(t -> new RunView.Timer(
                        shortTitle(t.step(), made) + cards(t.step(), state),
                        t.then().map(s -> "then " + shortTitle(s, made)).orElse("then it is ready"),
                        t.since().toEpochMilli(),
                        t.until().toEpochMilli(),
                        Times.of(Duration.ofSeconds(t.step().rest()))))
                .toList();
    }

    /** Which card, if it is a single one of several; which not, if one goes by itself. */
    private static String cards(RunStep step, RunState state) {
        boolean single = step.cards() == 1 && state.cards() > 1;
        return single ? ", card " + step.foremost() : without(step);
    }

    /** What else can be begun now, and whether it is done before the next thing is dry. */
    private List<RunView.Other> meanwhile(RunState state, Known made, Optional<RunStep> at, Instant now) {
        long dry = state.timers(now).stream()
                .findFirst()
                .map(t -> Duration.between(now, t.until()).toSeconds())
                .orElse(Long.MAX_VALUE);
        return state.open(now).stream()
                .filter(s -> !at.map(RunStep::key).filter(s.key()::equals).isPresent())
                .limit(MEANWHILE)
                .map(s -> {
                    boolean fits = s.hands() <= dry;
                    String words = Times.of(Duration.ofSeconds(s.hands()))
                            + (dry == Long.MAX_VALUE ? "" : fits ? ", fits" : ", too long");
                    return new RunView.Other(s.key(), title(s, made) + cards(s, state), words, fits);
                })
                .toList();
    }

    private static List<RunView.Tile> tiles(StoredRun run, RunState state, Optional<RunStep> at) {
        List<RunView.Tile> tiles = new ArrayList<>();
        for (int card = 1; card <= run.plan().cards(); card++) {
            int number = card;
            int percent = state.percent(card);
            boolean aside = state.isAside(card);
            boolean current = at.filter(s -> s.holds(number)).isPresent();
            String word = aside ? "aside" : percent == 100 ? "done" : percent + " %";
            tiles.add(new RunView.Tile(card, percent, word, current, aside, percent == 100));
        }
        return tiles;
    }

    private RunView.Notes notes(StoredRun run, RunState state, Known made, Viewer who) {
        List<RunStep> left = state.steps().stream()
                .filter(s -> state.done(s.key()).isEmpty())
                .filter(s -> !who.at.map(RunStep::key).filter(s.key()::equals).isPresent())
                .toList();
        List<String> others = state.steps().stream()
                .filter(s -> state.doing(s.key())
                        .filter(m -> !m.maker().equals(who.name))
                        .isPresent())
                .map(s -> state.doing(s.key()).orElseThrow().maker() + ": " + shortTitle(s, made) + cards(s, state))
                .toList();
        RunStep last = null;
        for (RunEvent e : run.events()) {
            boolean own = e.kind() == RunEvent.Kind.DONE && e.maker().equals(who.name);
            last = own && state.done(e.step()).isPresent()
                    ? state.step(e.step()).orElse(last)
                    : last;
        }
        return new RunView.Notes(
                left.isEmpty() ? "" : title(left.get(0), made),
                others,
                last == null ? "" : last.key(),
                last == null ? "" : shortTitle(last, made),
                who.changed,
                state.mishaps().size());
    }

    /** Who looks, at which step, and whether the card was changed since the run began. */
    private record Viewer(String name, Optional<RunStep> at, boolean changed) {}
}
