package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.RibbonAcross;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Ribbon;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * A ribbon as long as its sheet is wide, with what is turned behind. A bow is five times as wide as its ribbon; its two
 * loops, ends and knot take 5 + 3 + 2 widths of ribbon each way and lie in six layers: two for each loop, two for the knot.
 */
@AutoService(Engineer.class)
public final class RibbonEngineer implements Engineer<RibbonAcross> {
    private static final int BOW_WIDE = 5;
    private static final int BOW_HIGH = 2;
    private static final int BOW_TAKES = 20;
    private static final int BOW_LAYERS = 6;

    @Override
    public Class<RibbonAcross> engineers() {
        return RibbonAcross.class;
    }

    @Override
    public void engineer(RibbonAcross band, BuildDraft draft) {
        draft.ground(band.on(), new Source(band.id(), "on")).ifPresent(ground -> {
            Materials materials = new Materials(draft);
            Ribbon ribbon = materials.ribbon(band.ribbon(), new Source(band.id(), "ribbon"));
            Material glue = materials.adhesive(band.fixing(), new Source(band.id(), "fixing"));
            SlabId across = across(band, ground, ribbon, draft);
            draft.lay(across, ground.slab(), glue);
            if (band.bow()) {
                bow(band, ribbon, glue, across, draft);
            }
        });
    }

    private static SlabId across(RibbonAcross band, Ground ground, Ribbon ribbon, BuildDraft draft) {
        PartId id = new PartId(band.id(), "");
        Box box = ground.outline().bounds();
        Length wide = Mm.length(box.width());
        Length whole = wide.plus(band.behind().times(2));
        Placement at = Placement.at(
                Mm.length(box.left()), band.up().minus(ribbon.width().half()));
        Outline seen = Outline.sheet(wide, ribbon.width()).placed(at);
        List<Outline> on = seen.common(ground.outline());
        draft.part(snipped(id, "Ribbon", whole, ribbon).at(at), on.isEmpty() ? List.of(seen) : on);
        Ledger ledger = new Ledger(draft, band.id());
        ledger.sum(
                "Ribbon",
                whole,
                ledger.term(1, "sheet", wide, new Source(ground.owner(), "*")),
                ledger.twice("behind", band.behind(), "behind"));
        return SlabId.of(id);
    }

    private static Part snipped(PartId id, String name, Length length, Ribbon ribbon) {
        return Part.of(id, name, ribbon, Form.rectangle(length, ribbon.width()), Outline.sheet(length, ribbon.width()))
                .cutBy(CutMethod.SCISSORS);
    }

    private static void bow(RibbonAcross band, Ribbon ribbon, Material glue, SlabId across, BuildDraft draft) {
        PartId id = new PartId(band.id(), "bow");
        Length takes = ribbon.width().times(BOW_TAKES);
        Length wide = ribbon.width().times(BOW_WIDE);
        Length high = ribbon.width().times(BOW_HIGH);
        Placement at = Placement.at(band.across(), band.up());
        Part bow = snipped(id, "Bow", takes, ribbon).at(at);
        draft.folded(bow);
        draft.slab(new Slab(
                SlabId.of(id),
                id,
                bow.name(),
                ribbon.thickness().times(BOW_LAYERS),
                List.of(Outline.oval(wide, high).placed(at))));
        draft.joint(new Joint(SlabId.of(id), across, Joint.Hold.RESTS, glue, glue.thickness()));
        Ledger ledger = new Ledger(draft, band.id());
        ledger.formula(
                "Bow takes",
                Amount.of(takes),
                BOW_TAKES + " × {0}, ribbon",
                ledger.term(1, "wide", ribbon.width(), ledger.source("ribbon")));
    }
}
