package dev.schachtel.core.render;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Units;

/**
 * How a scene is shown on a page.
 *
 * @param width canvas in points
 * @param link address to which the id of a chosen piece is added; empty: nothing can be chosen
 * @param words false for a small picture: areas only
 */
public record Look(int width, int height, Units units, Id selected, String link, List<Pin> pins, boolean words) {
    public Look {
        pins = List.copyOf(pins);
    }

    /** A drawing in which pieces can be chosen. */
    public static Look chosen(int width, int height, Units units, Id selected, String link) {
        return new Look(width, height, units, selected, link, List.of(), true);
    }

    /** A drawing with its words but without links. */
    public static Look still(int width, int height, Units units) {
        return new Look(width, height, units, Id.BASE, "", List.of(), true);
    }

    /** A small picture without words or links. */
    public static Look picture(int width, int height) {
        return new Look(width, height, Units.INCH, Id.BASE, "", List.of(), false);
    }

    public Look pinned(List<Pin> findings) {
        return new Look(width, height, units, selected, link, findings, words);
    }

    boolean isPicture() {
        return !words;
    }
}
