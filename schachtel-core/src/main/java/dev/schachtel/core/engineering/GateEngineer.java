package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Gate;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Silhouettes;

/**
 * Centre W with flaps L and R. Meeting: L + R = W - gap. Overlapping: L + R = W + overlap less one caliper, by which the
 * right flap, folded inside the left, is shorter. Drawn with its inside up, so that left is left.
 */
@AutoService(Engineer.class)
public final class GateEngineer implements Engineer<Gate> {
    private static final SlabId BACK = new SlabId("base/back");
    private static final SlabId LEFT = new SlabId("base/left-flap");
    private static final SlabId RIGHT = new SlabId("base/right-flap");
    private static final PartId PART = new PartId(Id.BASE, "");
    private static final double OPENS = 120;
    private static final int SHOWN = 30;
    private static final Length LEAST_OVER = Length.ofMillimetres(2);

    @Override
    public Class<Gate> engineers() {
        return Gate.class;
    }

    /** Widths of the two flaps. */
    record Flaps(Length left, Length right) {
        static Flaps of(Gate gate, Length caliper) {
            boolean meeting = gate.closing() == Gate.Closing.MEETING;
            Length both = meeting
                    ? gate.width().minus(gate.gap())
                    : gate.width().plus(gate.overlap()).minus(caliper);
            Length left = Length.ofNanometres(both.nanometres() / 100 * gate.leftShare());
            return new Flaps(left, both.minus(left));
        }
    }

    @Override
    public void engineer(Gate gate, BuildDraft draft) {
        Cardstock card = new Materials(draft).card(gate.card(), new Source(Id.BASE, "card"));
        Flaps flaps = Flaps.of(gate, card.thickness());
        Length w = gate.width();
        Length h = gate.height();
        Outline middle = Outline.sheet(w, h);
        draft.face(middle);
        Outline left = flap(flaps.left(), high(gate, gate.leftLower(), "leftLower", draft), gate.edge(), gate);
        Outline right = flap(flaps.right(), high(gate, gate.rightLower(), "rightLower", draft), gate.rightEdge(), gate)
                .mirrored(Mm.of(w) / 2);
        Length blank = flaps.left().plus(w).plus(flaps.right());
        Part part = Part.of(PART, "Card base", card, Form.rectangle(blank, h), blank(left, right, middle, flaps))
                .at(Placement.at(flaps.left().negated(), Length.ZERO))
                .grain(Grain.UP);
        draft.folded(cut(cut(part, left, gate.edge(), gate, true), right, gate.rightEdge(), gate, false));
        draft.slab(new Slab(BACK, PART, "Base back", card.thickness(), List.of(middle)));
        draft.faces().add(Id.OUTSIDE_BACK, Reverse.of(PART, BACK, new Outline.Size(w, h), true));
        draft.slab(new Slab(RIGHT, PART, "Right flap", card.thickness(), List.of(right)));
        draft.slab(new Slab(LEFT, PART, "Left flap", card.thickness(), List.of(left)));
        grounds(draft, gate, left, right);
        crease(draft, flaps.left(), left);
        crease(draft, flaps.left().plus(w), right);
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, middle));
        derive(gate, draft, flaps, card);
        draft.workings().unfolds(unfolds(middle, left, right));
        draft.workings().fit(meets(gate));
        draft.afterwards(() -> close(draft, gate, card));
    }

    /** Left to right: a flap up to the first score, the middle up to the second, the other flap up to the blank's end. */
    private static Fit meets(Gate gate) {
        Share[] off = {
            Share.of(2, new Off.Scored(PART, 1)),
            Share.of(-2, new Off.Scored(PART, 0)),
            Share.of(-1, new Off.Size(PART, Off.Axis.ACROSS))
        };
        if (gate.closing() == Gate.Closing.MEETING) {
            return Fit.of(Fit.Sort.FLAPS_CLEAR, PART, Fit.Gauge.atLeast(gate.gap(), Length.ZERO, off))
                    .easedBy(new Source(Id.BASE, "gap"));
        }
        Share[] over = {Share.of(-2, off[0].off()), Share.of(2, off[1].off()), Share.of(1, off[2].off())};
        return Fit.of(Fit.Sort.FLAPS_REACH, PART, Fit.Gauge.atLeast(gate.overlap(), LEAST_OVER, over))
                .easedBy(new Source(Id.BASE, "overlap"));
    }

    private static void crease(BuildDraft draft, Length at, Outline flap) {
        Length high = flap.bounds().high();
        draft.fold(new Fold(PART, Point.of(at, Length.ZERO), Point.of(at, high), Fold.Crease.VALLEY));
    }

    /** A flap that would be lower than nothing keeps half of the height. */
    private static Length high(Gate gate, Length lower, String input, BuildDraft draft) {
        Length h = gate.height();
        if (lower.isBelow(h)) {
            return h.minus(lower);
        }
        Source source = new Source(Id.BASE, input);
        draft.fault(Fault.mend(RuleId.FLAP_LOW, source, lower, h)
                .remedy(draft.lever(source).map(l -> l.to(h.half()))));
        return h.half();
    }

    /** Folded in, its crease at the left. */
    private static Outline flap(Length wide, Length high, Gate.Edge edge, Gate gate) {
        return edge == Gate.Edge.SCALLOPED
                ? Silhouettes.scalloped(wide, high, gate.edgeDepth())
                : Outline.sheet(wide, high);
    }

    /** What is cut off a flap after the blank was trimmed: its free edge by a partial pass of a die, what it is lower by hand. */
    private static Part cut(Part blank, Outline flap, Gate.Edge edge, Gate gate, boolean left) {
        Box box = flap.bounds();
        Length deep = gate.edgeDepth();
        Part part = blank;
        if (edge == Gate.Edge.SCALLOPED) {
            Length at = left ? Mm.length(box.right()).minus(deep) : Mm.length(box.left());
            Outline band = Outline.sheet(deep, box.high()).placed(Placement.at(at, Length.ZERO));
            Form form = Form.of(Form.Sort.SHAPE, deep, box.high());
            part = part.noting(new Cutout(Id.BASE, Cutout.Sort.NOTCH, form, band, CutMethod.DIE));
        }
        Length lower = gate.height().minus(box.high());
        if (lower.isPositive()) {
            Outline off = Outline.sheet(box.wide(), lower).placed(Placement.at(Mm.length(box.left()), box.high()));
            Form form = Form.rectangle(box.wide(), lower);
            part = part.noting(new Cutout(Id.BASE, Cutout.Sort.NOTCH, form, off, CutMethod.KNIFE));
        }
        return part;
    }

    /** Flaps opened out on both sides of the middle. */
    private static Outline blank(Outline left, Outline right, Outline middle, Flaps flaps) {
        Box box = middle.bounds();
        Outline whole = Outline.sheet(flaps.left().plus(box.wide()).plus(flaps.right()), box.high())
                .placed(Placement.at(flaps.left().negated(), Length.ZERO));
        for (Outline sliver : whole.less(List.of(left.mirrored(0), middle, right.mirrored(box.right())))) {
            whole = whole.without(sliver);
        }
        return whole.placed(Placement.at(flaps.left(), Length.ZERO));
    }

    private static void grounds(BuildDraft draft, Gate gate, Outline left, Outline right) {
        Outline.Size over = new Outline.Size(left.bounds().wide(), left.bounds().high());
        Outline.Size under =
                new Outline.Size(right.bounds().wide(), right.bounds().high());
        Ground leftFlap = Ground.of(PART, LEFT, Placement.ORIGIN, over, Ground.Edge.LEFT)
                .on(BACK)
                .folded(TurnedOver.aside(Length.ZERO));
        Placement at = Placement.at(gate.width().minus(under.width()), Length.ZERO);
        Ground rightFlap =
                Ground.of(PART, RIGHT, at, under, Ground.Edge.RIGHT).on(BACK).folded(TurnedOver.aside(gate.width()));
        draft.ground(Gate.LEFT, gate.edge() == Gate.Edge.STRAIGHT ? leftFlap : leftFlap.shaped(left));
        draft.ground(Gate.RIGHT, gate.rightEdge() == Gate.Edge.STRAIGHT ? rightFlap : rightFlap.shaped(right));
        Outline.Size whole = new Outline.Size(gate.width(), gate.height());
        draft.ground(Id.INSIDE, Ground.of(PART, BACK, Placement.ORIGIN, whole, Ground.Edge.SIDES));
    }

    private static void close(BuildDraft draft, Gate gate, Cardstock card) {
        new Closing(draft, RIGHT, BACK, card).meet();
        new Closing(draft, LEFT, BACK, card).meet();
        if (gate.closing() == Gate.Closing.OVERLAPPING) {
            draft.joint(new Joint(LEFT, RIGHT, Joint.Hold.MEETS, card, Length.ZERO));
        }
    }

    /** Stands on its foot, the flaps open to the front. */
    private static Unfolding unfolds(Outline middle, Outline left, Outline right) {
        Box box = middle.bounds();
        Point foot = new Point(box.right(), box.bottom());
        Point top = new Point(box.left(), box.top());
        List<Panel> panels = List.of(
                new Panel("back", BACK, middle),
                new Panel("left flap", LEFT, left),
                new Panel("right flap", RIGHT, right));
        List<Hinge> hinges = List.of(
                Hinge.fixed(Hinge.BOARD, 0, new Hinge.Line(Point.ORIGIN, foot)),
                Hinge.of(0, 1, new Hinge.Line(top, Point.ORIGIN), 0, OPENS),
                Hinge.of(0, 2, new Hinge.Line(foot, new Point(foot.x(), top.y())), 0, OPENS));
        return new Unfolding(Unfolding.Standing.STANDS, "flaps open", panels, hinges, List.of(), SHOWN);
    }

    private static void derive(Gate gate, BuildDraft draft, Flaps flaps, Cardstock card) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        Length both = flaps.left().plus(flaps.right());
        if (gate.closing() == Gate.Closing.MEETING) {
            ledger.sum(
                    "Both flaps",
                    both,
                    ledger.term("width", gate.width(), "width"),
                    ledger.term(-1, "gap", gate.gap(), ledger.source("gap")));
        } else {
            ledger.sum(
                    "Both flaps",
                    both,
                    ledger.term("width", gate.width(), "width"),
                    ledger.term("overlap", gate.overlap(), "overlap"),
                    ledger.term(-1, "caliper", card.thickness(), ledger.source("card")));
        }
        ledger.formula(
                "Left flap",
                Amount.of(flaps.left()),
                "{1} % of {0}",
                ledger.term("both", both, "leftShare"),
                ledger.count("share", gate.leftShare(), "leftShare"));
        ledger.sum(
                "Right flap",
                flaps.right(),
                ledger.term("both", both, "gap"),
                ledger.term(-1, "left flap", flaps.left(), ledger.source("leftShare")));
        ledger.sum(
                "Blank, wide",
                both.plus(gate.width()),
                ledger.term("both flaps", both, "gap"),
                ledger.term("width", gate.width(), "width"));
    }
}
