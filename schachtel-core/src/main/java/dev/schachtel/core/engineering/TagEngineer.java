package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Tag;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** One panel with round corners, a hole in the middle of its top, and a thread. */
@AutoService(Engineer.class)
public final class TagEngineer implements Engineer<Tag> {
    private static final PartId PART = new PartId(Id.BASE, "");
    private static final SlabId SLAB = new SlabId("base/tag");

    @Override
    public Class<Tag> engineers() {
        return Tag.class;
    }

    @Override
    public void engineer(Tag tag, BuildDraft draft) {
        Cardstock card = new Materials(draft).card(tag.card(), new Source(Id.BASE, "card"));
        Length w = tag.width();
        Length h = tag.height();
        Outline outline = Outline.roundedRectangle(w, h, tag.corner()).placed(Placement.at(w.half(), h.half()));
        draft.face(outline);
        Form form = tag.corner().isZero() ? Form.rectangle(w, h) : Form.of(Form.Sort.ROUNDED, w, h);
        draft.folded(Part.of(PART, "Tag", card, form, outline)
                .cutBy(tag.corner().isZero() ? CutMethod.TRIMMER : CutMethod.DIE));
        draft.slab(new Slab(SLAB, PART, "Tag", card.thickness(), List.of(outline)));
        Ground ground = Ground.of(PART, SLAB, Placement.ORIGIN, new Outline.Size(w, h), Ground.Edge.NONE)
                .shaped(outline);
        draft.ground(Id.FRONT, ground);
        TurnedOver over = TurnedOver.aside(w.half());
        draft.faces().add(Id.OUTSIDE_BACK, new Reverse(PART, SLAB, over.back(outline), over));
        Placement middle = Placement.at(w.half(), h.minus(tag.holeDown()));
        Outline hole = Outline.circle(tag.hole()).placed(middle);
        Form round = Form.of(Form.Sort.ROUND, tag.hole(), tag.hole());
        draft.cut(ground, new Cutout(Id.BASE, Cutout.Sort.HOLE, round, hole, CutMethod.PUNCH));
        Threads.add(draft, new PartId(Id.BASE, "thread"), tag.thread(), tag.threadKind(), middle);
        Threads.loop(
                draft, new PartId(Id.BASE, "thread"), SLAB, middle, tag.thread().half());
        Length left = tag.holeDown().minus(tag.hole().half());
        draft.workings().fit(Suits.hole(PART, Id.BASE, left));
        draft.workings().unfolds(Unfolding.none(Unfolding.Standing.HANGS, new Panel("tag", SLAB, outline)));
        draft.workings().shut("flat");
        Ledger ledger = new Ledger(draft, Id.BASE);
        ledger.sum(
                "Hole, from the foot",
                h.minus(tag.holeDown()),
                ledger.term("height", h, "height"),
                ledger.term(-1, "from the top", tag.holeDown(), ledger.source("holeDown")));
    }
}
