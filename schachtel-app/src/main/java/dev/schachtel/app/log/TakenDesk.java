package dev.schachtel.app.log;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.log.LogEntry.Drawn;
import dev.schachtel.core.material.Take;
import dev.schachtel.core.model.RefusedException;

/** What a build took of the drawer, in words, and as it is typed: rolls in metres, pens and bottles in percent of a full one. */
final class TakenDesk {
    private static final int MOST = 1_000_000;

    private TakenDesk() {}

    static List<LogView.Taken> of(LogEntry entry) {
        return IntStream.range(0, entry.stock().size())
                .mapToObj(i -> line(entry, i))
                .toList();
    }

    private static LogView.Taken line(LogEntry entry, int which) {
        Drawn d = entry.stock().get(which);
        String back = d.of() == Take.Of.BACK
                ? " into the offcut box"
                : d.of() == Take.Of.OFFCUTS ? " from the offcut box" : "";
        return new LogView.Taken(
                "taken-" + which,
                d.name() + back + numbered(entry, which),
                shown(d, d.planned()),
                d.taken() < 0 ? "" : shown(d, d.taken()),
                unit(d.of()),
                d.taken() >= 0 && d.taken() != d.planned());
    }

    /** Rolls of one kind, in the order in which they are taken. */
    private static String numbered(LogEntry entry, int which) {
        Drawn d = entry.stock().get(which);
        List<Drawn> alike = entry.stock().stream()
                .filter(o -> d.of() == Take.Of.MILLIMETRES && o.name().equals(d.name()))
                .toList();
        return alike.size() < 2 ? "" : ", roll " + (alike.indexOf(d) + 1);
    }

    private static String shown(Drawn d, int amount) {
        return switch (d.of()) {
            case MILLIMETRES -> plain(amount, 3, 2);
            case THOUSANDTHS -> plain(amount, 1, 1);
            case SHEETS, OFFCUTS, BACK, PIECES -> "" + amount;
        };
    }

    private static String plain(int amount, int scale, int digits) {
        return BigDecimal.valueOf(amount, scale)
                .setScale(digits, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String unit(Take.Of of) {
        return switch (of) {
            case SHEETS -> "sheets";
            case OFFCUTS, BACK, PIECES -> "pieces";
            case MILLIMETRES -> "m";
            case THOUSANDTHS -> "% of a full one";
        };
    }

    /**
     * What was typed, one text for each line of the build's list; nothing where nobody counted.
     *
     * @throws RefusedException with the thing and what can be typed
     */
    static List<Integer> counted(LogEntry entry, @Nullable List<String> typed) {
        List<String> texts = typed == null ? List.of() : typed;
        if (texts.size() != entry.stock().size()) {
            throw new RefusedException("stock", "is another list by now; load the page again");
        }
        List<Integer> amounts = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            Drawn d = entry.stock().get(i);
            String text = texts.get(i).strip();
            boolean same = text.equals(shown(d, d.amount()));
            amounts.add(text.isEmpty() ? -1 : same ? d.amount() : amount(d, text));
        }
        return amounts;
    }

    private static int amount(Drawn d, String text) {
        int scale = d.of() == Take.Of.MILLIMETRES ? 3 : d.of() == Take.Of.THOUSANDTHS ? 1 : 0;
        String number =
                text.toLowerCase(Locale.ROOT).replaceAll("\\s*(m|%)$", "").replace(',', '.');
        boolean readable = number.matches(scale == 0 ? "\\d{1,6}" : "\\d{1,6}(\\.\\d{1,6})?");
        BigDecimal amount = readable ? new BigDecimal(number).movePointRight(scale) : BigDecimal.valueOf(-1);
        if (amount.signum() < 0 || amount.compareTo(BigDecimal.valueOf(MOST)) > 0) {
            String asked = scale == 0 ? "a whole number" : "a number of " + unit(d.of());
            throw new RefusedException(
                    d.name(), "'" + text.substring(0, Math.min(40, text.length())) + "' must be " + asked);
        }
        return amount.setScale(0, RoundingMode.HALF_UP).intValue();
    }

    /** In one line, what matters most of it. */
    static String summary(LogEntry entry) {
        List<String> parts = new ArrayList<>();
        add(parts, sum(entry, Take.Of.SHEETS), "sheet", "sheets");
        int millimetres = sum(entry, Take.Of.MILLIMETRES);
        if (millimetres > 0) {
            parts.add(plain(millimetres, 3, 1) + " m off rolls");
        }
        add(parts, sum(entry, Take.Of.OFFCUTS), "piece from the offcut box", "pieces from the offcut box");
        add(parts, sum(entry, Take.Of.PIECES), "small thing", "small things");
        int back = sum(entry, Take.Of.BACK);
        String put = back == 0
                ? ""
                : back == 1 ? " One piece went into the offcut box." : " " + back + " pieces went into the offcut box.";
        boolean counted = entry.stock().stream().anyMatch(d -> d.taken() >= 0);
        return parts.isEmpty() && put.isEmpty()
                ? ""
                : "It took " + (parts.isEmpty() ? "little" : String.join(", ", parts))
                        + (counted ? "." : ", by the plan.") + put;
    }

    private static void add(List<String> parts, int amount, String one, String many) {
        if (amount > 0) {
            parts.add(amount + " " + (amount == 1 ? one : many));
        }
    }

    private static int sum(LogEntry entry, Take.Of of) {
        return entry.stock().stream()
                .filter(d -> d.of() == of)
                .mapToInt(Drawn::amount)
                .sum();
    }
}
