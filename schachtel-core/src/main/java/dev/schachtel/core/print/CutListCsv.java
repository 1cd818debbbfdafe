package dev.schachtel.core.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/**
 * The cut list as comma separated values (RFC 4180): sizes as decimal inches and as millimetres for reckoning, and beside
 * them as a maker reads them, with their unit, so that no spreadsheet takes a fraction for a date.
 */
public final class CutListCsv {
    private static final double NANOMETRES_AN_INCH = 25.4e6;

    private CutListCsv() {}

    public static String write(CutPlan plan, Units units) {
        StringWriter out = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "letter",
                        "part",
                        "shape",
                        "width in",
                        "height in",
                        "width mm",
                        "height mm",
                        "width shown",
                        "height shown",
                        "material",
                        "count",
                        "per card",
                        "method",
                        "grain")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (Demand d : plan.demands()) {
                row(csv, d, units);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static void row(CSVPrinter csv, Demand d, Units units) throws IOException {
        Length w = d.part().form().width();
        Length h = d.part().form().height();
        csv.printRecord(
                d.letter(),
                CsvText.safe(d.part().name()),
                low(d.part().form().sort().name()),
                inches(w),
                inches(h),
                Units.MM.edit(w),
                Units.MM.edit(h),
                units.show(w) + " " + units.sign(),
                units.show(h) + " " + units.sign(),
                CsvText.safe(d.part().material().name()),
                d.count(),
                d.part().perCard(),
                low(d.part().method().name()),
                low(d.grain().name()));
    }

    private static String inches(Length length) {
        return String.format(Locale.ROOT, "%.4f", length.nanometres() / NANOMETRES_AN_INCH);
    }

    private static String low(String name) {
        return name.toLowerCase(Locale.ROOT);
    }
}
