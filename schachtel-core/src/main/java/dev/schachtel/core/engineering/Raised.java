package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Lays a small piece on its ground; on foam it gets squares of it, 6 mm, one for each 25 mm of its size. */
final class Raised {
    private static final Length SQUARE = Length.ofMillimetres(6);
    private static final Length EACH = Length.ofMillimetres(25);
    private static final int MOST = 4;

    private Raised() {}

    static void lay(BuildDraft draft, PartId id, Ground ground, Material fixing) {
        if (!(fixing instanceof Foam foam)) {
            draft.lay(SlabId.of(id), ground.slab(), fixing);
            return;
        }
        Part part = draft.part(id).orElseThrow();
        Box box = part.footprints().get(0).bounds();
        int across = count(box.wide());
        int up = count(box.high());
        List<Placement> at = new ArrayList<>();
        for (int r = 0; r < up; r++) {
            for (int c = 0; c < across; c++) {
                double x = box.left() + box.width() * (c + 0.5) / across;
                double y = box.bottom() + box.height() * (r + 0.5) / up;
                at.add(Placement.at(Mm.length(x), Mm.length(y)));
            }
        }
        PartId squares = new PartId(id.owner(), "foam");
        Length side = Length.min(SQUARE, Length.min(box.wide(), box.high()).half());
        draft.part(Part.of(squares, "Foam square", foam, Form.rectangle(side, side), Outline.rectangle(side, side))
                .at(at)
                .cutBy(CutMethod.SCISSORS));
        draft.joint(new Joint(SlabId.of(squares), ground.slab(), Joint.Hold.RESTS, foam, Length.ZERO));
        draft.joint(new Joint(SlabId.of(id), SlabId.of(squares), Joint.Hold.RESTS, foam, Length.ZERO));
    }

    private static int count(Length size) {
        return Math.max(1, Math.min(MOST, size.wholeTimes(EACH)));
    }
}
