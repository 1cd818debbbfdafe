package dev.schachtel.core.shape;

import dev.schachtel.core.measure.Length;

/** An upright box in millimetres; right and top are never below left and bottom. */
public record Box(double left, double bottom, double right, double top) {
    public double width() {
        return right - left;
    }

    public double height() {
        return top - bottom;
    }

    public Point centre() {
        return new Point((left + right) / 2, (bottom + top) / 2);
    }

    /** Width to the nearest micrometre. */
    public Length wide() {
        return Mm.length(width());
    }

    /** Height to the nearest micrometre. */
    public Length high() {
        return Mm.length(height());
    }

    public Box union(Box o) {
        return new Box(
                Math.min(left, o.left), Math.min(bottom, o.bottom), Math.max(right, o.right), Math.max(top, o.top));
    }

    /** The area of what both cover, mm2; 0 if they lie apart. */
    public double shared(Box o) {
        double wide = Math.min(right, o.right) - Math.max(left, o.left);
        double high = Math.min(top, o.top) - Math.max(bottom, o.bottom);
        return Math.max(0, wide) * Math.max(0, high);
    }

    /** Whether the two share a point. */
    public boolean touches(Box o) {
        return left <= o.right && o.left <= right && bottom <= o.top && o.bottom <= top;
    }

    /** Whether the other lies in it; its edge counts. */
    public boolean holds(Box o) {
        return left <= o.left && bottom <= o.bottom && right >= o.right && top >= o.top;
    }

    /** Whether the point lies in this box; its edge counts. */
    public boolean holds(Point p) {
        return p.x() >= left && p.x() <= right && p.y() >= bottom && p.y() <= top;
    }

    public Box grown(double by) {
        return new Box(left - by, bottom - by, right + by, top + by);
    }
}
