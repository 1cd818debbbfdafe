package dev.schachtel.core.engineering;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.shape.Outline;

/**
 * The side of a leaf that looks away from the front: its outside at the back, or its inside at the front.
 *
 * @param outline as somebody sees it who turned the leaf over
 * @param over how it is turned over, between that view and the one from the front
 */
record Reverse(PartId part, SlabId slab, Outline outline, TurnedOver over) {
    /** Of a leaf that fills the face, turned like the page of a book or like a sheet on a pad. */
    static Reverse of(PartId part, SlabId slab, Outline.Size size, boolean aside) {
        TurnedOver over = aside
                ? TurnedOver.aside(size.width().half())
                : TurnedOver.upwards(size.height().half());
        return new Reverse(part, slab, Outline.sheet(size.width(), size.height()), over);
    }
}
