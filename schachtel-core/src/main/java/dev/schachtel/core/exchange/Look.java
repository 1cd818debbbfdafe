package dev.schachtel.core.exchange;

import java.util.List;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Units;

/**
 * How a scene is shown on a page.
 *
 * @param width canvas in points
 * @param link address to which the id of a chosen piece is added
 */
public record Look(int width, int height, Units units, Id selected, String link, List<Pin> pins) {
    public Look {
        pins = List.copyOf(pins);
    }

    /** A small picture without words or links. */
    public static Look picture(int width, int height) {
        return new Look(width, height, Units.INCH, Id.BASE, "", List.of());
    }

    boolean isPicture() {
        return link.isEmpty();
    }
}
