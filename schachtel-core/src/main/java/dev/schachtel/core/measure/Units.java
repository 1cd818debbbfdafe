package dev.schachtel.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** The two rulers a card may be worked in, and how lengths are written on them. Thickness is always written in mm. */
public enum Units {
    INCH("in", Length.ofSixteenths(1), Length.ofSixtyFourths(1)),
    MM("mm", Length.ofMicrometres(500), Length.ofMicrometres(100));

    private static final int NM_DIGITS_IN_MM = 6;
    private final String sign;
    private final Length step;
    private final Length fineStep;

    Units(String sign, Length step, Length fineStep) {
        this.sign = sign;
        this.step = step;
        this.fineStep = fineStep;
    }

    /** "in" or "mm". */
    public String sign() {
        return sign;
    }

    /** One press of + or an arrow key: 1/16 in or 0.5 mm. */
    public Length step() {
        return step;
    }

    /** The same with Shift: 1/64 in or 0.1 mm. */
    public Length fineStep() {
        return fineStep;
    }

    public Units other() {
        return this == INCH ? MM : INCH;
    }

    /**
     * For reading: inches as a fraction to 1/64 where that is exact, else the nearest 1/16; millimetres to 0.1. A value
     * that lost something starts with a tilde: 60.325 mm prints {@code "2 3/8"} or {@code "~60.3"}.
     */
    public String show(Length length) {
        return pieces(length).text();
    }

    /** Like {@link #show}, taken apart, so that a page can set the fraction as figures read off a ruler. */
    public Pieces pieces(Length length) {
        if (this == MM) {
            Length shown = length.roundedTo(Length.ofMicrometres(100));
            String digits = decimal(shown).setScale(1, RoundingMode.UNNECESSARY).toPlainString();
            String plain = digits.endsWith(".0") ? digits.substring(0, digits.length() - 2) : digits;
            return new Pieces(!shown.equals(length), plain, 0, 1);
        }
        boolean exact = length.isMultipleOf(Length.ofSixtyFourths(1));
        Length shown = exact ? length : length.roundedTo(Length.ofSixteenths(1));
        long sixtyFourths = shown.abs().nanometres() / Length.ofSixtyFourths(1).nanometres();
        long whole = sixtyFourths / 64;
        int numerator = (int) (sixtyFourths % 64);
        int denominator = 64;
        while (numerator != 0 && numerator % 2 == 0) {
            numerator /= 2;
            denominator /= 2;
        }
        String minus = shown.isNegative() ? "-" : "";
        String wholeText = whole == 0 && numerator != 0 ? minus : minus + whole;
        return new Pieces(!exact, wholeText, numerator, numerator == 0 ? 1 : denominator);
    }

    /**
     * For an input field: without a unit when this ruler says it exactly, else in millimetres with the unit; nothing is
     * ever lost. 60.325 mm gives {@code "2 3/8"} in inches; 10 mm gives {@code "10 mm"} in inches.
     */
    public String edit(Length length) {
        if (this == MM) {
            return decimal(length).stripTrailingZeros().toPlainString();
        }
        return length.isMultipleOf(Length.ofSixtyFourths(1)) ? show(length) : MM.exact(length);
    }

    /** Exact, with the unit. Inches only if the length is a whole number of 64ths, else millimetres. */
    public String exact(Length length) {
        return this == INCH && length.isMultipleOf(Length.ofSixtyFourths(1))
                ? show(length) + " in"
                : decimal(length).stripTrailingZeros().toPlainString() + " mm";
    }

    /** The ruler things of this size are sold by: inches where both are whole eighths, else millimetres. */
    public static Units ofGoods(Length width, Length height) {
        Length eighth = Length.ofSixteenths(2);
        return width.isMultipleOf(eighth) && height.isMultipleOf(eighth) ? INCH : MM;
    }

    /** Millimetres with two decimals, as thickness is always given: 0.3 mm prints {@code "0.30"}. */
    public static String thickness(Length length) {
        return decimal(length).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    /** Millimetres with one decimal, for gaps, play and totals: 4.098 mm prints {@code "4.1"}. */
    public static String tenths(Length length) {
        return decimal(length).setScale(1, RoundingMode.HALF_UP).toPlainString();
    }

    private static BigDecimal decimal(Length length) {
        return BigDecimal.valueOf(length.nanometres(), NM_DIGITS_IN_MM);
    }

    /**
     * A printed length: a tilde if rounded, the whole part, and the fraction over its denominator (numerator 0: none).
     */
    public record Pieces(boolean rounded, String whole, int numerator, int denominator) {
        public String text() {
            String fraction = numerator == 0 ? "" : numerator + "/" + denominator;
            String gap = numerator == 0 || whole.isEmpty() || whole.equals("-") ? "" : " ";
            return (rounded ? "~" : "") + whole + gap + fraction;
        }
    }
}
