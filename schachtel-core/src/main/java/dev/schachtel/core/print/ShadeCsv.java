package dev.schachtel.core.print;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import dev.schachtel.core.edit.ShadeEdit;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Pens, inks and powders as comma separated values (RFC 4180): name, medium, colour, level, family. Ids follow from names. */
public final class ShadeCsv {
    private static final String[] HEAD = {"name", "medium", "colour", "level", "family"};
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(HEAD)
            .setSkipHeaderRecord(true)
            .get();

    private ShadeCsv() {}

    public static String write(List<Shade> shades) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv =
                new CSVPrinter(out, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            for (Shade s : shades) {
                csv.printRecord(
                        CsvText.safe(s.name()),
                        Scalars.kebab(s.medium().name()),
                        s.colour().hex(),
                        Scalars.kebab(s.level().name()),
                        CsvText.safe(s.family()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /**
     * Those of a list; what has the name and medium of one that is there keeps its id.
     *
     * @throws RefusedException with the line and what is wrong there
     */
    public static List<Shade> read(String text, List<Shade> now) {
        ShadeEdit edit = new ShadeEdit(List.of());
        try (CSVParser csv = FORMAT.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            for (CSVRecord line : csv) {
                edit = new ShadeEdit(read(line, edit, now));
            }
        } catch (RefusedException e) {
            throw e;
        } catch (IOException | IllegalArgumentException e) {
            throw new RefusedException("list", "can't be read: " + e.getMessage());
        }
        if (edit.shades().isEmpty()) {
            throw new RefusedException("list", "has no line with " + String.join(", ", HEAD));
        }
        return edit.shades();
    }

    private static List<Shade> read(CSVRecord line, ShadeEdit edit, List<Shade> now) {
        String where = "line " + (line.getRecordNumber() + 1);
        if (line.size() != HEAD.length) {
            throw new RefusedException(where, "has " + line.size() + " entries, not " + HEAD.length);
        }
        try {
            List<Shade> all = new ArrayList<>(edit.add(CsvText.plain(line.get(0)), line.get(1), line.get(2)));
            Shade fresh = all.get(all.size() - 1);
            Shade named = now.stream()
                    .filter(s -> s.name().equals(fresh.name()) && s.medium() == fresh.medium())
                    .filter(s -> edit.shades().stream().noneMatch(o -> o.id().equals(s.id())))
                    .findFirst()
                    .map(s -> new Shade(s.id(), fresh.name(), fresh.medium(), fresh.colour(), fresh.level(), "", 0))
                    .orElse(fresh);
            all.set(all.size() - 1, named);
            List<Shade> levelled = new ShadeEdit(all).set(named.id(), "level", line.get(3));
            return new ShadeEdit(levelled).set(named.id(), "family", CsvText.plain(line.get(4)));
        } catch (RefusedException e) {
            throw new RefusedException(where, e.getMessage());
        }
    }
}
