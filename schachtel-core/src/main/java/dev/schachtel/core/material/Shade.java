package dev.schachtel.core.material;

/**
 * A colour that the maker owns as a pen, ink, pencil or powder.
 *
 * @param name the maker's own, in words
 * @param colour as it looks on white paper, laid once and dry
 * @param family those that are kept and used together; empty for none
 */
public record Shade(MaterialId id, String name, Medium medium, Colour colour, Level level, String family) {
    /** How much there is left. */
    public enum Level {
        FULL(1.0),
        HALF(0.5),
        LOW(0.15),
        EMPTY(0);

        private final double share;

        Level(double share) {
            this.share = share;
        }

        /** Of a full one, 0 to 1. */
        public double share() {
            return share;
        }
    }

    public boolean isEmpty() {
        return level == Level.EMPTY;
    }

    /** How it looks on a ground that it is laid over once. */
    public Colour on(Colour ground) {
        return medium.over(ground, colour, 1);
    }
}
