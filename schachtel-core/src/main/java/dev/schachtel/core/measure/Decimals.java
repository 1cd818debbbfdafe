package dev.schachtel.core.measure;

/** Numbers as drawings have them: no more places than they need, no exponent. A drawing has thousands, so none is made by a formatter. */
public final class Decimals {
    private static final long[] TENS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000};

    private Decimals() {}

    /**
     * Appends a number.
     *
     * @param value in any unit, less than a million million
     * @param places it is rounded to, 0 to 6
     */
    public static StringBuilder append(StringBuilder out, double value, int places) {
        long rounded = Math.round(value * TENS[places]);
        long whole = Math.abs(rounded) / TENS[places];
        long rest = Math.abs(rounded) % TENS[places];
        if (rounded < 0) {
            out.append('-');
        }
        out.append(whole);
        if (rest == 0) {
            return out;
        }
        out.append('.');
        for (int place = places - 1; rest > 0; place--) {
            out.append((char) ('0' + rest / TENS[place]));
            rest %= TENS[place];
        }
        return out;
    }

    /** The number as a text of its own. */
    public static String text(double value, int places) {
        return append(new StringBuilder(12), value, places).toString();
    }
}
