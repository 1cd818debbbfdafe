package dev.schachtel.core.material;

/**
 * What a colour is laid with. How it covers and lifts are usual figures of estimate; the resulting colour follows from them.
 */
public enum Medium {
    ALCOHOL_PEN("alcohol pen", Look.CLEAR, 1, 0, true),
    WATER_PEN("water-based pen", Look.CLEAR, 1, 0, false),
    PENCIL("pencil", Look.CLEAR, 0.8, 0, false),
    WATERCOLOUR("watercolour", Look.CLEAR, 0.9, 0, false),
    /** Dye ink, blended with a brush or stamped. */
    DYE_INK("dye ink", Look.CLEAR, 0.95, 0, false),
    /** Ink that lies on the paper and covers it. */
    PIGMENT_INK("pigment ink", Look.COVERING, 0.92, 0, false),
    POWDER("embossing powder", Look.COVERING, 0.97, 2, false),
    PASTE("paste", Look.COVERING, 0.95, 3, false),
    GLOSS("gloss", Look.CLEAR, 0.3, 2, false);

    /** Whether what lies under it shows through. */
    private enum Look {
        CLEAR,
        COVERING
    }

    private final String title;
    private final Look look;
    private final double strength;
    private final double lift;
    private final boolean darkFirst;

    Medium(String title, Look look, double strength, double lift, boolean darkFirst) {
        this.title = title;
        this.look = look;
        this.strength = strength;
        this.lift = lift;
        this.darkFirst = darkFirst;
    }

    public String title() {
        return title;
    }

    /** Whether dark tones usually go down first, to be blended out with lighter ones while they are wet. */
    public boolean isDarkFirst() {
        return darkFirst;
    }

    /**
     * How a ground looks with a colour of this medium over so much of it, 0 to 1. A clear one multiplies in linear light, as
     * light passes a filter twice; a covering one hides its share of the ground (alpha). Paste, powder and gloss then lift the
     * lightness L* by a figure of their own, at full coverage 2 to 3.
     */
    public Colour over(Colour ground, Colour colour, double coverage) {
        double share = strength * Math.max(0, Math.min(1, coverage));
        Colour laid = ground.seenThrough(look == Look.CLEAR ? ground.under(colour) : colour, share);
        if (lift == 0 || share == 0) {
            return laid;
        }
        Lab lab = laid.lab();
        return new Lab(Math.min(100, lab.lightness() + lift * coverage), lab.a(), lab.b()).colour();
    }
}
