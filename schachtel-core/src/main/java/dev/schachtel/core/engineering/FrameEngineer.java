package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Frame;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * Band = (W1 - W2)/2, the same on both axes or said to be uneven. k frames stacked are k x caliper + (k - 1) x glue. An
 * inlay drops into the frame, level; a backing is the frame's opening + 2 x 3.
 */
@AutoService(Engineer.class)
public final class FrameEngineer implements Engineer<Frame> {
    /** Foam is kept so far off the opening. */
    private static final Length HIDDEN = Length.ofMillimetres(1);

    private static final Length UNDER = Length.ofMillimetres(3);
    /** Less under the frame shows at a slant. */
    private static final Length SEEN = Length.ofMicrometres(500);
    /** An inlay may be pressed in by so much, and may leave so much open: our own estimates. */
    private static final Length TIGHT = Length.ofMicrometres(150);

    private static final Length LOOSE = Length.ofMillimetres(1);

    @Override
    public Class<Frame> engineers() {
        return Frame.class;
    }

    @Override
    public void engineer(Frame frame, BuildDraft draft) {
        draft.ground(frame.on(), new Source(frame.id(), "on")).ifPresent(ground -> lay(frame, ground, draft));
    }

    private static void lay(Frame frame, Ground ground, BuildDraft draft) {
        Length across = frame.outer().width().minus(frame.innerWidth());
        Length up = frame.outer().height().minus(frame.innerHeight());
        Source inner = new Source(frame.id(), "innerWidth");
        if (!across.isPositive() || !up.isPositive()) {
            draft.fault(
                    Fault.mend(RuleId.BAND_LEFT, inner, Length.min(across, up).half(), Length.ZERO));
            return;
        }
        if (!across.equals(up)) {
            draft.fault(Fault.mend(RuleId.BAND_EVEN, inner, across.half(), up.half())
                    .watch());
        }
        derive(frame, draft, across, up, band(frame, ground, draft));
    }

    /** Lays the band and what belongs in it; answers how thick the stack of bands is. */
    private static Length band(Frame frame, Ground ground, BuildDraft draft) {
        Materials materials = new Materials(draft);
        Material fixing = materials.fixing(frame.fixing(), new Source(frame.id(), "fixing"));
        Cardstock card = materials.card(frame.card(), new Source(frame.id(), "card"));
        Placement middle = Placement.at(frame.across(), frame.up());
        Shapes outer = Shapes.of(frame.outer(), draft.workshop());
        Outline hole = Shapes.like(frame.outer(), frame.innerWidth(), frame.innerHeight(), draft.workshop());
        PartId id = new PartId(frame.id(), "");
        Outline band = outer.outline().without(hole);
        Length thick = card.thickness().times(frame.copies()).plus(Materials.GLUE.times(frame.copies() - 1L));
        draft.folded(Part.of(
                        id,
                        "Frame",
                        card,
                        Form.of(
                                Form.Sort.FRAME,
                                outer.form().width(),
                                outer.form().height()),
                        band)
                .at(middle)
                .stacked(frame.copies())
                .cutBy(CutMethod.DIE));
        draft.slab(new Slab(SlabId.of(id), id, "Frame", thick, List.of(band.placed(middle))));
        inlay(frame, ground, draft, fixing, hole);
        Ground own = ground(frame, ground, draft, id, outer.outline().placed(middle));
        boolean backed = frame.inlay() == Frame.Inlay.BACKED;
        if (fixing instanceof Foam foam && !backed) {
            draft.zone(new Zone(
                    Zone.Use.KEEP_OFF,
                    frame.id(),
                    ground.slab(),
                    hole.grown(HIDDEN).placed(middle)));
            draft.joint(new Joint(SlabId.of(id), ground.slab(), Joint.Hold.RESTS, foam, foam.thickness()));
            draft.afterwards(() -> FoamRim.lay(draft, own, foam));
        } else if (!(fixing instanceof Foam)) {
            draft.lay(SlabId.of(id), ground.slab(), fixing);
        }
        return thick;
    }

    private static Ground ground(Frame frame, Ground under, BuildDraft draft, PartId id, Outline outer) {
        Length w = frame.outer().width();
        Length h = frame.outer().height();
        Placement corner =
                Placement.at(frame.across().minus(w.half()), frame.up().minus(h.half()));
        Ground own = Ground.of(id, SlabId.of(id), corner, new Outline.Size(w, h), Ground.Edge.NONE)
                .on(under.slab())
                .shaped(outer);
        draft.ground(frame.id(), own);
        return own;
    }

    private static void inlay(Frame frame, Ground ground, BuildDraft draft, Material fixing, Outline hole) {
        if (frame.inlay() == Frame.Inlay.NONE) {
            return;
        }
        boolean backed = frame.inlay() == Frame.Inlay.BACKED;
        Cardstock card = new Materials(draft).card(frame.inlayCard(), new Source(frame.id(), "inlayCard"));
        PartId id = new PartId(frame.id(), backed ? "backing" : "inlay");
        Length border = backed ? UNDER : Length.ZERO;
        Length w = frame.innerWidth().plus(border.times(2));
        Length h = frame.innerHeight().plus(border.times(2));
        Outline outline = backed ? hole.grown(UNDER) : hole;
        Form.Sort sort = Shapes.of(frame.outer(), draft.workshop()).form().sort();
        draft.part(Part.of(id, backed ? "Backing" : "Inlay", card, Form.of(sort, w, h), outline)
                .at(Placement.at(frame.across(), frame.up()))
                .stacked(backed ? 1 : frame.copies())
                .cutBy(CutMethod.DIE));
        Raised.lay(draft, id, ground, fixing);
        draft.workings().fit(backed ? Suits.backed(Fit.Sort.BACKED, id, UNDER, SEEN) : dropsIn(frame, id));
        if (backed) {
            draft.lay(
                    SlabId.of(new PartId(frame.id(), "")),
                    SlabId.of(id),
                    new Materials(draft).glue(new Source(frame.id(), "fixing")));
            Ledger ledger = new Ledger(draft, frame.id());
            ledger.formula(
                    "Backing",
                    Amount.of(w, h),
                    "{0} by {1}, and 2 × {2} each way",
                    ledger.term("", frame.innerWidth(), "innerWidth"),
                    ledger.term("", frame.innerHeight(), "innerHeight"),
                    ledger.term("under the frame", UNDER, "inlay"));
        }
    }

    /** One pass of two nested dies: what drops out fits what it dropped out of; cut in another way it may not. */
    private static Fit dropsIn(Frame frame, PartId inlay) {
        return Fit.of(
                Fit.Sort.DROPS_IN,
                inlay,
                Fit.Gauge.within(
                        Length.ZERO,
                        TIGHT.negated(),
                        LOOSE,
                        Share.of(1, new Off.Opened(frame.id(), Cutout.Sort.PATTERN, Off.Axis.ACROSS)),
                        Share.of(-1, new Off.Size(inlay, Off.Axis.ACROSS))));
    }

    private static void derive(Frame frame, BuildDraft draft, Length across, Length up, Length thick) {
        Ledger ledger = new Ledger(draft, frame.id());
        ledger.formula(
                "Band, across",
                Amount.of(across.half()),
                "({0} − {1}) ÷ 2",
                ledger.term("outer", frame.outer().width(), "outer.width"),
                ledger.term("inner", frame.innerWidth(), "innerWidth"));
        ledger.formula(
                "Band, up",
                Amount.of(up.half()),
                "({0} − {1}) ÷ 2",
                ledger.term("outer", frame.outer().height(), "outer.height"),
                ledger.term("inner", frame.innerHeight(), "innerHeight"));
        ledger.formula(
                "Frames, thick",
                new Amount.Thick(thick),
                "{0} layers and the glue between",
                ledger.count("", frame.copies(), "copies"));
    }
}
