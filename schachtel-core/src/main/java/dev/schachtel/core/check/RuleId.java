package dev.schachtel.core.check;

/** The rules that checks go by, in the order in which findings of one severity are shown. */
public enum RuleId {
    NOTHING_LEFT,
    GROUND_MISSING,
    GROUND_CIRCLE,
    MATERIAL_MISSING,
    GLUED_SHUT,
    DAM_CLOSED,
    DAM_FITS,
    STRIPS_FOLLOW,
    BEND_WIDTH,
    FOAM_FORM,
    DEPTH,
    TUMBLE,
    MARGIN_EDGE,
    MARGIN_WEB,
    FILM_OVERLAP,
    FILM_HIDDEN,
    FOAM_HIDDEN,
    DAM_RIDGE,
    LEVEL,
    OVERHANG,
    COVERS_WINDOW,
    WRITING,
    ENVELOPE_SIZE,
    ENVELOPE_THICKNESS,
    SHEET_SIZE,
    SHEET_STOCK,
    GRAIN,
    SMALL_PARTS
}
