package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * A blank scored once. Side fold: 2 W x H scored at W; top fold: W x 2 H scored at H. Drawn with its outside up: the
 * front leaf is the right, or the lower, half.
 */
@AutoService(Engineer.class)
public final class FlatFoldEngineer implements Engineer<FlatFold> {
    private static final SlabId BACK = new SlabId("base/back");
    private static final SlabId FRONT = new SlabId("base/front");

    @Override
    public Class<FlatFold> engineers() {
        return FlatFold.class;
    }

    @Override
    public void engineer(FlatFold base, Site site) {
        Length w = base.width();
        Length h = base.height();
        boolean side = base.fold() == FlatFold.Fold.SIDE;
        Length blankW = side ? w.times(2) : w;
        Length blankH = side ? h : h.times(2);
        Cardstock card = new Stuff(site).card(base.card(), new Source(Id.BASE, "card"));
        PartId id = new PartId(Id.BASE, "");
        Outline leaf = Outline.sheet(w, h);
        site.face(leaf);
        site.folded(Part.of(id, "Card base", card, Form.rectangle(blankW, blankH), Outline.sheet(blankW, blankH))
                .at(side ? Placement.at(w.negated(), Length.ZERO) : Placement.ORIGIN)
                .grain(side ? Grain.UP : Grain.ACROSS));
        site.slab(new Slab(BACK, id, "Base back", card.thickness(), List.of(leaf)));
        site.slab(new Slab(FRONT, id, "Base front", card.thickness(), List.of(leaf)));
        Ground.Edge edge = side ? Ground.Edge.LEFT : Ground.Edge.TOP;
        site.ground(Id.FRONT, new Ground(Id.BASE, FRONT, id, Placement.ORIGIN, w, h, BACK, edge));
        site.ground(Id.INSIDE, new Ground(Id.BASE, BACK, id, Placement.ORIGIN, w, h, BACK, edge));
        site.fold(new Fold(
                id,
                side ? Point.of(w, Length.ZERO) : Point.of(Length.ZERO, h),
                side ? Point.of(w, h) : Point.of(w, h),
                Fold.Way.MOUNTAIN));
        site.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, leaf));
        derive(base, site, side);
        site.afterwards(() -> new Closing(site, FRONT, BACK, card).meet());
    }

    private static void derive(FlatFold base, Site site, boolean side) {
        Length w = base.width();
        Length h = base.height();
        Derivation.Term width = new Derivation.Term(1, "width", Amount.of(w), new Source(Id.BASE, "width"));
        Derivation.Term height = new Derivation.Term(1, "height", Amount.of(h), new Source(Id.BASE, "height"));
        site.derive(new Derivation(
                Id.BASE,
                "Blank",
                side ? Amount.of(w.times(2), h) : Amount.of(w, h.times(2)),
                side ? "2 × {0} by {1}" : "{0} by 2 × {1}",
                List.of(width, height)));
        site.derive(new Derivation(
                Id.BASE,
                side ? "Score, from the left" : "Score, from the foot",
                Amount.of(side ? w : h),
                "",
                List.of(side ? width : height)));
    }
}
