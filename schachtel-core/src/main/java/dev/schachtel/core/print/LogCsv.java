package dev.schachtel.core.print;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import dev.schachtel.core.log.LogEntry;
import dev.schachtel.core.model.RefusedException;

/** The log for a spreadsheet, a line a build, and such lines read back. Times are minutes, days are as 2027-05-31. */
public final class LogCsv {
    private static final String[] COLUMNS = {
        "card", "finished on", "made", "spoiled", "planned min", "taken min", "mishaps", "who", "words"
    };
    private static final int MOST = 5_000;
    private static final int LONGEST = 2_000;

    private LogCsv() {}

    public static String write(List<LogEntry> entries) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(
                out, CSVFormat.RFC4180.builder().setHeader(COLUMNS).get())) {
            for (LogEntry e : entries) {
                csv.printRecord(
                        CsvText.safe(e.name()),
                        e.day(),
                        e.made(),
                        e.spoiled(),
                        Math.round(e.planned() / 60.0),
                        Math.round(e.taken() / 60.0),
                        e.mishaps().size(),
                        CsvText.safe(who(e)),
                        CsvText.safe(e.words()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String who(LogEntry e) {
        return e.given().stream()
                .map(g -> g.cards() + " " + g.who())
                .reduce((a, b) -> a + "; " + b)
                .orElse("");
    }

    /**
     * Reads lines with such columns; who got a build and what went wrong are not read from them, but from JSON.
     *
     * @throws RefusedException with the line of the first thing that is wrong
     */
    public static List<LogEntry> read(String text) {
        List<LogEntry> entries = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text))) {
            for (CSVRecord line : csv) {
                if (entries.size() == MOST) {
                    throw new RefusedException("log", "has more than " + MOST + " lines");
                }
                entries.add(entry(line));
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new RefusedException("log", "is no list of builds: " + e.getMessage());
        }
        return entries;
    }

    private static LogEntry entry(CSVRecord line) {
        String name = plain(line, "card");
        if (name.isEmpty() || name.length() > 200) {
            throw refused(line, "has no card’s name of up to 200 letters");
        }
        LocalDate day;
        try {
            day = LocalDate.parse(plain(line, "finished on"));
        } catch (DateTimeParseException e) {
            throw refused(line, "has no day such as 2027-05-31");
        }
        String words = plain(line, "words");
        return new LogEntry(
                        name,
                        day,
                        whole(line, "made", 1),
                        whole(line, "spoiled", 0),
                        60 * whole(line, "planned min", 0),
                        60 * whole(line, "taken min", 0),
                        List.of(),
                        List.of(),
                        List.of(),
                        words.substring(0, Math.min(LONGEST, words.length())),
                        List.of())
                .fromOutside("line " + line.getRecordNumber());
    }

    private static int whole(CSVRecord line, String column, int otherwise) {
        String text = plain(line, column);
        if (text.isEmpty()) {
            return otherwise;
        }
        if (!text.matches("\\d{1,6}")) {
            throw refused(
                    line,
                    "has “" + text.substring(0, Math.min(40, text.length())) + "” for “" + column
                            + "”, which is no number");
        }
        return Integer.parseInt(text);
    }

    private static String plain(CSVRecord line, String column) {
        String text = Optional.of(line)
                .filter(l -> l.isMapped(column) && l.isSet(column))
                .map(l -> l.get(column))
                .orElse("");
        return CsvText.plain(text.replaceAll("\\p{Cntrl}", " ").strip());
    }

    private static RefusedException refused(CSVRecord line, String why) {
        return new RefusedException("log", "line " + (line.getRecordNumber() + 1) + " " + why);
    }
}
