package dev.schachtel.core.model;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.PathData;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.LengthTextException;
import dev.schachtel.core.measure.Units;

/** Single values as text and back. Lengths without a unit count in the card's units. */
public final class Scalars {
    /** Any length that is asked for lies between these unless the component says otherwise. */
    public static final Length SHORTEST = Length.ofMicrometres(100);

    public static final Length LONGEST = Length.ofMillimetres(3000);
    static final int LONGEST_TEXT = 200;
    private static final int MOST = 1_000_000;

    private Scalars() {}

    /** {@code ONE_PIECE} and {@code OnePiece} become {@code one-piece}. */
    public static String kebab(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1-$2").replace('_', '-').toLowerCase(Locale.ROOT);
    }

    public static boolean isScalar(Class<?> type) {
        return type == Length.class
                || type == String.class
                || type == int.class
                || type == boolean.class
                || type == Id.class
                || type == MaterialId.class
                || type == LocalDate.class
                || type == Colour.class
                || type == PathData.class
                || type.isEnum();
    }

    /**
     * The value that text stands for.
     *
     * @throws RefusedException with path and the reason in words
     */
    public static Object read(RecordType.Component component, String text, Units units, String path) {
        try {
            Object value = plain(component, text, units, path);
            return component.isOptional() ? Optional.of(value) : value;
        } catch (LengthTextException e) {
            throw new RefusedException(path, e.getMessage());
        } catch (DateTimeParseException e) {
            throw new RefusedException(path, "'" + text + "' is no date; write it as 2027-05-31");
        } catch (IllegalArgumentException | ArithmeticException e) {
            throw new RefusedException(path, String.valueOf(e.getMessage()));
        }
    }

    /**
     * The length a text says; a plain number counts in the units given.
     *
     * @throws RefusedException with path and the reason in words
     */
    public static Length readLength(String text, Units units, String path) {
        try {
            return LengthText.parse(text, units);
        } catch (LengthTextException e) {
            throw new RefusedException(path, String.valueOf(e.getMessage()));
        }
    }

    private static Object plain(RecordType.Component component, String text, Units units, String path) {
        Class<?> type = component.content();
        if (type == Length.class) {
            return length(component.asked(), text, units, path);
        } else if (type == int.class) {
            return whole(component.asked(), text, path);
        } else if (type == boolean.class) {
            if (!text.equals("true") && !text.equals("false")) {
                throw new RefusedException(path, "'" + text + "' must be true or false");
            }
            return Boolean.valueOf(text);
        } else if (type == Id.class) {
            return new Id(text);
        } else if (type == MaterialId.class) {
            return new MaterialId(text);
        } else if (type == LocalDate.class) {
            return LocalDate.parse(text);
        } else if (type == Colour.class) {
            return Colour.parse(text);
        } else if (type == PathData.class) {
            return new PathData(text);
        } else if (type.isEnum()) {
            return Arrays.stream(type.getEnumConstants())
                    .filter(c -> kebab(((Enum<?>) c).name()).equals(text))
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(path, "'" + text + "' is none of " + words(type)));
        }
        return text(text, component.asked(), path);
    }

    private static String words(Class<?> type) {
        return Arrays.stream(type.getEnumConstants())
                .map(c -> kebab(((Enum<?>) c).name()))
                .collect(Collectors.joining(", "));
    }

    /** How many letters a text may have. */
    /** The most letters of a text. */
    public static int longest(Asked asked) {
        return asked.max().isEmpty() ? LONGEST_TEXT : Integer.parseInt(asked.max());
    }

    private static String text(String text, Asked asked, String path) {
        int most = longest(asked);
        if (text.length() > most) {
            throw new RefusedException(path, "is longer than " + most + " letters");
        }
        if (text.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedException(path, "holds characters that can't be printed");
        }
        return text.strip();
    }

    private static Length length(Asked asked, String text, Units units, String path) {
        Length value = LengthText.parse(text, units);
        if (asked.value().isEmpty()) {
            return value;
        }
        Length least = asked.min().isEmpty() ? SHORTEST : LengthText.parse(asked.min(), Units.MM);
        Length most = asked.max().isEmpty() ? LONGEST : LengthText.parse(asked.max(), Units.MM);
        if (value.isBelow(least) || value.isAbove(most)) {
            Units shown = least.isPositive() && least.isBelow(units.fineStep()) ? Units.MM : units;
            throw new RefusedException(
                    path,
                    "'" + text.strip() + "' is " + (value.isBelow(least) ? "too small" : "too large") + "; between "
                            + shown.show(least) + " and " + shown.show(most) + " " + shown.sign()
                            + " can be made");
        }
        return value;
    }

    private static int whole(Asked asked, String text, String path) {
        int least = asked.min().isEmpty() ? 0 : Integer.parseInt(asked.min());
        int most = asked.max().isEmpty() ? MOST : Integer.parseInt(asked.max());
        if (!text.strip().matches("-?\\d{1,9}")) {
            throw new RefusedException(path, "'" + text.strip() + "' is no whole number");
        }
        int value = Integer.parseInt(text.strip());
        if (value < least || value > most) {
            throw new RefusedException(path, "'" + value + "' must be " + least + " to " + most);
        }
        return value;
    }

    /** The exact text that {@link #read} takes back; lengths with their unit, in the card's units where exact. */
    public static String write(Object value, Units units) {
        if (value instanceof Length length) {
            return units.exact(length);
        } else if (value instanceof Enum<?> e) {
            return kebab(e.name());
        } else if (value instanceof Colour colour) {
            return colour.hex();
        } else if (value instanceof Optional<?> optional) {
            return optional.map(inner -> write(inner, units)).orElse("");
        }
        return value.toString();
    }

    /** What was typed, cut off where it is too long to be said again. */
    public static String shorten(String text) {
        return text.length() <= 60 ? text : text.substring(0, 60) + "…";
    }
}
