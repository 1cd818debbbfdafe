package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Part;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** What everything that runs in a slot needs. */
final class Slots {
    private Slots() {}

    static Placement at(Path path, double share) {
        Point p = path.at(share);
        return Placement.at(Mm.length(p.x()), Mm.length(p.y()));
    }

    /** Layers of card that reach from behind the ground through it, with air on both sides. */
    static int layers(BuildDraft draft, Ground ground, Cardstock card) {
        Length through = draft.part(ground.part())
                .map(Part::material)
                .map(m -> m.thickness())
                .orElse(Length.ZERO)
                .plus(RiderEngineer.GLIDE.times(2));
        int layers = through.wholeTimes(card.thickness());
        return Math.max(1, card.thickness().times(layers).isBelow(through) ? layers + 1 : layers);
    }
}
