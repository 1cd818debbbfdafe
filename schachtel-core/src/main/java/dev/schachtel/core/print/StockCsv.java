package dev.schachtel.core.print;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import dev.schachtel.core.edit.StockEdit;
import dev.schachtel.core.files.RecordCodec;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.LengthTextException;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;

/**
 * The drawer as comma separated values (RFC 4180): one line a sheet, offcut, roll or die; sizes in millimetres, prices in
 * hundredths. No text begins as a formula does. A die has its shape in the column of the material and the distance of its stitches from the edge in that of
 * what is left; a list without dies leaves the register as it is. As many of each sort are
 * read as a workshop's document may have.
 */
public final class StockCsv {
    private static final String[] HEAD = {
        "sort",
        "id",
        "material",
        "width mm",
        "height mm",
        "grain",
        "directed",
        "count",
        "left mm",
        "price hundredths",
        "name",
        "set"
    };
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(HEAD)
            .setSkipHeaderRecord(true)
            .get();

    private StockCsv() {}

    public static String write(Workshop workshop) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv =
                new CSVPrinter(out, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            print(workshop, csv);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void print(Workshop workshop, CSVPrinter csv) throws IOException {
        for (Sheet s : workshop.sheets()) {
            print(s, csv);
        }
        for (Roll r : workshop.rolls()) {
            String left = mm(r.left());
            csv.printRecord(
                    "roll", r.id(), r.material(), mm(r.width()), mm(r.full()), "", "", "", left, r.price(), "", "");
        }
        for (Die d : workshop.dies()) {
            print(d, csv);
        }
    }

    private static void print(Sheet s, CSVPrinter csv) throws IOException {
        csv.printRecord(
                low(s.origin().name()),
                s.id(),
                s.material(),
                mm(s.width()),
                mm(s.height()),
                low(s.grain().name()),
                s.directed(),
                s.count(),
                "",
                s.price(),
                "",
                "");
    }

    private static void print(Die d, CSVPrinter csv) throws IOException {
        csv.printRecord(
                "die",
                d.id(),
                low(d.shape().name()),
                mm(d.width()),
                mm(d.height()),
                "",
                "",
                "",
                d.stitched().isZero() ? "" : mm(d.stitched()),
                "",
                CsvText.safe(d.name()),
                CsvText.safe(d.set()));
    }

    /**
     * The workshop with its drawer as the list says.
     *
     * @throws RefusedException with the line and what is wrong in it; nothing is changed then
     */
    public static Workshop read(String text, Workshop workshop) {
        List<Sheet> sheets = new ArrayList<>();
        List<Roll> rolls = new ArrayList<>();
        List<Die> dies = new ArrayList<>();
        Map<String, Long> lines = new HashMap<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), FORMAT)) {
            for (CSVRecord row : parser) {
                if (row.size() != HEAD.length) {
                    throw new RefusedException(
                            "line " + (row.getRecordNumber() + 1),
                            "has " + row.size() + " columns; there should be " + String.join(", ", HEAD));
                }
                Long before = lines.putIfAbsent(row.get("id").strip(), row.getRecordNumber() + 1);
                if (before != null) {
                    throw new RefusedException(
                            "line " + (row.getRecordNumber() + 1),
                            "has the id '" + row.get("id").strip() + "', as line " + before
                                    + " has; each thing has its own");
                }
                read(row, sheets, rolls, dies);
                if (Stream.of(sheets, rolls, dies).anyMatch(list -> list.size() > RecordCodec.LONGEST_LIST)) {
                    throw new RefusedException(
                            "line " + (row.getRecordNumber() + 1),
                            "is one too many of its sort; " + RecordCodec.LONGEST_LIST + " are kept");
                }
            }
        } catch (IOException | UncheckedIOException e) {
            throw new RefusedException("list", "can't be read as comma separated values: " + e.getMessage());
        }
        if (sheets.isEmpty() && rolls.isEmpty() && dies.isEmpty()) {
            throw new RefusedException("list", "holds nothing; the drawer stays as it is");
        }
        Workshop drawer = StockEdit.of(workshop, Units.MM).replaced(sheets, rolls);
        return dies.isEmpty() ? drawer : drawer.with(dies);
    }

    private static void read(CSVRecord row, List<Sheet> sheets, List<Roll> rolls, List<Die> dies) {
        String line = "line " + (row.getRecordNumber() + 1);
        try {
            MaterialId id = new MaterialId(row.get("id"));
            boolean roll = row.get("sort").equals("roll");
            Length width = length(row, "width mm", StockEdit.MOST);
            Length height = length(row, "height mm", roll ? StockEdit.LONGEST_ROLL : StockEdit.MOST);
            if (row.get("sort").equals("die")) {
                dies.add(die(id, row, width, height));
                return;
            }
            MaterialId material = new MaterialId(row.get("material"));
            int price = whole(row, "price hundredths", StockEdit.DEAREST);
            if (roll) {
                Length left = length(row, "left mm", StockEdit.LONGEST_ROLL);
                rolls.add(new Roll(id, material, width, left, height, price));
                return;
            }
            sheets.add(new Sheet(
                    id,
                    material,
                    width,
                    height,
                    Grain.valueOf(row.get("grain").toUpperCase(Locale.ROOT)),
                    Boolean.parseBoolean(row.get("directed")),
                    whole(row, "count", StockEdit.MOST_COUNTED),
                    Sheet.Origin.valueOf(row.get("sort").toUpperCase(Locale.ROOT)),
                    price));
        } catch (IllegalArgumentException | LengthTextException e) {
            throw new RefusedException(line, String.valueOf(e.getMessage()));
        }
    }

    private static Die die(MaterialId id, CSVRecord row, Length width, Length height) {
        Die.Shape shape = Die.Shape.valueOf(row.get("material").toUpperCase(Locale.ROOT));
        String stitched = row.get("left mm");
        return new Die(
                id,
                CsvText.plain(row.get("name")),
                shape,
                width,
                height,
                CsvText.plain(row.get("set")),
                stitched.isBlank() ? Length.ZERO : length(row, "left mm", StockEdit.MOST));
    }

    private static Length length(CSVRecord row, String column, Length most) {
        Length length = LengthText.parse(row.get(column), Units.MM);
        if (!length.isPositive() && !column.startsWith("left") || length.isNegative()) {
            throw new IllegalArgumentException("'" + column + "' (" + row.get(column) + ") must be above 0");
        }
        if (length.isAbove(most)) {
            throw new IllegalArgumentException(
                    "'" + column + "' (" + row.get(column) + ") must be " + mm(most) + " at most");
        }
        return length;
    }

    private static int whole(CSVRecord row, String column, int most) {
        String text = row.get(column).strip();
        if (!text.matches("\\d{1,7}") || Integer.parseInt(text) > most) {
            throw new IllegalArgumentException(
                    "'" + column + "' (" + text + ") must be a whole number from 0 to " + most);
        }
        return Integer.parseInt(text);
    }

    private static String mm(Length length) {
        return Units.MM.edit(length);
    }

    private static String low(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
