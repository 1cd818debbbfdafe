package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A cut-out laid on, turned about its middle. */
@AutoService(Engineer.class)
public final class MotifEngineer implements Engineer<Motif> {
    @Override
    public Class<Motif> engineers() {
        return Motif.class;
    }

    @Override
    public void engineer(Motif motif, BuildDraft draft) {
        draft.ground(motif.on(), new Source(motif.id(), "on")).ifPresent(ground -> lay(motif, ground, draft));
    }

    /** That of its picture, or a cut-out. */
    private static String name(Motif motif, BuildDraft draft) {
        return motif.shape() instanceof Opening.Pictured p
                ? draft.workshop().picture(p.picture()).map(Picture::name).orElse("Picture")
                : "Cut-out";
    }

    private static void lay(Motif motif, Ground ground, BuildDraft draft) {
        if (motif.shape() instanceof Opening.Own own) {
            OwnOutline.judge(own.path(), new Source(motif.id(), "shape.path"), draft);
        }
        Materials stuff = new Materials(draft);
        Shapes shape = Shapes.of(motif.shape(), draft.workshop());
        Cardstock card = stuff.card(motif.card(), new Source(motif.id(), "card"));
        PartId id = new PartId(motif.id(), "");
        boolean square = shape.form().sort() == Form.Sort.RECTANGLE;
        Outline outline = motif.mirrored() ? shape.outline().mirrored(0) : shape.outline();
        draft.art(id, motif.shape(), motif.mirrored());
        draft.part(Part.of(id, name(motif, draft), card, shape.form(), outline)
                .at(Placement.at(motif.across(), motif.up()).turned(Angle.ofDegrees(motif.turned())))
                .cutBy(square ? CutMethod.TRIMMER : Shapes.method(motif.shape(), draft.workshop())));
        Material fixing = stuff.fixing(motif.fixing(), new Source(motif.id(), "fixing"));
        Raised.lay(draft, id, ground, fixing);
    }
}
