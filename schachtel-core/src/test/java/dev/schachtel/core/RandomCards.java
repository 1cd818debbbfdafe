package dev.schachtel.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Cards that nobody would think of, by seed. */
public final class RandomCards {
    public static final List<String> KINDS = RecordType.kinds(Piece.class).stream()
            .filter(k -> !Base.class.isAssignableFrom(k))
            .map(RecordType::word)
            .toList();
    public static final List<String> BASES =
            RecordType.kinds(Base.class).stream().map(RecordType::word).toList();
    private static final List<String> TEXTS = List.of(
            "0.1 mm",
            "1/64",
            "3 m",
            "2 in",
            "17.3 mm",
            "-1 m",
            "oval",
            "circle",
            "rectangle",
            "rounded-rectangle",
            "strips",
            "mitred-strips",
            "bent-strip",
            "one-piece",
            "front",
            "inside",
            "panel",
            "window",
            "window-2",
            "mat",
            "glue",
            "foam-tape-3",
            "foam-sheet-2",
            "gel",
            "sand",
            "nothing-like-it",
            "1",
            "3",
            "6",
            "60",
            "100",
            "top",
            "side",
            "mm",
            "true",
            "0 mm",
            "-40 mm",
            "-90",
            "350",
            "own",
            "arch",
            "house",
            "lantern",
            "straight",
            "arc",
            "legs",
            "round",
            "oblong",
            "pair",
            "bottom",
            "inlaid",
            "backed",
            "overlapping",
            "scalloped",
            "strip",
            "stop",
            "plain",
            "box",
            "set-back",
            "stairs",
            "none",
            "end-margin",
            "across",
            "down",
            "rim",
            "below",
            "frame",
            "door",
            "left-flap",
            "middle-2",
            "wrap-film",
            "foam-tape-1",
            "M0 0L10 0",
            "M0 0L10 10L10 0L0 10Z",
            "M0 0H30V20A10 10 0 0 1 0 20Z",
            "5 mm 5 mm; 20 mm, -3 mm");

    private RandomCards() {}

    /** So many changes, sensible or not, to an empty card. */
    public static CardSpec any(Random random, int changes) {
        Format format = Format.USUAL.get(random.nextInt(Format.USUAL.size()));
        Base base = CardEdit.base(BASES.get(random.nextInt(BASES.size())), format);
        CardSpec spec = CardSpec.of("Any", format.units(), Brief.PLAIN, base);
        if (random.nextInt(3) > 0) {
            spec = CardEdit.of(spec).add("mat");
        }
        for (int i = 0; i < changes; i++) {
            spec = changed(spec, random);
        }
        return spec;
    }

    private static CardSpec changed(CardSpec spec, Random random) {
        try {
            int what = random.nextInt(10);
            if (what < 4) {
                return CardEdit.of(spec).add(KINDS.get(random.nextInt(KINDS.size())));
            }
            List<Piece> pieces = spec.pieces().toList();
            Piece piece = pieces.get(random.nextInt(pieces.size()));
            if (what == 5 && random.nextInt(3) == 0) {
                return CardEdit.of(spec)
                        .tucked(
                                piece.id(),
                                pieces.get(random.nextInt(pieces.size())).id());
            }
            if (what == 4) {
                return CardEdit.of(spec).remove(piece.id());
            }
            return mutated(spec, piece, random);
        } catch (RefusedException e) {
            return spec;
        }
    }

    /** One component of one piece set to some text; the same card where that is refused. */
    public static CardSpec mutated(CardSpec spec, Random random) {
        List<Piece> pieces = spec.pieces().toList();
        try {
            return mutated(spec, pieces.get(random.nextInt(pieces.size())), random);
        } catch (RefusedException e) {
            return spec;
        }
    }

    private static CardSpec mutated(CardSpec spec, Piece piece, Random random) {
        List<String> components = new ArrayList<>();
        components(piece, "", components);
        String component = components.get(random.nextInt(components.size()));
        return CardEdit.of(spec).set(piece.id(), component, TEXTS.get(random.nextInt(TEXTS.size())));
    }

    /**
     * A card with one thing changed that a maker could change: any number, choice, material or reference of any piece or of
     * the brief, or one more feature beside what is there; the same card where that is refused.
     */
    public static CardSpec changedByHand(CardSpec spec, Random random) {
        try {
            int what = random.nextInt(8);
            if (what == 0) {
                return CardEdit.of(spec).add(KINDS.get(random.nextInt(KINDS.size())));
            }
            if (what == 1) {
                return by(spec, new Id("brief"), spec.brief(), random);
            }
            List<Piece> pieces = spec.pieces().toList();
            Piece piece = pieces.get(random.nextInt(pieces.size()));
            return by(spec, piece.id(), piece, random);
        } catch (RefusedException e) {
            return spec;
        }
    }

    private static CardSpec by(CardSpec spec, Id id, Object record, Random random) {
        List<String> names = new ArrayList<>();
        components(record, "", names);
        String name = names.get(random.nextInt(names.size()));
        Object holder = record;
        RecordType recordType = RecordType.of(record.getClass());
        String[] path = name.split("\\.");
        for (int i = 0; i + 1 < path.length; i++) {
            holder = recordType.get(holder, recordType.component(path[i]).orElseThrow());
            recordType = RecordType.of(holder.getClass());
        }
        RecordType.Component component =
                recordType.component(path[path.length - 1]).orElseThrow();
        return CardEdit.of(spec).set(id, name, text(spec, component, recordType.get(holder, component), random));
    }

    private static String text(CardSpec spec, RecordType.Component component, Object now, Random random) {
        if (now instanceof Length length) {
            double[] factors = {0, 0.25, 0.5, 0.8, 0.95, 1.05, 1.25, 2, 4};
            double mm = random.nextInt(4) == 0
                    ? random.nextInt(1200) / 10.0
                    : length.nanometres() / 1e6 * factors[random.nextInt(factors.length)];
            return Math.round(mm * 100) / 100.0 + " mm";
        } else if (now instanceof Integer) {
            return Integer.toString(random.nextInt(random.nextBoolean() ? 8 : 120));
        } else if (now instanceof Boolean flag) {
            return Boolean.toString(!flag);
        } else if (now instanceof Enum<?> choice) {
            Object[] all = choice.getDeclaringClass().getEnumConstants();
            return Scalars.kebab(((Enum<?>) all[random.nextInt(all.length)]).name());
        } else if (now instanceof MaterialId) {
            var choices = Choices.of(TestCards.WORKSHOP, component.asked().from());
            return choices.get(random.nextInt(choices.size())).id().value();
        } else if (now instanceof Id) {
            List<Piece> pieces = spec.pieces().toList();
            return pieces.get(random.nextInt(pieces.size())).id().value();
        } else if (component.isFamily()) {
            List<Class<?>> kinds = RecordType.kinds(component.content());
            return RecordType.word(kinds.get(random.nextInt(kinds.size())));
        }
        return TEXTS.get(random.nextInt(TEXTS.size()));
    }

    private static void components(Object record, String stem, List<String> all) {
        RecordType recordType = RecordType.of(record.getClass());
        for (RecordType.Component component : recordType.components()) {
            all.add(stem + component.name());
            if (component.isFamily()) {
                components(recordType.get(record, component), stem + component.name() + ".", all);
            }
        }
    }
}
