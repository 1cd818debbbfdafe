package dev.schachtel.core.engineering;

import java.util.Optional;

import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Outline;

/**
 * A place of a sheet that is kept free of ink for a while.
 *
 * @param area where it lies on the face
 * @param before the work that is the first it keeps off; empty for all
 */
record Masked(Id owner, SlabId sheet, Outline area, Optional<Id> before) {
    /** Whether it keeps off a kind of work on its sheet: all, or what is listed from one of them on. */
    boolean keepsOff(Id work, CardSpec spec) {
        for (Element e : spec.elements()) {
            if (before.isEmpty() || e.id().equals(before.get())) {
                return true;
            }
            if (e.id().equals(work)) {
                return false;
            }
        }
        return true;
    }
}
