package dev.schachtel.app.log;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.model.RefusedException;

/** What was typed into the logbook, read or refused in plain words. */
final class Typed {
    private Typed() {}

    static String text(String field, @Nullable String typed, int most) {
        String text = typed == null ? "" : typed.strip();
        if (text.length() > most) {
            throw new RefusedException(field, "is longer than " + most + " letters");
        }
        String plain = text.replaceAll("\\s+", " ");
        if (plain.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedException(field, "holds characters that can't be printed");
        }
        return plain;
    }

    static String needed(String field, @Nullable String typed, int most) {
        String text = text(field, typed, most);
        if (text.isEmpty()) {
            throw new RefusedException(field, "is empty");
        }
        return text;
    }

    static int whole(String field, @Nullable String typed, int least, int most) {
        String text = typed == null ? "" : typed.strip();
        boolean number = text.matches("-?\\d{1,9}");
        if (!number || Integer.parseInt(text) < least || Integer.parseInt(text) > most) {
            throw new RefusedException(field, "must be a whole number from " + least + " to " + most);
        }
        return Integer.parseInt(text);
    }

    static Optional<LocalDate> day(String field, @Nullable String typed) {
        String text = typed == null ? "" : typed.strip();
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            throw new RefusedException(
                    field,
                    "'" + text.substring(0, Math.min(40, text.length())) + "' is no day; write it as 2027-05-31");
        }
    }
}
