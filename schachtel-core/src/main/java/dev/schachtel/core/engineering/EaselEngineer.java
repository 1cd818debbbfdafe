package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
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
import dev.schachtel.core.card.Easel;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Blank W x 2 H, scored at H (hinge, at the top) and at H + a (crease). The face is glued to the flap under the crease
 * only. The stop bar lies inside, the distance s from the hinge. Geometry: {@link EaselGeometry}.
 */
@AutoService(Engineer.class)
public final class EaselEngineer implements Engineer<Easel> {
    private static final SlabId BACK = new SlabId("base/back");
    private static final SlabId FLAP = new SlabId("base/flap");
    private static final SlabId STRUT = new SlabId("base/strut");
    private static final PartId PART = new PartId(Id.BASE, "");
    private static final PartId FACE = new PartId(Id.BASE, "face");
    private static final PartId STOP = new PartId(Id.BASE, "stop");
    /** Degrees by which nobody sees a card lean otherwise: our own estimate. */
    private static final int ABOUT = 4;

    private static final Length STOP_WIDE = Length.ofMillimetres(6);
    private static final Length STOP_ABOVE = Length.ofMillimetres(1);

    /** Where it stands; standing is false when it can't and a plain guess is drawn. */
    private record Stand(double stop, double lean, boolean standing) {}

    @Override
    public Class<Easel> engineers() {
        return Easel.class;
    }

    @Override
    public void engineer(Easel easel, BuildDraft draft) {
        Length w = easel.width();
        Length h = easel.height();
        Length b = Length.max(Length.ofMillimetres(1), Length.min(easel.crease(), h.minus(Length.ofMillimetres(1))));
        EaselGeometry geometry = new EaselGeometry(h, b);
        Stand stand = stand(easel, geometry, draft);
        Cardstock card = new Materials(draft).card(easel.card(), new Source(Id.BASE, "card"));
        Outline leaf = Outline.sheet(w, h);
        Outline flap = Outline.sheet(w, b);
        Outline strut = Outline.sheet(w, geometry.strut()).placed(Placement.at(Length.ZERO, b));
        draft.face(leaf);
        draft.folded(Part.of(PART, "Card base", card, Form.rectangle(w, h.times(2)), Outline.sheet(w, h.times(2)))
                .grain(Grain.ACROSS));
        draft.slab(new Slab(BACK, PART, "Base back", card.thickness(), List.of(leaf)));
        draft.slab(new Slab(STRUT, PART, "Strut", card.thickness(), List.of(strut)));
        draft.slab(new Slab(FLAP, PART, "Flap", card.thickness(), List.of(flap)));
        draft.fold(new Fold(PART, Point.of(Length.ZERO, h), Point.of(w, h), Fold.Crease.MOUNTAIN));
        draft.fold(new Fold(PART, Point.of(Length.ZERO, b), Point.of(w, b), Fold.Crease.VALLEY));
        Ground inside = Ground.of(PART, BACK, Placement.ORIGIN, new Outline.Size(w, h), Ground.Edge.TOP)
                .folded(TurnedOver.upwards(h));
        draft.ground(Id.INSIDE, inside);
        draft.faces().add(Id.OUTSIDE_BACK, Reverse.of(PART, BACK, new Outline.Size(w, h), true));
        face(easel, draft, b);
        draft.afterwards(() -> stopBar(easel, draft, stand));
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, leaf));
        draft.zone(new Zone(Zone.Use.NO_GLUE, Id.BASE, STRUT, strut));
        derive(easel, draft, geometry, stand);
        draft.workings().unfolds(unfolds(w, geometry, stand));
        leans(draft, geometry, stand);
        draft.afterwards(() -> {
            new Closing(draft, STRUT, BACK, card).meet();
            new Closing(draft, FLAP, BACK, card).meet();
            stopHolds(easel, draft);
        });
    }

    private static Stand stand(Easel easel, EaselGeometry geometry, BuildDraft draft) {
        Optional<Length> stop;
        Optional<Double> lean;
        if (easel.stand() instanceof Easel.Stand.Stop chosen) {
            stop = Optional.of(chosen.distance());
            lean = geometry.lean(chosen.distance());
        } else {
            int degrees = easel.stand() instanceof Easel.Stand.Lean chosen ? chosen.degrees() : 60;
            lean = Optional.of((double) degrees);
            stop = geometry.stop(degrees);
        }
        if (stop.isEmpty() || lean.isEmpty()) {
            Source crease = new Source(Id.BASE, "crease");
            Length half = easel.height().half();
            draft.fault(Fault.mend(RuleId.STANDS, crease, easel.crease(), half)
                    .remedy(draft.lever(crease).map(l -> l.to(half))));
            return new Stand(Mm.of(easel.height().half()), 60, false);
        }
        return new Stand(Mm.of(stop.get()), lean.get(), true);
    }

    /** The face covers the whole front but is held by the flap alone. */
    private static void face(Easel easel, BuildDraft draft, Length b) {
        Materials materials = new Materials(draft);
        Length w = easel.width();
        Length h = easel.height();
        Cardstock card = materials.card(easel.faceCard(), new Source(Id.BASE, "faceCard"));
        draft.part(Part.of(FACE, "Face", card, Form.rectangle(w, h), Outline.sheet(w, h)));
        SlabId slab = SlabId.of(FACE);
        draft.lay(slab, FLAP, materials.adhesive(easel.fixing(), new Source(Id.BASE, "fixing")));
        draft.ground(
                Id.FRONT,
                Ground.of(FACE, slab, Placement.ORIGIN, new Outline.Size(w, h), Ground.Edge.LEVEL)
                        .on(FLAP));
        new Ledger(draft, Id.BASE)
                .formula(
                        "Glued, from the foot",
                        Amount.of(b),
                        "the flap under the crease only: {0}",
                        new Ledger(draft, Id.BASE).term("crease", b, "crease"));
    }

    private static void stopBar(Easel easel, BuildDraft draft, Stand stand) {
        Foam foam = new Materials(draft).foam(easel.stop(), new Source(Id.BASE, "stop"));
        Length long_ = Length.max(STOP_WIDE, Length.ofNanometres(easel.width().nanometres() / 10 * 6));
        Length up = easel.height().minus(Mm.length(stand.stop())).minus(STOP_WIDE);
        Placement at = Placement.at(easel.width().minus(long_).half(), up);
        draft.part(Part.of(STOP, "Stop bar", foam, Form.rectangle(long_, STOP_WIDE), Outline.sheet(long_, STOP_WIDE))
                .at(at)
                .stacked(easel.stopLayers())
                .cutBy(CutMethod.SCISSORS));
        draft.joint(new Joint(SlabId.of(STOP), BACK, Joint.Hold.RESTS, foam, Length.ZERO));
    }

    /** The bar may be off, and so may the crease; it leans as meant within {@value #ABOUT} degrees. */
    private static void leans(BuildDraft draft, EaselGeometry geometry, Stand stand) {
        if (!stand.standing()) {
            return;
        }
        Length at = Mm.length(stand.stop());
        Length steeper = geometry.stop(stand.lean() + ABOUT).orElse(at.minus(Length.ofMillimetres(ABOUT)));
        Length flatter = geometry.stop(stand.lean() - ABOUT).orElse(at.plus(Length.ofMillimetres(ABOUT)));
        draft.workings()
                .fit(Fit.of(
                        Fit.Sort.LEANS,
                        STOP,
                        Fit.Gauge.within(
                                at,
                                Length.min(steeper, flatter),
                                Length.max(steeper, flatter),
                                Share.of(1, new Off.Marked(Id.BASE, 0)),
                                Share.of(1, new Off.Scored(PART, 0)))));
    }

    /** The bar is at least 1 mm higher than the face is thick at its foot. */
    private static void stopHolds(Easel easel, BuildDraft draft) {
        Length bottom = Length.ZERO;
        Length top = Length.ZERO;
        Length bar = Length.ZERO;
        for (Level level : draft.levels()) {
            SlabId id = level.slab().id();
            bottom = id.equals(FLAP) ? level.bottom() : bottom;
            top = id.equals(SlabId.of(FACE)) ? level.top() : top;
            bar = id.equals(SlabId.of(STOP)) ? level.slab().thickness() : bar;
        }
        Length asked = top.minus(bottom).plus(STOP_ABOVE);
        if (bar.isBelow(asked)) {
            Source source = new Source(Id.BASE, "stopLayers");
            Length each = Length.ofNanometres(bar.nanometres() / easel.stopLayers());
            int layers = asked.wholeTimes(each) + (asked.isMultipleOf(each) ? 0 : 1);
            draft.fault(Fault.mend(RuleId.STOP_HEIGHT, source, "", new Amount.Thick(bar), new Amount.Thick(asked))
                    .remedy(draft.lever(source).map(l -> l.to(layers))));
        }
    }

    private static void derive(Easel easel, BuildDraft draft, EaselGeometry geometry, Stand stand) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        Length h = easel.height();
        ledger.formula(
                "Blank",
                Amount.of(easel.width(), h.times(2)),
                "{0} by 2 × {1}",
                ledger.term("width", easel.width(), "width"),
                ledger.term("height", h, "height"));
        ledger.sum("First score, from the top", h, ledger.term("height", h, "height"));
        ledger.sum(
                "Strut",
                geometry.strut(),
                ledger.term("height", h, "height"),
                ledger.term(-1, "crease", geometry.crease(), ledger.source("crease")));
        if (stand.standing()) {
            stands(easel, ledger, geometry, stand);
        }
    }

    /** A card that can't stand states no distances. */
    private static void stands(Easel easel, Ledger ledger, EaselGeometry geometry, Stand stand) {
        Length h = easel.height();
        Length stop = Mm.length(stand.stop());
        if (easel.stand() instanceof Easel.Stand.Lean) {
            ledger.formula(
                    "Stop bar, from the hinge",
                    Amount.of(stop),
                    "{1} × cos {2} + √({0}² − ({1} × sin {2})²)",
                    ledger.term("strut", geometry.strut(), "crease"),
                    ledger.term("crease", geometry.crease(), "crease"),
                    ledger.degrees("lean", stand.lean(), "stand.degrees"));
        } else {
            ledger.formula(
                    "Lean",
                    Amount.degrees(stand.lean()),
                    "arccos (({1}² + {2}² − {0}²) ÷ (2 × {1} × {2}))",
                    ledger.term("strut", geometry.strut(), "crease"),
                    ledger.term("crease", geometry.crease(), "crease"),
                    ledger.term("stop", stop, "stand.distance"));
        }
        ledger.formula(
                "Stands high",
                Amount.of(Mm.length(geometry.topAt(stand.stop(), stand.lean()).y())),
                "{0} × sin {1}",
                ledger.term("height", h, "height"),
                ledger.degrees("lean", stand.lean(), "stand.degrees"));
    }

    /** The strut is lifted; the flap's foot stays on the back and slides up to the stop bar. */
    private static Unfolding unfolds(Length width, EaselGeometry geometry, Stand stand) {
        double w = Mm.of(width);
        double h = Mm.of(geometry.height());
        double b = Mm.of(geometry.crease());
        Point crease = geometry.creaseAt(stand.stop(), stand.lean());
        double lifted = Math.toDegrees(Math.atan2(crease.y(), crease.x()));
        Outline leaf = Outline.sheet(width, geometry.height());
        List<Panel> panels = List.of(
                new Panel("back", BACK, leaf),
                new Panel(
                        "strut",
                        STRUT,
                        Outline.sheet(width, geometry.strut()).placed(Placement.at(Length.ZERO, geometry.crease()))),
                new Panel("face", FLAP, leaf));
        List<Hinge> hinges = List.of(
                Hinge.fixed(Hinge.BOARD, 0, new Hinge.Line(Point.ORIGIN, new Point(w, 0))),
                Hinge.of(0, 1, new Hinge.Line(new Point(w, h), new Point(0, h)), 0, lifted),
                Hinge.following("crease", 1, 2, new Hinge.Line(new Point(0, b), new Point(w, b)), 1)
                        .inFold());
        List<Unfolding.Rest> rests =
                List.of(new Unfolding.Rest("foot of the face", 2, Point.ORIGIN, new Point(w, 0), 0));
        return new Unfolding(Unfolding.Standing.LIES, "stands up", panels, hinges, rests, 100);
    }
}
