package dev.schachtel.core.edit;

import java.util.List;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Technique;

/** Changes to the technique book, by text as the maker types it. Seconds 0 to 36 000, minutes 0 to 10 000. */
public final class BookEdit {
    private static final int MOST_SECONDS = 36_000;
    private static final int MOST_MINUTES = 10_000;
    private final List<Technique> book;

    private BookEdit(List<Technique> book) {
        this.book = book;
    }

    public static BookEdit of(List<Technique> book) {
        return new BookEdit(book);
    }

    /**
     * One component of a technique: name, tool, setUp, each (seconds), dryMinutes or washWithin (minutes).
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

    private static Technique changed(Technique t, String component, String text) {
        Object value =
                switch (component) {
                    case "name", "tool" -> words(component, text);
                    case "setUp", "each" -> whole(text, MOST_SECONDS);
                    case "dryMinutes", "washWithin" -> whole(text, MOST_MINUTES);
                    default -> throw new RefusedException(component, "is nothing that a technique has");
                };
        Anatomy anatomy = Anatomy.of(Technique.class);
        Anatomy.Bone bone = anatomy.bone(component).orElseThrow();
        return (Technique) anatomy.with(t, bone, value, component);
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
