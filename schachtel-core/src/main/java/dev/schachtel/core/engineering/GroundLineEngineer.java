package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.GroundLine;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Nothing is made of a line; what it is on must be there. */
@AutoService(Engineer.class)
public final class GroundLineEngineer implements Engineer<GroundLine> {
    private static final Length HAIR = Length.ofMicrometres(10);

    @Override
    public Class<GroundLine> engineers() {
        return GroundLine.class;
    }

    @Override
    public void engineer(GroundLine line, BuildDraft draft) {
        draft.ground(line.on(), new Source(line.id(), "on"))
                .ifPresent(face -> draft.zone(new Zone(
                        Zone.Use.FEET,
                        line.id(),
                        face.slab(),
                        Outline.sheet(face.width(), HAIR)
                                .placed(Placement.at(
                                        face.at().across(), line.up().minus(HAIR))))));
    }
}
