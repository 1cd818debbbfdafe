package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Length;

/**
 * The seam between exact lengths and coordinates. A double holds a length up to 3 m to better than 1e-9 mm; back again,
 * lengths worked out in doubles are rounded to the nearest 0.001 mm.
 */
public final class Mm {
    private Mm() {}

    public static double of(Length length) {
        return length.nanometres() / 1e6;
    }

    /**
     * The nearest whole micrometre: 16.9698 mm becomes 16.970 mm.
     *
     * @throws ArithmeticException if mm is no finite number or beyond the range of {@link Length}
     */
    public static Length length(double mm) {
        if (Double.isNaN(mm) || Math.abs(mm) > 1e9) {
            throw new ArithmeticException(mm + " mm is no length");
        }
        return Length.ofMicrometres(Math.round(mm * 1000));
    }
}
