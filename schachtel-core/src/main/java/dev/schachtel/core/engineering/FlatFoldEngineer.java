package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Stretch;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.FlatFold;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * A blank scored once, or twice for a gusset g. Side fold: blank 2 W + g x H, scored at W and W + g; top fold: W x 2 H +
 * g. Drawn with its outside up: the front leaf is the right, or the lower, part.
 */
@AutoService(Engineer.class)
public final class FlatFoldEngineer implements Engineer<FlatFold> {
    static final SlabId BACK = new SlabId("base/back");
    static final SlabId FRONT = new SlabId("base/front");
    private static final double OPENS = 130;
    /** Both pages lie on the board. */
    private static final double FLAT = 180;
    /** Percent of that at which the front stands upright. */
    private static final int UPRIGHT = 50;
    /** Percent of that by which it is open when it stands on a shelf. */
    private static final int SHOWN = 45;
    /** From the edge of the blank, in millimetres, where a stretch is named. */
    private static final double NAME_OFF = 8;

    @Override
    public Class<FlatFold> engineers() {
        return FlatFold.class;
    }

    @Override
    public void engineer(FlatFold base, BuildDraft draft) {
        Length w = base.width();
        Length h = base.height();
        Length g = base.gusset();
        boolean side = base.fold() == FlatFold.Fold.SIDE;
        Length blankW = side ? w.times(2).plus(g) : w;
        Length blankH = side ? h : h.times(2).plus(g);
        Cardstock card = new Materials(draft).card(base.card(), new Source(Id.BASE, "card"));
        PartId id = new PartId(Id.BASE, "");
        Outline leaf = Outline.sheet(w, h);
        draft.face(leaf);
        draft.folded(Part.of(id, "Card base", card, Form.rectangle(blankW, blankH), Outline.sheet(blankW, blankH))
                .at(side ? Placement.at(w.plus(g).negated(), Length.ZERO) : Placement.ORIGIN)
                .grain(side ? Grain.UP : Grain.ACROSS));
        draft.slab(new Slab(BACK, id, "Base back", card.thickness(), List.of(leaf)));
        draft.slab(new Slab(FRONT, id, "Base front", card.thickness(), List.of(leaf)));
        Outline.Size size = new Outline.Size(w, h);
        Ground.Edge edge = side ? Ground.Edge.LEFT : Ground.Edge.TOP;
        draft.ground(
                Id.FRONT, Ground.of(id, FRONT, Placement.ORIGIN, size, edge).on(BACK));
        TurnedOver over = side ? TurnedOver.aside(g.half().negated()) : TurnedOver.upwards(h.plus(g.half()));
        draft.ground(
                Id.INSIDE, Ground.of(id, BACK, Placement.ORIGIN, size, edge).folded(over));
        draft.faces().add(side ? Id.INSIDE_LEFT : Id.INSIDE_TOP, Reverse.of(id, FRONT, size, side));
        draft.faces().add(Id.OUTSIDE_BACK, Reverse.of(id, BACK, size, true));
        scores(draft, id, base, side);
        stretches(draft, id, Mm.of(blankW), Mm.of(blankH), side);
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, leaf));
        derive(base, draft, side);
        draft.workings().unfolds(side ? aside(leaf, g) : upwards(leaf, g));
        fold(draft, leaf, g, side);
        draft.afterwards(() -> new Closing(draft, FRONT, BACK, card).meet());
    }

    private static void scores(BuildDraft draft, PartId id, FlatFold base, boolean side) {
        Length first = side ? base.width() : base.height();
        List<Length> at = base.gusset().isPositive() ? List.of(first, first.plus(base.gusset())) : List.of(first);
        for (Length score : at) {
            draft.fold(new Fold(
                    id,
                    side ? Point.of(score, Length.ZERO) : Point.of(Length.ZERO, score),
                    side ? Point.of(score, base.height()) : Point.of(base.width(), score),
                    Fold.Crease.MOUNTAIN));
        }
    }

    private static void stretches(BuildDraft draft, PartId id, double wide, double high, boolean side) {
        Workings workings = draft.workings();
        if (side) {
            workings.stretch(new Stretch(id, "back", new Point(wide / 4, NAME_OFF)));
            workings.stretch(new Stretch(id, "front", new Point(wide * 3 / 4, NAME_OFF)));
        } else {
            workings.stretch(new Stretch(id, "back, upside down", new Point(wide / 2, high - NAME_OFF)));
            workings.stretch(new Stretch(id, "front", new Point(wide / 2, NAME_OFF)));
        }
    }

    /** Stands on its foot; the front stays, and the back opens behind it about the middle of the gusset. */
    static Unfolding aside(Outline leaf, Length gusset) {
        Box box = leaf.bounds();
        double at = box.left() - Mm.of(gusset) / 2;
        List<Hinge> hinges = List.of(
                foot(box, 0),
                Hinge.of(0, 1, new Hinge.Line(new Point(at, box.bottom()), new Point(at, box.top())), 0, OPENS));
        return new Unfolding(Unfolding.Standing.STANDS, "opens", leaves(leaf), hinges, List.of(), SHOWN);
    }

    /** Stands like a roof: both leaves lean as much. */
    private static Unfolding upwards(Outline leaf, Length gusset) {
        Box box = leaf.bounds();
        double at = box.top() + Mm.of(gusset) / 2;
        List<Hinge> hinges = List.of(
                foot(box, -OPENS / 2),
                Hinge.of(0, 1, new Hinge.Line(new Point(box.left(), at), new Point(box.right(), at)), 0, OPENS));
        return new Unfolding(Unfolding.Standing.STANDS, "opens", leaves(leaf), hinges, List.of(), SHOWN);
    }

    /** Lying on its back, the front opens until both pages lie flat. */
    private static void fold(BuildDraft draft, Outline leaf, Length gusset, boolean side) {
        Box box = leaf.bounds();
        double half = Mm.of(gusset) / 2;
        double fold = side ? box.left() - half : box.top() + half;
        Point from = side ? new Point(fold, box.bottom()) : new Point(box.left(), fold);
        Point to = side ? new Point(fold, box.top()) : new Point(box.right(), fold);
        Hinge.Line line = new Hinge.Line(from, to);
        List<Hinge> hinges = List.of(Hinge.fixed(Hinge.BOARD, 1, line), Hinge.of(1, 0, line, 0, -FLAT));
        Unfolding lying = new Unfolding(Unfolding.Standing.LIES, "opens", leaves(leaf), hinges, List.of(), UPRIGHT);
        Length deep = Mm.length((side ? box.width() : box.height()) + half);
        Length along = Mm.length(side ? box.height() : box.width());
        Valley.Side page = new Valley.Side(BACK, 1, deep);
        Valley.Side front = new Valley.Side(FRONT, 0, deep);
        draft.workings().popUps().fold(new Valley(page, front, side, fold, Length.ZERO, along, box), lying);
    }

    private static Hinge foot(Box box, double leans) {
        Point left = new Point(box.left(), box.bottom());
        return Hinge.of(Hinge.BOARD, 0, new Hinge.Line(left, new Point(box.right(), box.bottom())), 0, leans);
    }

    private static List<Panel> leaves(Outline leaf) {
        return List.of(new Panel("front", FRONT, leaf), new Panel("back", BACK, leaf));
    }

    private static void derive(FlatFold base, BuildDraft draft, boolean side) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        Length w = base.width();
        Length h = base.height();
        Length g = base.gusset();
        Derivation.Term width = ledger.term("width", w, "width");
        Derivation.Term height = ledger.term("height", h, "height");
        Derivation.Term gusset = ledger.term("gusset", g, "gusset");
        if (g.isPositive()) {
            ledger.formula(
                    "Blank",
                    side
                            ? Amount.of(w.times(2).plus(g), h)
                            : Amount.of(w, h.times(2).plus(g)),
                    side ? "2 × {0} + {2} by {1}" : "{0} by 2 × {1} + {2}",
                    width,
                    height,
                    gusset);
        } else {
            ledger.formula(
                    "Blank",
                    side ? Amount.of(w.times(2), h) : Amount.of(w, h.times(2)),
                    side ? "2 × {0} by {1}" : "{0} by 2 × {1}",
                    width,
                    height);
        }
        String from = side ? "Score, from the left" : "Score, from the foot";
        Derivation.Term first = side ? width : height;
        ledger.sum(from, side ? w : h, first);
        if (g.isPositive()) {
            ledger.sum("Second score", (side ? w : h).plus(g), first, gusset);
        }
    }
}
