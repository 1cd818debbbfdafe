package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Changes to the technique book, by text as the maker types it. Seconds 0 to 36 000, minutes 0 to 10 000. */
public final class BookEdit {
    private static final int MOST_SECONDS = 36_000;
    private static final int MOST_MINUTES = 10_000;
    private static final int MOST = 200;

    private final List<Technique> book;

    private static final Length HIGHEST = Length.ofMillimetres(20);

    private BookEdit(List<Technique> book) {
        this.book = book;
    }

    public static BookEdit of(List<Technique> book) {
        return new BookEdit(book);
    }

    /**
     * One component of a technique: name, tool, setUp, each (seconds), dryMinutes, washWithin (minutes) or
     * hazard (none, heat, solvent, dust), medium, or raises (a length, 0 to 20 mm).
     *
     * @throws RefusedException with what was typed and what is allowed
     */
    public List<Technique> set(MaterialId id, String component, String text) {
        if (book.stream().noneMatch(t -> t.id().equals(id))) {
            throw new RefusedException(id.value(), "is not in the technique book");
        }
        return book.stream()
                .map(t -> t.id().equals(id) ? changed(t, component, text.strip()) : t)
                .toList();
    }

    /**
     * A new way with the times of the first of its kind, or a minute each where there is none.
     *
     * @throws RefusedException if it has no name, or the book is full
     */
    public List<Technique> add(String name, Surfacing kind) {
        String called = words("name", name.strip());
        if (book.size() >= MOST) {
            throw new RefusedException("technique book", "is full; take out what you no longer use");
        }
        Technique like = book.stream()
                .filter(t -> t.kind() == kind)
                .findFirst()
                .orElse(new Technique(
                        free("x"), called, kind, "by hand", 60, 60, 5, 0, Hazard.NONE, kind.medium(), kind.raises()));
        List<Technique> all = new ArrayList<>(book);
        all.add(new Technique(
                free(called),
                called,
                kind,
                like.tool(),
                like.setUp(),
                like.each(),
                like.dryMinutes(),
                like.washWithin(),
                like.hazard(),
                like.medium(),
                like.raises()));
        return all;
    }

    /**
     * Without a way.
     *
     * @throws RefusedException if it is the last
     */
    public List<Technique> remove(MaterialId id) {
        List<Technique> rest = book.stream().filter(t -> !t.id().equals(id)).toList();
        if (rest.isEmpty()) {
            throw new RefusedException("technique book", "must keep one way at least");
        }
        return rest;
    }

    private MaterialId free(String name) {
        String slug =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String cut = slug.length() > 30 ? slug.substring(0, 30) : slug;
        String root = cut.matches("[a-z].*") ? cut.replaceAll("-$", "") : "way";
        return Stream.iterate(1, i -> i + 1)
                .map(i -> new MaterialId(i == 1 ? root : root + "-" + i))
                .filter(id -> book.stream().noneMatch(t -> t.id().equals(id)))
                .findFirst()
                .orElseThrow();
    }

    private static Hazard hazard(Technique t, String word) {
        Hazard asked = Arrays.stream(Hazard.values())
                .filter(h -> Scalars.kebab(h.name()).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("'" + word + "'", "is no hazard that is known here"));
        if (t.kind().hazard() != Hazard.NONE && asked != t.kind().hazard()) {
            throw new RefusedException(
                    t.name(),
                    "always has the hazard of its kind: "
                            + Scalars.kebab(t.kind().hazard().name()));
        }
        return asked;
    }

    private static Medium medium(String word) {
        return Arrays.stream(Medium.values())
                .filter(m -> Scalars.kebab(m.name()).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException("'" + word + "'", "is no medium that is known here"));
    }

    private static Technique changed(Technique t, String component, String text) {
        Object value =
                switch (component) {
                    case "name", "tool" -> words(component, text);
                    case "setUp", "each" -> whole(text, MOST_SECONDS);
                    case "hazard" -> hazard(t, text);
                    case "medium" -> medium(text);
                    case "raises" -> raises(text);
                    case "dryMinutes", "washWithin" -> whole(text, MOST_MINUTES);
                    default -> throw new RefusedException(component, "is nothing that a technique has");
                };
        RecordType recordType = RecordType.of(Technique.class);
        RecordType.Component field = recordType.component(component).orElseThrow();
        return (Technique) recordType.with(t, field, value, component);
    }

    private static Length raises(String text) {
        Length length = Scalars.readLength(text, Units.MM, "raises");
        if (length.isNegative() || length.isAbove(HIGHEST)) {
            throw new RefusedException("'" + text + "'", "must be from 0 to " + Units.MM.show(HIGHEST) + " mm");
        }
        return length;
    }

    private static String words(String component, String text) {
        if (text.isEmpty() || text.length() > 80) {
            throw new RefusedException(component, "must have 1 to 80 letters");
        }
        return text;
    }

    private static int whole(String text, int most) {
        if (!text.matches("\\d{1,6}") || Integer.parseInt(text) > most) {
            throw new RefusedException("'" + text + "'", "must be a whole number from 0 to " + most);
        }
        return Integer.parseInt(text);
    }
}
