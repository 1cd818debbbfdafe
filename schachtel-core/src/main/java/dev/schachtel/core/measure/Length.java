package dev.schachtel.core.measure;

import java.util.List;
import java.util.stream.IntStream;

/**
 * An exact length in whole nanometres; may be zero or negative (a position, a shortfall).
 *
 * <p>1/64 in is 396 875 nm and 0.001 mm is 1 000 nm, so both rulers are exact. All arithmetic refuses to overflow with
 * an {@link ArithmeticException} (at about 9.2 million kilometres).
 */
public final class Length implements Comparable<Length> {
    public static final Length ZERO = new Length(0);
    private static final long NM_PER_UM = 1_000;
    private static final long NM_PER_MM = 1_000_000;
    private static final long NM_PER_64TH = 396_875;

    private final long nanometres;

    private Length(long nanometres) {
        this.nanometres = nanometres;
    }

    public static Length ofNanometres(long n) {
        return n == 0 ? ZERO : new Length(n);
    }

    public static Length ofMicrometres(long n) {
        return ofNanometres(Math.multiplyExact(n, NM_PER_UM));
    }

    public static Length ofMillimetres(long n) {
        return ofNanometres(Math.multiplyExact(n, NM_PER_MM));
    }

    public static Length ofSixtyFourths(long n) {
        return ofNanometres(Math.multiplyExact(n, NM_PER_64TH));
    }

    public static Length ofSixteenths(long n) {
        return ofSixtyFourths(Math.multiplyExact(n, 4L));
    }

    public static Length ofInches(long n) {
        return ofSixtyFourths(Math.multiplyExact(n, 64L));
    }

    public long nanometres() {
        return nanometres;
    }

    public Length plus(Length other) {
        return ofNanometres(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return ofNanometres(Math.subtractExact(nanometres, other.nanometres));
    }

    public Length times(long factor) {
        return ofNanometres(Math.multiplyExact(nanometres, factor));
    }

    /** This times one length over another, to the next nanometre. Lengths up to 3 m. */
    public Length scaled(Length by, Length over) {
        return new Length(Math.round(Math.multiplyExact(nanometres, by.nanometres) / (double) over.nanometres));
    }

    public Length negated() {
        return ofNanometres(Math.negateExact(nanometres));
    }

    /**
     * Half of this length. Rounds down by at most one nanometre when the nanometres are odd: half of 3 nm is 1 nm, half
     * of -3 nm is -2 nm.
     */
    public Length half() {
        return ofNanometres(Math.floorDiv(nanometres, 2L));
    }

    /**
     * Parts which add up to this length again, exactly; they differ by one nanometre at most, the longer ones first.
     *
     * @throws IllegalArgumentException if pieces is below 1
     */
    public List<Length> splitInto(int pieces) {
        if (pieces < 1) {
            throw new IllegalArgumentException("pieces (" + pieces + ") must be 1 or more");
        }
        long each = Math.floorDiv(nanometres, (long) pieces);
        long longer = Math.floorMod(nanometres, (long) pieces);
        return IntStream.range(0, pieces)
                .mapToObj(i -> ofNanometres(i < longer ? each + 1 : each))
                .toList();
    }

    /**
     * The multiple of step nearest to this length, halves away from zero: 1.25 mm to 0.5 mm is 1.5 mm.
     *
     * @throws IllegalArgumentException if step is not above zero
     */
    public Length roundedTo(Length step) {
        if (!step.isPositive()) {
            throw new IllegalArgumentException("step (" + step + ") must be above 0 mm");
        }
        long whole = nanometres / step.nanometres;
        long left = Math.abs(nanometres % step.nanometres);
        long up = left >= step.nanometres - left ? Long.signum(nanometres) : 0;
        return step.times(whole + up);
    }

    /** How many times part goes wholly into this length: 10 mm in 35 mm is 3; never below 0. */
    public int wholeTimes(Length part) {
        if (!part.isPositive()) {
            throw new IllegalArgumentException("part (" + part + ") must be above 0 mm");
        }
        return (int) Math.max(0, Math.min(Integer.MAX_VALUE, Math.floorDiv(nanometres, part.nanometres)));
    }

    public boolean isMultipleOf(Length step) {
        return nanometres % step.nanometres == 0;
    }

    public boolean isPositive() {
        return nanometres > 0;
    }

    public boolean isNegative() {
        return nanometres < 0;
    }

    public boolean isZero() {
        return nanometres == 0;
    }

    public boolean isBelow(Length other) {
        return nanometres < other.nanometres;
    }

    public boolean isAbove(Length other) {
        return nanometres > other.nanometres;
    }

    public Length abs() {
        return isNegative() ? negated() : this;
    }

    public static Length min(Length a, Length b) {
        return a.isAbove(b) ? b : a;
    }

    public static Length max(Length a, Length b) {
        return a.isBelow(b) ? b : a;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Length length && length.nanometres == nanometres;
    }

    @Override
    public int hashCode() {
        return Long.hashCode(nanometres);
    }

    /** The exact text with its unit, which {@link LengthText#parse} reads back: {@code "2 3/8 in"} or {@code "105 mm"}. */
    @Override
    public String toString() {
        return isMultipleOf(ofSixtyFourths(1)) && !isMultipleOf(ofMicrometres(500))
                ? Units.INCH.exact(this)
                : Units.MM.exact(this);
    }
}
