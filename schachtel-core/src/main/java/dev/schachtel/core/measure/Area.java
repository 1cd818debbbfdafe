package dev.schachtel.core.measure;

/** An area in square millimetres, never negative. Areas are estimates (masses, amounts), so a double serves. */
public record Area(double squareMillimetres) implements Comparable<Area> {
    public static final Area ZERO = new Area(0);

    public Area {
        if (!(squareMillimetres >= 0)) {
            throw new IllegalArgumentException("area (" + squareMillimetres + " mm2) must be 0 or more");
        }
    }

    public static Area of(Length width, Length height) {
        return new Area(Math.max(0, width.nanometres() * 1e-6 * (height.nanometres() * 1e-6)));
    }

    public Area plus(Area other) {
        return new Area(squareMillimetres + other.squareMillimetres);
    }

    public Area times(long count) {
        return new Area(squareMillimetres * count);
    }

    /** The share of other which this area is; 0 when other is nothing. */
    public double shareOf(Area other) {
        return other.squareMillimetres <= 0 ? 0 : squareMillimetres / other.squareMillimetres;
    }

    @Override
    public int compareTo(Area other) {
        return Double.compare(squareMillimetres, other.squareMillimetres);
    }
}
