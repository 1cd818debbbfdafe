package dev.schachtel.core.material;

/** Kinds of surface work. What must come before what hangs on the kind, times and tools on the technique. */
public enum Surfacing {
    /** Ink blended over an area. */
    INK,
    /** Ink through a stencil. */
    STENCIL,
    /** Paste through a stencil, which must be washed soon. */
    PASTE,
    STAMP,
    /** Stamped and heat embossed clear, so that ink stays off. */
    RESIST,
    /** Stamped, powdered and melted with the heat tool. */
    EMBOSS,
    /** Coloured with pens, pencils or a brush. */
    COLOUR,
    SPLATTER,
    /** Ink run with alcohol. */
    WASH,
    /** Gloss, liquid pearls or glitter glue: wet on top of everything. */
    GLOSS;

    /** What work of this kind can do to somebody, whatever it is done with. */
    public Hazard hazard() {
        return melts() ? Hazard.HEAT : this == WASH ? Hazard.SOLVENT : Hazard.NONE;
    }

    /** Lays ink or paint over an area or within lines. */
    public boolean inks() {
        return this == INK || this == STENCIL || this == COLOUR || this == SPLATTER || this == WASH;
    }

    /** Lays clear colour over the whole area. */
    public boolean blends() {
        return this == INK || this == WASH;
    }

    /** Takes powder and the heat tool. */
    public boolean melts() {
        return this == RESIST || this == EMBOSS;
    }
}
