package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Folded;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opens;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Reading;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.patience.Patience;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * Adds a piece where it fits: its usual values first, then smaller ones and other places in turn, until nothing new is to
 * mend. Cards are engineered and checked until {@value #MOST} steps of work are done, so that the same card and piece have
 * the same answer everywhere; the one with the fewest new troubles is the answer.
 */
public final class Adding {
    private static final int MOST = 850_000;
    private static final int COLUMNS = 5;
    private static final int ROWS = 7;
    private static final int PLACES = 37;
    private static final int REMEDIES = 4;
    /** Places looked at in one size before the next size has its turn. */
    private static final int IN_TURN = 6;

    /** Sizes from here on may be made smaller to fit; smaller ones are borders, plays and the like. */
    private static final Length LARGE = Length.ofMillimetres(12);

    /** Percent of its usual size, in turns. */
    private static final List<Integer> SIZES = List.of(100, 75, 55, 40);

    private final Workshop workshop;
    private final int before;
    private long steps;
    private CardSpec best;
    private int least = Integer.MAX_VALUE;

    private Adding(CardSpec spec, Workshop workshop) {
        this.workshop = workshop;
        this.best = spec;
        this.before = Checked.of(spec, workshop).mends();
    }

    /** What came of it: the card, and the piece that was asked for. */
    public record Added(CardSpec spec, Id piece) {}

    /**
     * Adds a piece of a kind, on what is named if anything is. A window is added first for what needs one.
     *
     * @throws RefusedException if there is no such kind, or it can't lie on what is named
     */
    public static Added add(CardSpec spec, String kind, Optional<Id> on, Workshop workshop) {
        Class<?> type = RecordType.kind(Piece.class, kind)
                .orElseThrow(() -> new RefusedException(kind, "there is no piece of this kind"));
        CardSpec ready = spec;
        if (asks(type, Asked.Choice.WINDOW) && spec.pieces().noneMatch(Opens.class::isInstance)) {
            ready = add(spec, "window", on, workshop).spec();
        }
        Id id = CardEdit.of(ready).nextId(kind);
        CardSpec first = CardEdit.of(ready).add(kind);
        if (on.isPresent()) {
            Id face = face(first, type, on.get());
            CardSpec there = placed(first, id, type, face);
            boolean standsUp = !there.equals(first)
                    && there.offering(face).filter(Folded.class::isInstance).isPresent();
            first = standsUp ? centred(there, id, face, workshop) : there;
        }
        return new Added(new Adding(ready, workshop).settle(first, id), id);
    }

    /** On what stands up: on the side of it that stands up to whoever looks in, where the new piece can lie on that. */
    private static Id face(CardSpec spec, Class<?> type, Id on) {
        return spec.piece(on)
                .filter(Folded.class::isInstance)
                .map(Folded.class::cast)
                .map(f -> asks(type, Asked.Choice.FOLD) && !f.folds().isEmpty()
                        ? f.folds().get(0)
                        : asks(type, Asked.Choice.SIDE)
                                ? f.reverses().get(0)
                                : f.faces().get(0))
                .orElse(on);
    }

    private static boolean asks(Class<?> type, Asked.Choice choice) {
        return RecordType.of(type).components().stream().anyMatch(b -> b.asked().from() == choice);
    }

    /** Puts the new piece on what was pointed at, if it lies on anything of that sort. */
    private static CardSpec placed(CardSpec spec, Id id, Class<?> type, Id on) {
        for (RecordType.Component component : RecordType.of(type).components()) {
            Asked.Choice from = component.asked().from();
            boolean ground = (from == Asked.Choice.GROUND || from == Asked.Choice.SIDE)
                    && (spec.grounds().contains(on)
                            || from == Asked.Choice.SIDE && spec.reverses().contains(on)
                            || spec.piece(on).isPresent() && !on.equals(Id.BASE));
            boolean window = from == Asked.Choice.WINDOW
                    && spec.piece(on).filter(Opens.class::isInstance).isPresent();
            boolean fold = from == Asked.Choice.FOLD && spec.folds().contains(on);
            if (ground || window || fold) {
                return CardEdit.of(spec).set(id, component.name(), on.value());
            }
        }
        return spec;
    }

    /** On a panel that stands up, which lies anywhere on the shut card: in its middle, as large as it has room, if some size does. */
    private static CardSpec centred(CardSpec spec, Id id, Id on, Workshop workshop) {
        CardSpec last = spec;
        for (int percent : SIZES) {
            CardSpec now = percent == 100 ? spec : scaled(spec, id, percent);
            Build build = Engineering.engineer(now, workshop);
            Optional<Face> face = build.face(on);
            Optional<Level> level = build.levels().stream()
                    .filter(l -> l.slab().part().owner().equals(id))
                    .findFirst();
            if (face.isEmpty() || level.isEmpty()) {
                return spec;
            }
            Box there = face.get().outline().bounds();
            Box own = face.get().seen(level.get().slab().footprints().get(0)).bounds();
            Length dx = Mm.length(there.centre().x() - own.centre().x());
            Length dy = Mm.length(there.centre().y() - own.centre().y());
            Length step = spec.units().step();
            last = Positions.moved(now, id, dx.roundedTo(step), dy.roundedTo(step));
            if (own.width() <= there.width() && own.height() <= there.height()) {
                return last;
            }
        }
        return last;
    }

    private CardSpec settle(CardSpec first, Id id) {
        if (fits(first) || mended(first, id)) {
            return best;
        }
        List<List<CardSpec>> sizes = SIZES.stream()
                .map(percent -> places(percent == 100 ? first : scaled(first, id, percent), id))
                .toList();
        for (int from = 0; from < PLACES; from += IN_TURN) {
            for (List<CardSpec> places : sizes) {
                for (int i = from; i < Math.min(places.size(), from + IN_TURN); i++) {
                    if (isOver() || fits(places.get(i))) {
                        return best;
                    }
                }
            }
        }
        return best;
    }

    private boolean isOver() {
        return steps > MOST;
    }

    /** Takes the ways out that change the new piece alone, as far as they lead. */
    private boolean mended(CardSpec first, Id id) {
        CardSpec now = first;
        for (int i = 0; i < REMEDIES && !isOver(); i++) {
            Optional<Remedy> way = checked(now).findings().all().stream()
                    .filter(f -> f.severity() == Severity.MEND)
                    .flatMap(f -> f.remedies().stream())
                    .filter(r -> r.changes().stream()
                            .allMatch(
                                    c -> c.piece().equals(id) && !c.component().isEmpty()))
                    .findFirst();
            if (way.isEmpty()) {
                return false;
            }
            for (Change change : way.get().changes()) {
                now = CardEdit.of(now).set(change.piece(), change.component(), change.value());
            }
            if (fits(now)) {
                return true;
            }
        }
        return false;
    }

    /** Whether nothing new is to mend; remembers the best so far. */
    private boolean fits(CardSpec spec) {
        int extra = checked(spec).mends() - before;
        if (extra < least) {
            least = extra;
            best = spec;
        }
        return extra <= 0;
    }

    private Checked checked(CardSpec spec) {
        Patience.Worked<Checked> done = Patience.counted(() -> Checked.of(spec, workshop));
        steps += done.steps();
        return done.value();
    }

    /** The same piece at other places of the face, the nearest to where it is first. */
    private static List<CardSpec> places(CardSpec spec, Id id) {
        List<CardSpec> all = new ArrayList<>(List.of(spec));
        List<Positions.Spot> spots = spec.piece(id).map(Positions::of).orElse(List.of());
        if (spots.isEmpty()) {
            all.addAll(alongFold(spec, id));
            return all;
        }
        Length w = spec.base().width();
        Length h = spec.base().height();
        Length step = spec.units().step();
        record Shift(Length dx, Length dy, long far) {}
        List<Shift> shifts = new ArrayList<>();
        for (int c = -COLUMNS; c <= COLUMNS; c++) {
            for (int r = -ROWS; r <= ROWS; r++) {
                Length dx =
                        Length.ofNanometres(w.nanometres() / (2 * COLUMNS) * c).roundedTo(step);
                Length dy = Length.ofNanometres(h.nanometres() / (2 * ROWS) * r).roundedTo(step);
                shifts.add(new Shift(dx, dy, dx.abs().plus(dy.abs()).nanometres()));
            }
        }
        shifts.stream()
                .filter(s -> s.far() > 0)
                .filter(s -> spots.stream()
                        .allMatch(p -> inside(p.now().plus(p.upright() ? s.dy() : s.dx()), p.upright() ? h : w)))
                .sorted(Comparator.comparingLong(Shift::far))
                .limit(PLACES - 1)
                .forEach(s -> all.add(Positions.moved(spec, id, s.dx(), s.dy())));
        return all;
    }

    /** What stands in a fold, at other places along that, the nearest first. */
    private static List<CardSpec> alongFold(CardSpec spec, Id id) {
        Optional<Lever> along = Lever.of(spec, id, Pull.ALONG);
        Length whole = Length.max(spec.base().width(), spec.base().height());
        List<CardSpec> all = new ArrayList<>();
        for (int i = 1; i <= COLUMNS && along.isPresent(); i++) {
            Length by = Length.ofNanometres(whole.nanometres() / (2 * COLUMNS) * i)
                    .roundedTo(spec.units().step());
            for (Length way : List.of(by, by.negated())) {
                along.get().by(way).ifPresent(r -> all.add(r.taken(spec)));
            }
        }
        return all;
    }

    private static boolean inside(Length at, Length side) {
        return at.isPositive() && at.isBelow(side);
    }

    /** Its larger sizes at a share, to the card's step. */
    private static CardSpec scaled(CardSpec spec, Id id, int percent) {
        CardSpec now = spec;
        for (String component : sizes(spec.piece(id).orElseThrow(), "")) {
            Length old = Reading.length(spec, id, component).orElseThrow();
            Length to = Length.ofNanometres(old.nanometres() / 100 * percent)
                    .roundedTo(spec.units().step());
            try {
                now = CardEdit.of(now).set(id, component, to.toString());
            } catch (RefusedException e) {
                continue;
            }
        }
        return now;
    }

    private static List<String> sizes(Object record, String stem) {
        List<String> all = new ArrayList<>();
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            Object value = recordType.get(record, component);
            boolean place =
                    component.asked().pull() == Pull.ACROSS || component.asked().pull() == Pull.UP;
            if (value instanceof Length length && !place && length.abs().isAbove(LARGE)) {
                all.add(stem + component.name());
            } else if (component.isFamily()) {
                all.addAll(sizes(value, stem + component.name() + "."));
            }
        }
        return all;
    }
}
