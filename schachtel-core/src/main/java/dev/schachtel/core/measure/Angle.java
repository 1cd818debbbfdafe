package dev.schachtel.core.measure;

/** An angle in whole millionths of a degree, counter-clockwise positive. 360/7 degrees is off by less than 0.000001. */
public record Angle(long microdegrees) implements Comparable<Angle> {
    public static final Angle ZERO = new Angle(0);
    private static final long PER_DEGREE = 1_000_000;

    public static Angle ofDegrees(long degrees) {
        return new Angle(Math.multiplyExact(degrees, PER_DEGREE));
    }

    /** To the nearest millionth of a degree. */
    public static Angle ofRadians(double radians) {
        return new Angle(Math.round(Math.toDegrees(radians) * PER_DEGREE));
    }

    /** The k-th of n equal steps round a full turn. */
    public static Angle ofTurn(int k, int n) {
        return new Angle(Math.floorDiv(Math.multiplyExact(360L * PER_DEGREE, (long) k), (long) n));
    }

    public Angle plus(Angle other) {
        return new Angle(Math.addExact(microdegrees, other.microdegrees));
    }

    public double radians() {
        return Math.toRadians((double) microdegrees / PER_DEGREE);
    }

    public double degrees() {
        return (double) microdegrees / PER_DEGREE;
    }

    @Override
    public int compareTo(Angle other) {
        return Long.compare(microdegrees, other.microdegrees);
    }
}
