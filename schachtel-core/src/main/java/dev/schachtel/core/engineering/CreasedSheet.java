package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * A sheet that runs out from a fold, creased along that.
 *
 * @param from along the fold
 * @param near where it begins on the shut card, out from the fold, as far as it lies straight
 * @param whole how long it is, out from the fold
 */
record CreasedSheet(Valley valley, Length from, Length to, Length near, Length whole) {
    /** Cut straight, where it lies on the shut card. */
    Part part(PartId id, String name, Cardstock card) {
        boolean up = valley.upright();
        Length w = up ? whole : wide();
        Length h = up ? wide() : whole;
        return Part.of(id, name, card, Form.rectangle(w, h), Outline.sheet(w, h))
                .at(Tabbed.corner(valley.sheet(from, to, near, near.plus(whole))));
    }

    /** So far from its near end. */
    Fold crease(PartId part, Length at, Fold.Crease crease) {
        boolean up = valley.upright();
        Length line = up ? at : whole.minus(at);
        Point one = up ? Point.of(line, Length.ZERO) : Point.of(Length.ZERO, line);
        Point other = up ? Point.of(line, wide()) : Point.of(wide(), line);
        return new Fold(part, one, other, crease);
    }

    private Length wide() {
        return to.minus(from);
    }
}
