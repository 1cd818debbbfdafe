package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Pocket;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * A sheet with three flaps folded under: pocket = what it holds + 2 x ease each way, as high as the share it holds.
 * Bank-card size 54 x 85.6, ease 1.5: 57 wide. Flaps are the only place with adhesive.
 */
@AutoService(Engineer.class)
public final class PocketEngineer implements Engineer<Pocket> {
    /** With less to spare in all a card sticks: our own estimate. */
    private static final Length GOES_IN = Length.ofMicrometres(500);

    @Override
    public Class<Pocket> engineers() {
        return Pocket.class;
    }

    @Override
    public void engineer(Pocket pocket, BuildDraft draft) {
        draft.ground(pocket.on(), new Source(pocket.id(), "on")).ifPresent(ground -> lay(pocket, ground, draft));
    }

    private static void lay(Pocket pocket, Ground ground, BuildDraft draft) {
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(pocket.card(), new Source(pocket.id(), "card"));
        Length w = pocket.holdsWide().plus(pocket.ease().times(2));
        Length whole = pocket.holdsHigh().plus(pocket.ease().times(2));
        Length h = Length.ofNanometres(whole.nanometres() / 100 * pocket.depth());
        Length f = pocket.flap();
        Length blankW = w.plus(f.times(2));
        Length blankH = h.plus(f);
        PartId id = new PartId(pocket.id(), "");
        Placement corner = Placement.at(pocket.across().minus(w.half()), pocket.up());
        Outline front = Outline.sheet(w, h).placed(corner);
        Part part = Part.of(id, "Pocket", card, Form.rectangle(blankW, blankH), blank(w, h, f))
                .at(corner.moved(f.negated(), f.negated()))
                .cutBy(CutMethod.KNIFE);
        draft.folded(part);
        draft.slab(new Slab(SlabId.of(id), id, "Pocket", card.thickness().times(2), List.of(front)));
        Length right = f.plus(w);
        draft.fold(new Fold(id, Point.of(f, f), Point.of(f, blankH), Fold.Crease.MOUNTAIN));
        draft.fold(new Fold(id, Point.of(right, f), Point.of(right, blankH), Fold.Crease.MOUNTAIN));
        draft.fold(new Fold(id, Point.of(f, f), Point.of(right, f), Fold.Crease.MOUNTAIN));
        Material fixing = materials.adhesive(pocket.fixing(), new Source(pocket.id(), "fixing"));
        draft.lay(SlabId.of(id), ground.slab(), fixing);
        draft.zone(new Zone(Zone.Use.NO_GLUE, pocket.id(), ground.slab(), front.grown(f.negated())));
        draft.workings()
                .fit(Fit.of(
                                Fit.Sort.POCKET_HOLDS,
                                id,
                                Fit.Gauge.atLeast(
                                        pocket.ease().times(2),
                                        GOES_IN,
                                        Share.of(1, new Off.Scored(id, 1)),
                                        Share.of(-1, new Off.Scored(id, 0))))
                        .easedBy(new Source(pocket.id(), "ease")));
        derive(pocket, draft, w, h);
    }

    /** The front with a flap at each side and one at the foot, their corners cut away. */
    private static Outline blank(Length w, Length h, Length f) {
        Point[] p = {
            Point.of(f, f),
            Point.of(f, Length.ZERO),
            Point.of(f.plus(w), Length.ZERO),
            Point.of(f.plus(w), f),
            Point.of(f.plus(w).plus(f), f),
            Point.of(f.plus(w).plus(f), f.plus(h)),
            Point.of(Length.ZERO, f.plus(h)),
            Point.of(Length.ZERO, f)
        };
        return Outline.ofCorners(List.of(p));
    }

    private static void derive(Pocket pocket, BuildDraft draft, Length w, Length h) {
        Ledger ledger = new Ledger(draft, pocket.id());
        ledger.sum(
                "Pocket, wide",
                w,
                ledger.term("holds", pocket.holdsWide(), "holdsWide"),
                ledger.twice("ease", pocket.ease(), "ease"));
        ledger.formula(
                "Pocket, high",
                Amount.of(h),
                "{2} % of {0} and 2 × {1}",
                ledger.term("", pocket.holdsHigh(), "holdsHigh"),
                ledger.term("ease", pocket.ease(), "ease"),
                ledger.count("", pocket.depth(), "depth"));
        ledger.sum(
                "Blank, wide",
                w.plus(pocket.flap().times(2)),
                ledger.term("pocket", w, "holdsWide"),
                ledger.twice("flap", pocket.flap(), "flap"));
        ledger.sum(
                "Blank, high",
                h.plus(pocket.flap()),
                ledger.term("pocket", h, "depth"),
                ledger.term("flap", pocket.flap(), "flap"));
    }
}
