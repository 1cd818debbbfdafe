package dev.schachtel.core.measure;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Map;

/**
 * Reads a length as makers write it: {@code 3 1/2}, {@code 8-1/4}, {@code 8¼"}, {@code 3.5}, {@code 10.5 cm},
 * {@code 105 mm}. A number without a unit is taken in the units given. Result is exact or refused; nothing is rounded.
 */
public final class LengthText {
    private static final int LONGEST = 40;
    private static final BigInteger NM_PER_INCH = BigInteger.valueOf(25_400_000);
    private static final BigInteger NM_PER_MM = BigInteger.valueOf(1_000_000);
    private static final Map<String, BigInteger> NM_PER_UNIT = Map.of(
            "in", NM_PER_INCH,
            "inch", NM_PER_INCH,
            "inches", NM_PER_INCH,
            "\"", NM_PER_INCH,
            "mm", NM_PER_MM,
            "cm", NM_PER_MM.multiply(BigInteger.TEN),
            "m", NM_PER_MM.multiply(BigInteger.valueOf(1000)));
    private static final Map<Character, String> READY_MADE =
            Map.of('½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8");

    private final String typed;
    private final String text;
    private int at;

    private LengthText(String typed) {
        this.typed = typed;
        this.text = normal(typed);
    }

    /**
     * Reads typed; a bare number counts in units.
     *
     * @throws LengthTextException with the place and the reason in words, if it can't be read exactly
     */
    public static Length parse(String typed, Units units) {
        return new LengthText(typed).read(units);
    }

    private static String normal(String typed) {
        StringBuilder out = new StringBuilder();
        for (char c : typed.strip().toCharArray()) {
            String fraction = READY_MADE.get(c);
            if (fraction != null) {
                out.append(out.isEmpty() || out.charAt(out.length() - 1) == ' ' ? "" : " ")
                        .append(fraction);
            } else {
                out.append(
                        switch (c) {
                            case '\u2044', '\u2215' -> '/';
                            case '\u2033', '\u201d', '\u201c' -> '"';
                            case ',' -> '.';
                            case '\u2212', '\u2013' -> '-';
                            case '\u00a0', '\u202f', '\u2009', '\t' -> ' ';
                            default -> c;
                        });
            }
        }
        return out.toString();
    }

    private Length read(Units units) {
        if (text.isEmpty()) {
            throw refuse("is empty; write a length such as 3 1/2 or 89 mm");
        }
        if (text.length() > LONGEST) {
            throw refuse("is longer than any length; write a length such as 3 1/2 or 89 mm");
        }
        boolean negative = take('-');
        spaces();
        Fraction number = number();
        spaces();
        BigInteger perUnit = unit(units);
        if (at < text.length()) {
            throw refuse("goes on after the unit, with '" + text.substring(at) + "'");
        }
        BigInteger nanometres = number.times(perUnit);
        return Length.ofNanometres((negative ? nanometres.negate() : nanometres).longValueExact());
    }

    private Fraction number() {
        BigDecimal first = decimal();
        if (take('/')) {
            return over(BigDecimal.ZERO, first);
        }
        int before = at;
        boolean joined = take('-');
        boolean spaced = !joined && spaces();
        if ((joined || spaced) && at < text.length() && Character.isDigit(text.charAt(at))) {
            BigDecimal numerator = decimal();
            if (!take('/')) {
                throw refuse("has two numbers; a fraction needs its stroke, as in 3 1/2");
            }
            return over(first, numerator);
        }
        if (joined) {
            throw refuse("ends after the hyphen");
        }
        at = before;
        return new Fraction(first, BigDecimal.ONE);
    }

    private Fraction over(BigDecimal whole, BigDecimal numerator) {
        spaces();
        if (at == text.length()) {
            throw refuse("ends after the stroke");
        }
        BigDecimal denominator = decimal();
        if (denominator.signum() == 0) {
            throw refuse("divides by zero");
        }
        if (whole.scale() > 0 || numerator.scale() > 0 || denominator.scale() > 0) {
            throw refuse("mixes a decimal point and a fraction; use one of them");
        }
        return new Fraction(whole.multiply(denominator).add(numerator), denominator);
    }

    private BigDecimal decimal() {
        int start = at;
        boolean point = false;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || (text.charAt(at) == '.' && !point))) {
            point |= text.charAt(at) == '.';
            at++;
        }
        String digits = text.substring(start, at);
        if (digits.isEmpty() || digits.equals(".")) {
            throw refuse(
                    start == text.length()
                            ? "has no number"
                            : "has '" + text.substring(start, start + 1) + "' where a number should be");
        }
        return new BigDecimal(digits.endsWith(".") ? digits + "0" : digits);
    }

    private BigInteger unit(Units units) {
        int start = at;
        while (at < text.length() && (Character.isLetter(text.charAt(at)) || text.charAt(at) == '"')) {
            at++;
        }
        String name = text.substring(start, at).toLowerCase(java.util.Locale.ROOT);
        take('.');
        if (name.isEmpty()) {
            return NM_PER_UNIT.get(units.sign());
        }
        BigInteger perUnit = NM_PER_UNIT.get(name);
        if (perUnit == null) {
            throw refuse("has the unit '" + name + "'; known are in, \", mm, cm and m");
        }
        return perUnit;
    }

    private boolean take(char c) {
        if (at < text.length() && text.charAt(at) == c) {
            at++;
            return true;
        }
        return false;
    }

    private boolean spaces() {
        int start = at;
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
        return at > start;
    }

    private LengthTextException refuse(String reason) {
        return new LengthTextException(typed.strip(), at, reason);
    }

    private record Fraction(BigDecimal numerator, BigDecimal denominator) {
        BigInteger times(BigInteger perUnit) {
            BigDecimal scaled = numerator.multiply(new BigDecimal(perUnit));
            BigInteger top = scaled.movePointRight(Math.max(0, scaled.scale())).toBigInteger();
            BigInteger bottom = BigInteger.TEN.pow(Math.max(0, scaled.scale())).multiply(denominator.toBigInteger());
            BigInteger[] parts = top.divideAndRemainder(bottom);
            if (parts[1].signum() != 0 || parts[0].bitLength() > 62) {
                throw new LengthTextException(
                        numerator + (denominator.equals(BigDecimal.ONE) ? "" : "/" + denominator),
                        0,
                        parts[1].signum() != 0
                                ? "is finer than any ruler; use 64ths of an inch or thousandths of a mm"
                                : "is longer than any paper");
            }
            return parts[0];
        }
    }
}
