package dev.schachtel.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.Choices;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * Cards at the ends of what can be typed: every component of every record at its least, greatest, nought, just inside and
 * just outside, each of its choices, on cards where each kind of neighbour stands beside it; alone and in pairs, by seed.
 */
public final class EdgeCards {
    /** With what is raised, framed, worded, tucked, coloured, moving and standing up. */
    private static final List<String> NEIGHBOURS = List.of(
            "upper-station.json",
            "timetable.json",
            "guards-door.json",
            "ticket.json",
            "viaduct.json",
            "winter-hill.json",
            "turntable.json",
            "yard.json",
            "cable-drum.json",
            "luggage-label.json",
            "terraces.json");

    private static final List<CardSpec> CARDS =
            NEIGHBOURS.stream().map(f -> TestCards.whole(f).spec()).toList();

    private EdgeCards() {}

    /** One component of one record, set to some text. */
    public record Edge(String kind, String component, String text) {}

    /** Every component of every record at its edges. */
    public static List<Edge> edges() {
        List<Edge> all = new ArrayList<>();
        for (String kind : RandomCards.KINDS) {
            CardSpec card = CardEdit.of(CARDS.get(0)).add(kind);
            Piece piece = last(CARDS.get(0), card);
            edges(kind, piece, "", all);
        }
        for (String kind : RandomCards.BASES) {
            edges(kind, CardEdit.base(kind, Format.USUAL.get(0)), "", all);
        }
        edges("brief", CARDS.get(0).brief(), "", all);
        return all;
    }

    private static Piece last(CardSpec before, CardSpec after) {
        return after.pieces()
                .filter(p -> before.piece(p.id()).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static void edges(String kind, Object record, String stem, List<Edge> all) {
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component component : type.components()) {
            if (component.name().equals("id") || component.isList()) {
                continue;
            }
            String name = stem + component.name();
            Object now = type.get(record, component);
            texts(component, now).forEach(t -> all.add(new Edge(kind, name, t)));
            if (component.isFamily()) {
                for (Class<?> other : RecordType.kinds(component.content())) {
                    try {
                        Object turned =
                                RecordType.of(other).components().isEmpty() ? null : starter(record, component, other);
                        if (turned != null) {
                            edges(kind, turned, name + ".", all);
                        }
                    } catch (RefusedException needsMore) {
                        continue;
                    }
                }
            }
        }
    }

    /** The record of a family as a page would start it; its own if it is that already. */
    private static Object starter(Object record, RecordType.Component component, Class<?> other) {
        Object now = RecordType.of(record.getClass()).get(record, component);
        return other.isInstance(now) ? now : null;
    }

    private static List<String> texts(RecordType.Component component, Object now) {
        Asked asked = component.asked();
        List<String> all = new ArrayList<>();
        if (component.isOptional()) {
            all.add("");
        }
        if (component.content() == Length.class) {
            all.addAll(List.of("0 mm", "0.01 mm", "1000 mm"));
            for (String end : List.of(asked.min(), asked.max())) {
                if (!end.isEmpty()) {
                    Length at = LengthText.parse(end, Units.MM);
                    all.addAll(List.of(
                            at.toString(),
                            at.plus(Length.ofMicrometres(10)).toString(),
                            at.minus(Length.ofMicrometres(10)).toString()));
                }
            }
        } else if (component.content() == Integer.class || component.content() == int.class) {
            all.addAll(List.of("0", "1", "-1", "1000"));
            for (String end : List.of(asked.min(), asked.max())) {
                if (!end.isEmpty()) {
                    int at = Integer.parseInt(end);
                    all.addAll(List.of(end, Integer.toString(at + 1), Integer.toString(at - 1)));
                }
            }
        } else if (component.content() == Angle.class) {
            all.addAll(List.of("0", "1", "89", "90", "91", "179", "180", "181", "359", "360", "-1", "-180"));
        } else if (component.content() == boolean.class || component.content() == Boolean.class) {
            all.addAll(List.of("true", "false"));
        } else if (component.content().isEnum()) {
            for (Object choice : component.content().getEnumConstants()) {
                all.add(Scalars.kebab(((Enum<?>) choice).name()));
            }
        } else if (component.content() == MaterialId.class) {
            Choices.of(TestCards.WORKSHOP, asked.from()).stream().limit(6).forEach(c -> all.add(c.id().value()));
            all.add("nothing-of-this-name");
        } else if (component.content() == Id.class) {
            all.addAll(List.of("base", "front", "inside", "panel", "nowhere"));
        } else if (component.isFamily()) {
            RecordType.kinds(component.content()).forEach(k -> all.add(RecordType.word(k)));
        } else {
            all.addAll(List.of("", " ", "x".repeat(200), "“é” 雪 \u200b", "M0 0L10 10", "5 mm 5 mm; 20 mm, -3 mm"));
        }
        return all;
    }

    /** A card with one edge, or with two; empty text of a refusal is the card without it. */
    public static CardSpec card(List<Edge> edges, Random random) {
        CardSpec spec = CARDS.get(random.nextInt(CARDS.size()));
        int many = 1 + random.nextInt(2);
        for (int i = 0; i < many; i++) {
            spec = with(spec, edges.get(random.nextInt(edges.size())), random);
        }
        return spec;
    }

    /** With an edge on a piece that is there, or on a new one; the same card where the text is refused. */
    public static CardSpec with(CardSpec spec, Edge edge, Random random) {
        try {
            if (edge.kind.equals("brief")) {
                return CardEdit.of(spec).set(new Id("brief"), edge.component, edge.text);
            }
            if (RandomCards.BASES.contains(edge.kind)) {
                CardSpec based = RecordType.word(spec.base().getClass()).equals(edge.kind)
                        ? spec
                        : spec.withPieces(based(edge.kind, spec), spec.layers(), spec.features(), spec.elements());
                return CardEdit.of(based).set(Id.BASE, edge.component, edge.text);
            }
            List<Piece> there = spec.pieces()
                    .filter(p -> RecordType.word(p.getClass()).equals(edge.kind))
                    .toList();
            CardSpec now = spec;
            Id id;
            if (there.isEmpty() || random.nextInt(3) == 0) {
                now = CardEdit.of(spec).add(edge.kind);
                id = last(spec, now).id();
            } else {
                id = there.get(random.nextInt(there.size())).id();
            }
            return near(CardEdit.of(now).set(id, edge.component, edge.text), id, random);
        } catch (RefusedException e) {
            return spec;
        }
    }

    /** What may stand near a piece: raised, framed, worded, tucked under an edge, coloured, opening, moving. */
    private static final List<String> BESIDE = List.of(
            "panel",
            "motif",
            "frame",
            "sentiment",
            "greeting",
            "banner",
            "tab",
            "window",
            "door",
            "shaker",
            "slider",
            "treatment",
            "embellishment");

    /** With something of another kind within a few centimetres of a piece, raised as often as not. */
    private static CardSpec near(CardSpec spec, Id id, Random random) {
        List<String> kinds = BESIDE.stream().filter(RandomCards.KINDS::contains).toList();
        CardSpec now;
        Id other;
        try {
            now = CardEdit.of(spec).add(kinds.get(random.nextInt(kinds.size())));
            other = last(spec, now).id();
        } catch (RefusedException e) {
            return spec;
        }
        Piece piece = now.piece(id).orElseThrow();
        RecordType type = RecordType.of(piece.getClass());
        for (String component : List.of("on", "across", "up")) {
            Object at = type.component(component).map(c -> type.get(piece, c)).orElse(null);
            String text = at instanceof Length length
                    ? length.plus(Length.ofMillimetres(random.nextInt(81) - 40)).toString()
                    : at instanceof Optional<?> maybe && maybe.isPresent()
                            ? maybe.get().toString()
                            : String.valueOf(at);
            now = at == null ? now : set(now, other, component, text);
        }
        return random.nextBoolean() ? set(now, other, "fixing", "foam-tape-2") : now;
    }

    /** The same card where it has no such component, or refuses it. */
    private static CardSpec set(CardSpec spec, Id id, String component, String text) {
        try {
            return CardEdit.of(spec).set(id, component, text);
        } catch (RefusedException e) {
            return spec;
        }
    }

    private static Base based(String kind, CardSpec spec) {
        return CardEdit.base(kind, Format.USUAL.get(spec.units() == Units.INCH ? 0 : 5));
    }
}
