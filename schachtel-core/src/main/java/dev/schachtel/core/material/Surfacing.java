package dev.schachtel.core.material;

import java.util.List;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.work.WorkKind;

/** Kinds of surface work. What must come before what hangs on the kind, times and tools on the technique. */
public enum Surfacing {
    /** Ink blended over an area. */
    INK(WorkKind.INK),
    /** Ink through a stencil. */
    STENCIL(WorkKind.STENCIL),
    /** Paste through a stencil, which must be washed soon. */
    PASTE(WorkKind.PASTE, WorkKind.CLEAN),
    STAMP(WorkKind.STAMP),
    /** Stamped and heat embossed clear, so that ink stays off. */
    RESIST(WorkKind.PREPARE, WorkKind.POWDER, WorkKind.HEAT),
    /** Stamped, powdered and melted with the heat tool. */
    EMBOSS(WorkKind.PREPARE, WorkKind.POWDER, WorkKind.HEAT),
    /** Coloured with pens, pencils or a brush. */
    COLOUR(WorkKind.COLOUR),
    SPLATTER(WorkKind.SPLATTER),
    /** Ink run with alcohol. */
    WASH(WorkKind.WASH),
    /** Gloss, liquid pearls or glitter glue: wet on top of everything. */
    GLOSS(WorkKind.GLOSS),
    /** Pressed in an embossing folder. */
    FOLDER(WorkKind.FOLDER),
    /** Petals and edges curled up. */
    CURL(WorkKind.CURL);

    private final List<WorkKind> works;

    Surfacing(WorkKind... works) {
        this.works = List.of(works);
    }

    /** The work that it takes, in its order; what is done with tools is washed last. */
    List<WorkKind> works() {
        return works;
    }

    /** What work of this kind can do to somebody, whatever it is done with. */
    public Hazard hazard() {
        return melts() ? Hazard.HEAT : this == WASH ? Hazard.SOLVENT : Hazard.NONE;
    }

    /** Lays ink or paint over an area or within lines. */
    public boolean inks() {
        return this == INK || this == STENCIL || this == COLOUR || this == SPLATTER || this == WASH;
    }

    /** Leaves colour; else it only shapes the sheet. */
    public boolean colours() {
        return this != FOLDER && this != CURL;
    }

    /** How much higher a sheet usually becomes: 0.5 mm pressed in a folder, 2 mm curled; estimates. */
    public Length raises() {
        return Length.ofMicrometres(this == FOLDER ? 500 : this == CURL ? 2000 : 0);
    }

    /** Lays clear colour over the whole area. */
    public boolean blends() {
        return this == INK || this == WASH;
    }

    /** What its colour is usually laid with; outlines are stamped with ink that stays. */
    public Medium medium() {
        return switch (this) {
            case COLOUR -> Medium.ALCOHOL_PEN;
            case STAMP -> Medium.PIGMENT_INK;
            case PASTE -> Medium.PASTE;
            case EMBOSS -> Medium.POWDER;
            case GLOSS -> Medium.GLOSS;
            default -> Medium.DYE_INK;
        };
    }

    /** Prints a picture or words with a stamp. */
    public boolean prints() {
        return this == STAMP || melts();
    }

    /** Takes powder and the heat tool. */
    public boolean melts() {
        return this == RESIST || this == EMBOSS;
    }
}
