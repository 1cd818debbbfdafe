package dev.schachtel.core.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

import dev.schachtel.core.assembly.Assembly;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.check.Findings;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * Makes cards faulty by one change, by seeded search: a number, choice or material of some piece is changed until the checks find
 * exactly the fault that is wanted and nothing else. It looks first where a sound card proves that it has none of it.
 * The same cards, workshop, mistake and seed give the same exercise.
 */
public final class Faults {
    /** After so many changes that made another card another search is better. */
    static final int TRIES = 900;

    private static final double[] FACTORS = {0.3, 0.5, 0.7, 0.85, 1.15, 1.3, 1.6, 2.2};
    private static final int[] MILLIMETRES = {-12, -8, -4, 4, 8, 12};
    private static final double WHERE_PROVED = 0.8;

    private final List<Sound> cards;
    private final Workshop workshop;

    /** A card without any fault that is practised. */
    private record Sound(CardSpec card, Findings findings) {
        List<Piece> proving(Mistake mistake) {
            return findings.of(Severity.WORKS).of(mistake.near()).all().stream()
                    .flatMap(f -> card.piece(f.owner()).stream())
                    .distinct()
                    .toList();
        }
    }

    /** A component of a piece, and the value that it has. */
    private record Spot(Sound card, Piece piece, String name, RecordType.Component component, Object value) {}

    /** Cards with a fault that is practised, or with anything to mend, are left out. */
    public Faults(List<CardSpec> cards, Workshop workshop) {
        this.workshop = workshop;
        this.cards = cards.stream()
                .map(c -> new Sound(c, Checked.of(c, workshop).findings()))
                .filter(s -> faults(s.findings).isEmpty() && s.findings.count(Severity.MEND) == 0)
                .toList();
    }

    private static List<Finding> faults(Findings findings) {
        return findings.all().stream()
                .filter(f -> f.severity() != Severity.WORKS)
                .filter(f -> Mistake.of(f.rule()).isPresent())
                .toList();
    }

    /** Empty if none was found; another seed may do better. */
    public Optional<Exercise> make(Mistake mistake, long seed) {
        Random random = new Random(seed * 31 + mistake.name().hashCode());
        for (int i = 0; i < TRIES && !cards.isEmpty(); i++) {
            Optional<Exercise> made = spot(mistake, random).flatMap(s -> made(mistake, s, random));
            if (made.isPresent()) {
                return made;
            }
        }
        return Optional.empty();
    }

    private Optional<Spot> spot(Mistake mistake, Random random) {
        List<Sound> proving =
                cards.stream().filter(s -> !s.proving(mistake).isEmpty()).toList();
        boolean proved = !proving.isEmpty() && random.nextDouble() < WHERE_PROVED;
        Sound card = any(proved ? proving : cards, random);
        List<Piece> pieces = proved ? card.proving(mistake) : card.card.pieces().toList();
        // Every kind of piece has the same chance: a scene has thirty trees and one door.
        Class<?> type = any(pieces.stream().map(Object::getClass).distinct().toList(), random);
        Piece piece = any(pieces.stream().filter(p -> p.getClass() == type).toList(), random);
        List<Spot> spots = new ArrayList<>();
        spots(card, piece, piece, "", spots);
        return spots.isEmpty() ? Optional.empty() : Optional.of(any(spots, random));
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private static void spots(Sound card, Piece piece, Object record, String stem, List<Spot> all) {
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component c : type.components()) {
            Object value = type.get(record, c);
            boolean plain = value instanceof Length
                    || value instanceof Integer
                    || value instanceof Boolean
                    || value instanceof Enum<?>
                    || value instanceof MaterialId;
            if (plain && !c.isOptional()) {
                all.add(new Spot(card, piece, stem + c.name(), c, value));
            } else if (value instanceof Record inner
                    && RecordType.of(inner.getClass()).components().size() > 1) {
                spots(card, piece, inner, stem + c.name() + ".", all);
            }
        }
    }

    private Optional<Exercise> made(Mistake mistake, Spot spot, Random random) {
        CardSpec sound = spot.card.card;
        Optional<String> text = text(spot, sound.units(), random);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        Change change = new Change(spot.piece.id(), spot.name, text.get());
        try {
            CardSpec faulty = CardEdit.of(sound).set(change.piece(), change.component(), change.value());
            Checked checked = Checked.of(faulty, workshop);
            return alone(mistake, checked)
                    .filter(found -> canBeBuilt(checked.build()))
                    .map(found -> new Exercise(mistake, faulty, checked, change, written(spot.value), found));
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }

    /** Hands can do every step: else it has a second fault, which only the order of work shows. */
    private boolean canBeBuilt(Build build) {
        return Rehearsal.of(build, Assembly.plan(build, workshop)).isEmpty();
    }

    /** The one finding, if it is of this mistake, and nothing else is to mend. */
    static Optional<Finding> alone(Mistake mistake, Checked card) {
        List<Finding> faults = faults(card.findings());
        boolean one = faults.size() == 1 && faults.get(0).rule() == mistake.rule();
        long others = card.findings().of(Severity.MEND).all().stream()
                .filter(f -> f.rule() != mistake.rule())
                .count();
        return one && others == 0 ? Optional.of(faults.get(0)) : Optional.empty();
    }

    private Optional<String> text(Spot spot, Units units, Random random) {
        Object value = spot.value;
        if (value instanceof Length length) {
            return Optional.of(written(other(length, units, random)));
        } else if (value instanceof Integer number) {
            return Optional.of("" + (random.nextBoolean() ? number * 2 : number + (random.nextBoolean() ? 1 : -1)));
        } else if (value instanceof Boolean flag) {
            return Optional.of("" + !flag);
        }
        List<String> others = value instanceof MaterialId now
                ? Choices.of(workshop, spot.component.asked().from()).stream()
                        .filter(c -> !c.id().equals(now))
                        .map(c -> c.id().value())
                        .toList()
                : Stream.of(value)
                        .flatMap(v ->
                                Arrays.stream(((Enum<?>) v).getDeclaringClass().getEnumConstants()))
                        .filter(o -> o != value)
                        .map(Faults::written)
                        .toList();
        return others.isEmpty() ? Optional.empty() : Optional.of(any(others, random));
    }

    /** A size such as a maker would take by mistake, on the ruler of the card. */
    private static Length other(Length length, Units units, Random random) {
        boolean shifted = random.nextInt(3) == 0;
        Length raw = shifted
                ? length.plus(Length.ofMillimetres(MILLIMETRES[random.nextInt(MILLIMETRES.length)]))
                : Length.ofMicrometres(Math.round(length.nanometres() / 1e3 * FACTORS[random.nextInt(FACTORS.length)]));
        return raw.roundedTo(units.step());
    }

    private static String written(Object value) {
        return value instanceof Length l
                ? Units.MM.exact(l)
                : value instanceof Enum<?> e ? Scalars.kebab(e.name()) : "" + value;
    }
}
