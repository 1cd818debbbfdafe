package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Mask;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.MaskingPaper;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.work.WorkKind;

/** A mask is cut, laid on before the ink that it keeps off, and taken off when that is dry. */
@AutoService(Engineer.class)
public final class MaskEngineer implements Engineer<Mask> {
    @Override
    public Class<Mask> engineers() {
        return Mask.class;
    }

    @Override
    public void engineer(Mask mask, BuildDraft draft) {
        if (mask.shape() instanceof Opening.Own own) {
            OwnOutline.judge(own.path(), new Source(mask.id(), "shape.path"), draft);
        }
        draft.ground(mask.on(), new Source(mask.id(), "on")).ifPresent(ground -> {
            MaskingPaper paper = new Materials(draft).masking(mask.paper(), new Source(mask.id(), "paper"));
            Shapes shape = Shapes.of(mask.shape(), draft.workshop());
            PartId id = new PartId(mask.id(), "");
            draft.folded(Part.of(id, "Mask", paper, shape.form(), shape.outline())
                    .at(Placement.at(mask.across(), mask.up()))
                    .cutBy(Shapes.method(mask.shape(), draft.workshop())));
            draft.inks()
                    .mask(new Masked(
                            mask.id(),
                            ground.slab(),
                            shape.outline().placed(Placement.at(mask.across(), mask.up())),
                            mask.before()));
            draft.work(Work.of(WorkKind.MASK, mask.id(), ground.slab()).with(id));
            draft.work(Work.of(WorkKind.UNMASK, mask.id(), ground.slab()).with(id));
        });
    }
}
