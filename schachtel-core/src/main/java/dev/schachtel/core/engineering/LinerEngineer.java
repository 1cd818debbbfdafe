package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Liner;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A sheet inside: the face less the margin at each fold and the reveal at the other edges. */
@AutoService(Engineer.class)
public final class LinerEngineer implements Engineer<Liner> {
    @Override
    public Class<Liner> engineers() {
        return Liner.class;
    }

    @Override
    public void engineer(Liner liner, BuildDraft draft) {
        draft.ground(Id.INSIDE, new Source(liner.id(), "")).ifPresent(face -> lay(liner, face, draft));
    }

    private static void lay(Liner liner, Ground face, BuildDraft draft) {
        Length r = liner.reveal();
        Length m = liner.foldMargin();
        Ground.Edge fold = face.fold();
        Length left = fold == Ground.Edge.LEFT || fold == Ground.Edge.SIDES ? m : r;
        Length right = fold == Ground.Edge.SIDES ? m : r;
        Length top = fold == Ground.Edge.TOP ? m : r;
        Length w = face.width().minus(left).minus(right);
        Length h = face.height().minus(top).minus(r);
        Source reveal = new Source(liner.id(), "reveal");
        if (!w.isPositive() || !h.isPositive()) {
            draft.fault(Fault.mend(RuleId.NOTHING_LEFT, reveal, Length.min(w, h), Length.ZERO));
        }
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(liner.card(), new Source(liner.id(), "card"));
        PartId id = new PartId(liner.id(), "");
        boolean shaped = face.shape().isPresent();
        Outline outline = shaped
                ? face.outline().grown(r.negated()).placed(Placement.at(left.negated(), r.negated()))
                : Outline.sheet(w, h);
        draft.part(Part.of(id, "Liner", card, shaped ? Form.of(Form.Sort.SHAPE, w, h) : Form.rectangle(w, h), outline)
                .at(face.at().moved(left, r)));
        ground(liner, face, draft);
        draft.lay(SlabId.of(id), face.slab(), materials.adhesive(liner.fixing(), new Source(liner.id(), "fixing")));
        Ledger ledger = new Ledger(draft, liner.id());
        ledger.formula(
                "Liner",
                Amount.of(w, h),
                switch (fold) {
                    case LEFT -> "{0}; across less {1} and {2}, up less 2 × {2}";
                    case SIDES -> "{0}; across less 2 × {1}, up less 2 × {2}";
                    default -> "{0}; across less 2 × {2}, up less {1} and {2}";
                },
                new dev.schachtel.core.build.Derivation.Term(
                        1, "leaf", Amount.of(face.width(), face.height()), new Source(Id.BASE, "*")),
                ledger.term("fold margin", m, "foldMargin"),
                ledger.term("reveal", r, "reveal"));
    }

    /** It carries pieces, as the face under it does. */
    private static void ground(Liner liner, Ground face, BuildDraft draft) {
        Part sheet = draft.part(new PartId(liner.id(), "")).orElseThrow();
        Outline onFace = sheet.footprints().get(0);
        Outline.Size size = new Outline.Size(sheet.form().width(), sheet.form().height());
        Ground own = Ground.of(sheet.id(), SlabId.of(sheet.id()), sheet.at().get(0), size, face.fold())
                .on(face.slab());
        Ground whole = face.shape().isPresent() ? own.shaped(onFace) : own;
        draft.ground(liner.id(), face.turned().map(whole::folded).orElse(whole));
    }
}
