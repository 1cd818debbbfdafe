package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
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
        Length blank = flaps.left().plus(w).plus(flaps.right());
        boolean scalloped = gate.edge() == Gate.Edge.SCALLOPED;
        Outline flap =
                scalloped ? Silhouettes.scalloped(flaps.left(), h, gate.edgeDepth()) : Outline.sheet(flaps.left(), h);
        Part part = Part.of(PART, "Card base", card, Form.rectangle(blank, h), blank(flap, flaps, w, h))
                .at(Placement.at(flaps.left().negated(), Length.ZERO))
                .grain(Grain.UP);
        draft.folded(scalloped ? part.noting(edge(gate, flaps)) : part);
        Outline right = Outline.sheet(flaps.right(), h).placed(Placement.at(w.minus(flaps.right()), Length.ZERO));
        draft.slab(new Slab(BACK, PART, "Base back", card.thickness(), List.of(middle)));
        draft.faces().add(Id.OUTSIDE_BACK, Reverse.of(PART, BACK, new Outline.Size(w, h), true));
        draft.slab(new Slab(RIGHT, PART, "Right flap", card.thickness(), List.of(right)));
        draft.slab(new Slab(LEFT, PART, "Left flap", card.thickness(), List.of(flap)));
        grounds(draft, gate, flaps, flap);
        for (Length at : List.of(flaps.left(), flaps.left().plus(w))) {
            draft.fold(new Fold(PART, Point.of(at, Length.ZERO), Point.of(at, h), Fold.Crease.VALLEY));
        }
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, middle));
        derive(gate, draft, flaps, card);
        draft.workings().unfolds(unfolds(middle, flap, right));
        draft.workings().fit(meets(gate));
        draft.workings().flat(new Flat("closed", w, h, gate.closing() == Gate.Closing.MEETING ? 2 : 3));
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

    /** The flap's free edge, cut by a partial pass of a die after the blank was trimmed. */
    private static Cutout edge(Gate gate, Flaps flaps) {
        Length deep = gate.edgeDepth();
        Outline band = Outline.sheet(deep, gate.height())
                .placed(Placement.at(flaps.left().minus(deep), Length.ZERO));
        Form form = Form.of(Form.Sort.SHAPE, deep, gate.height());
        return new Cutout(Id.BASE, Cutout.Sort.NOTCH, form, band, CutMethod.DIE);
    }

    /** The blank's left edge is the left flap's free edge turned over. */
    private static Outline blank(Outline flap, Flaps flaps, Length w, Length h) {
        Length rest = w.plus(flaps.right());
        Outline sheet = Outline.sheet(flaps.left().plus(rest), h)
                .placed(Placement.at(flaps.left().negated(), Length.ZERO));
        Outline turned = flap.mirrored(0);
        List<Outline> cut = sheet.less(List.of(turned, Outline.sheet(rest, h)));
        Outline whole = sheet;
        for (Outline sliver : cut) {
            whole = whole.without(sliver);
        }
        return whole.placed(Placement.at(flaps.left(), Length.ZERO));
    }

    private static void grounds(BuildDraft draft, Gate gate, Flaps flaps, Outline flap) {
        Length h = gate.height();
        Outline.Size left = new Outline.Size(flaps.left(), h);
        Outline.Size right = new Outline.Size(flaps.right(), h);
        Ground leftFlap = Ground.of(PART, LEFT, Placement.ORIGIN, left, Ground.Edge.LEFT)
                .on(BACK)
                .folded(TurnedOver.aside(Length.ZERO));
        draft.ground(Gate.LEFT, gate.edge() == Gate.Edge.STRAIGHT ? leftFlap : leftFlap.shaped(flap));
        Placement at = Placement.at(gate.width().minus(flaps.right()), Length.ZERO);
        draft.ground(
                Gate.RIGHT,
                Ground.of(PART, RIGHT, at, right, Ground.Edge.RIGHT).on(BACK).folded(TurnedOver.aside(gate.width())));
        Outline.Size whole = new Outline.Size(gate.width(), h);
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
