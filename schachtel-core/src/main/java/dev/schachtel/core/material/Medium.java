package dev.schachtel.core.material;

/**
 * What a colour is laid with. How it covers and lifts are usual figures of estimate; the resulting colour follows from them.
 */
public enum Medium {
    ALCOHOL_PEN("alcohol pen", Look.CLEAR, 1, 0, 1200),
    WATER_PEN("water-based pen", Look.CLEAR, 1, 0, 1200),
    PENCIL("pencil", Look.CLEAR, 0.8, 0, 6000),
    WATERCOLOUR("watercolour", Look.CLEAR, 0.9, 0, 4000),
    /** Dye ink, blended with a brush or stamped. */
    DYE_INK("dye ink", Look.CLEAR, 0.95, 0, 1500),
    /** Ink that lies on the paper and covers it. */
    PIGMENT_INK("pigment ink", Look.COVERING, 0.92, 0, 1500),
    POWDER("embossing powder", Look.COVERING, 0.97, 2, 750),
    PASTE("paste", Look.COVERING, 0.95, 3, 1250),
    GLOSS("gloss", Look.CLEAR, 0.3, 2, 800);

    /** Whether what lies under it shows through. */
    private enum Look {
        CLEAR,
        COVERING
    }

    private final String title;
    private final Look look;
    private final double strength;
    private final double lift;
    private final int covers;

    Medium(String title, Look look, double strength, double lift, int covers) {
        this.title = title;
        this.look = look;
        this.strength = strength;
        this.lift = lift;
        this.covers = covers;
    }

    public String title() {
        return title;
    }

    /**
     * Square centimetres that a full one colours once: a pad 1,500 by the handbook, 30 g of powder 750 at 4 g, 150 ml of paste
     * 1,250 at 12 ml for each 100; pens, pencils and pans by estimate.
     */
    public int covers() {
        return covers;
    }

    /** Whether dark tones usually go down first, to be blended out with lighter ones while they are wet. */
    public boolean isDarkFirst() {
        return this == ALCOHOL_PEN;
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
