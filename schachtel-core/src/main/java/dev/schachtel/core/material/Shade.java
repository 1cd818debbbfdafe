package dev.schachtel.core.material;

/**
 * A colour that the maker owns as a pen, ink, pencil or powder.
 *
 * @param name the maker's own, in words
 * @param colour as it looks on white paper, laid once and dry
 * @param used thousandths of a full one that were taken since its level was looked at
 * @param family those that are kept and used together; empty for none
 */
public record Shade(MaterialId id, String name, Medium medium, Colour colour, Level level, String family, int used) {
    private static final double COLOURLESS = 99.5;

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

    /** Of a full one, what is left: 0 to 1. */
    public double left() {
        return Math.max(0, level.share - used / 1000.0);
    }

    /** After so much of a full one was taken: its level is the lowest that holds what is left. */
    public Shade less(double share) {
        double rest = Math.max(0, left() - share);
        Level now = Level.FULL;
        for (Level lower : Level.values()) {
            now = lower.share >= rest ? lower : now;
        }
        return new Shade(id, name, medium, colour, now, family, (int) Math.round(1000 * (now.share - rest)));
    }

    /** In another colour. */
    public Shade measured(Colour other) {
        return new Shade(id, name, medium, other, level, family, used);
    }

    /** With a level that was looked at just now. */
    public Shade looked() {
        return new Shade(id, name, medium, colour, level, family, 0);
    }

    /** Whether it has no colour, and only spreads others. */
    public boolean isBlender() {
        return colour.lightness() > COLOURLESS;
    }

    public boolean isEmpty() {
        return level == Level.EMPTY;
    }

    /** How it looks on a ground that it is laid over once. */
    public Colour on(Colour ground) {
        return medium.over(ground, colour, 1);
    }
}
