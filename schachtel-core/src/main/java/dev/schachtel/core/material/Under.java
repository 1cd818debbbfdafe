package dev.schachtel.core.material;

import java.util.ArrayList;
import java.util.List;

/** What a colour is laid on: a sort of paper, or something that is on it already. */
public enum Under {
    SMOOTH("smooth card"),
    ABSORBENT("absorbent paper"),
    PATTERNED("patterned paper"),
    DARK("dark card"),
    /** Under {@value #HEAVY} g/m2. */
    THIN("paper under 200 g"),
    ALCOHOL_PEN("alcohol pens"),
    WATER_PEN("water-based pens"),
    PENCIL("pencils"),
    WATERCOLOUR("watercolour"),
    DYE_INK("dye ink"),
    PIGMENT_INK("pigment ink"),
    POWDER("embossing powder"),
    PASTE("paste"),
    GLOSS("gloss");

    /** Lighter sheets curl under what is wet: g/m2, handbook chapter 11. */
    public static final int HEAVY = 200;

    private final String title;

    Under(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** All that a sheet is at once. */
    public static List<Under> of(Cardstock card) {
        List<Under> all = new ArrayList<>(List.of(valueOf(card.finish().name())));
        if (!card.canBeWrittenOn()) {
            all.add(DARK);
        }
        if (card.grammage() < HEAVY) {
            all.add(THIN);
        }
        return all;
    }

    /** What is there once a medium was laid. */
    public static Under of(Medium medium) {
        return valueOf(medium.name());
    }
}
