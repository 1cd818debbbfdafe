package dev.schachtel.app.words;

import java.time.Duration;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;

/** Sizes as HTML, fractions set as on a ruler; everything else escaped. */
public final class Html {
    private Html() {}

    public static String of(Length length, Units units) {
        Units.Pieces p = units.pieces(length);
        String whole = (p.rounded() ? "~" : "") + p.whole();
        if (p.numerator() == 0) {
            return "<span class=\"fr\">" + whole + "</span>";
        }
        return "<span class=\"fr\">" + (whole.isEmpty() ? "" : "<b>" + whole + "</b>") + "<sup>" + p.numerator()
                + "</sup><i>⁄</i><sub>" + p.denominator() + "</sub></span>";
    }

    /** A result: where inches had to be rounded, the millimetres stand beside it. */
    public static String result(Amount amount, Units units) {
        String own = of(amount, units);
        return units == Units.INCH && own.contains("~") ? own + " <small>" + of(amount, Units.MM) + " mm</small>" : own;
    }

    /** With the unit behind it, as a sentence needs it. */
    public static String measured(Amount amount, Units units) {
        boolean length = amount instanceof Amount.One || amount instanceof Amount.Two;
        return of(amount, units) + (length ? " " + units.sign() : "");
    }

    public static String of(Amount amount, Units units) {
        return amount.tell(new InWords(units));
    }

    /** How each kind of amount is written, with its unit save for lengths. */
    private record InWords(Units units) implements Amount.Cases<String> {
        @Override
        public String one(Amount.One one) {
            return Html.of(one.length(), units);
        }

        @Override
        public String two(Amount.Two two) {
            return Html.of(two.width(), units) + " × " + Html.of(two.height(), units);
        }

        @Override
        public String thick(Amount.Thick thick) {
            return Units.thickness(thick.length()) + " mm";
        }

        @Override
        public String count(Amount.Count count) {
            return Integer.toString(count.count());
        }

        @Override
        public String times(Amount.Times times) {
            return times.hundredths() / 100 + "." + String.format("%02d", times.hundredths() % 100) + " ×";
        }

        @Override
        public String degrees(Amount.Degrees degrees) {
            return new java.math.BigDecimal(degrees.angle().microdegrees())
                            .movePointLeft(6)
                            .stripTrailingZeros()
                            .toPlainString()
                    + "°";
        }

        @Override
        public String grams(Amount.Grams grams) {
            return tenths(grams.tenths()) + " g";
        }

        @Override
        public String millilitres(Amount.Millilitres millilitres) {
            return tenths(millilitres.tenths()) + " ml";
        }

        @Override
        public String squares(Amount.Squares squares) {
            return tenths((int) Math.round(squares.area().squareMillimetres() / 10)) + " cm²";
        }

        @Override
        public String minutes(Amount.Minutes minutes) {
            return Times.of(Duration.ofMinutes(minutes.minutes()));
        }
    }

    public static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }

    /** Words without their marks, for paper and calendars; fractions as 1/16. */
    public static String plain(String html) {
        return html.replace("~</b><sup>", "~")
                .replace("</b><sup>", " ")
                .replace("\u2044", "/")
                .replaceAll("<[^>]*>", "")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&amp;", "&")
                .replace('\u2019', '\'')
                .replace('\u201c', '"')
                .replace('\u201d', '"')
                .strip();
    }

    private static String tenths(int tenths) {
        return tenths % 10 == 0 ? Integer.toString(tenths / 10) : tenths / 10 + "." + tenths % 10;
    }
}
