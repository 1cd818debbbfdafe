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
import dev.schachtel.core.card.CoverPlate;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A lattice as large as what it lies on. Cells as in a grid of windows; glue only at its bars and edge. */
@AutoService(Engineer.class)
public final class CoverPlateEngineer implements Engineer<CoverPlate> {
    @Override
    public Class<CoverPlate> engineers() {
        return CoverPlate.class;
    }

    @Override
    public void engineer(CoverPlate plate, BuildDraft draft) {
        draft.ground(plate.on(), new Source(plate.id(), "on")).ifPresent(ground -> lay(plate, ground, draft));
    }

    private static void lay(CoverPlate plate, Ground ground, BuildDraft draft) {
        Length w = GridEngineer.free(ground.width(), plate.margin(), plate.bar(), plate.columns());
        Length h = GridEngineer.free(ground.height(), plate.margin(), plate.bar(), plate.rows());
        if (!w.isPositive() || !h.isPositive()) {
            Source bar = new Source(plate.id(), "bar");
            draft.fault(Fault.mend(RuleId.NOTHING_LEFT, bar, Length.min(w, h), Length.ZERO));
            return;
        }
        Length cellW = w.splitInto(plate.columns()).get(0);
        Length cellH = h.splitInto(plate.rows()).get(0);
        Outline lattice = Outline.sheet(ground.width(), ground.height());
        Outline cell = Outline.sheet(cellW, cellH);
        for (int r = 0; r < plate.rows(); r++) {
            for (int c = 0; c < plate.columns(); c++) {
                lattice = lattice.without(cell.placed(Placement.at(
                        plate.margin().plus(cellW.plus(plate.bar()).times(c)),
                        plate.margin().plus(cellH.plus(plate.bar()).times(r)))));
            }
        }
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(plate.card(), new Source(plate.id(), "card"));
        PartId id = new PartId(plate.id(), "");
        draft.part(Part.of(id, "Cover plate", card, Form.of(Form.Sort.FRAME, ground.width(), ground.height()), lattice)
                .at(ground.at())
                .cutBy(CutMethod.DIE));
        draft.lay(SlabId.of(id), ground.slab(), materials.adhesive(plate.fixing(), new Source(plate.id(), "fixing")));
        Ledger ledger = new Ledger(draft, plate.id());
        ledger.formula(
                "Cell",
                Amount.of(cellW, cellH),
                "what edge {0} and bars {1} leave, by {2} columns and {3} rows",
                ledger.term("", plate.margin(), "margin"),
                ledger.term("", plate.bar(), "bar"),
                ledger.count("", plate.columns(), "columns"),
                ledger.count("", plate.rows(), "rows"));
    }
}
