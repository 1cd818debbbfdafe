package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Slit;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.StepZone;
import dev.schachtel.core.card.Stepper;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Blank W x (P + Q), the front edge at the foot. Folds where the kind changes: rise to tread mountain, tread to rise
 * valley. A cut between strips that differ runs between the first and the last line which they share. Folds flat open,
 * and with the wall forward: {@link FlatLay}.
 */
@AutoService(Engineer.class)
public final class StepperEngineer implements Engineer<Stepper> {
    private static final SlabId BLANK = new SlabId("base/blank");
    private static final PartId PART = new PartId(Id.BASE, "");
    /** Ends that are apart by less look as one: our own estimate. */
    private static final Length NOT_SEEN = Length.ofMicrometres(1500);

    private static final Length CREASE_CLEAR = Length.ofMillimetres(1);

    @Override
    public Class<Stepper> engineers() {
        return Stepper.class;
    }

    @Override
    public void engineer(Stepper stepper, BuildDraft draft) {
        Cardstock card = new Materials(draft).card(stepper.card(), new Source(Id.BASE, "card"));
        Length w = Length.max(stepper.width(), Length.ofMillimetres(1));
        Length h = stepper.height();
        Outline blank = Outline.sheet(w, h);
        draft.face(blank);
        draft.folded(Part.of(PART, "Card base", card, Form.rectangle(w, h), blank)
                .grain(Grain.ACROSS)
                .cutBy(stepper.zones().size() > 1 ? CutMethod.KNIFE : CutMethod.TRIMMER));
        draft.slab(new Slab(BLANK, PART, "Base", card.thickness(), List.of(blank)));
        Length left = Length.ZERO;
        Stepper.Zone before = null;
        for (Stepper.Zone zone : stepper.zones()) {
            zone(draft, zone, left, before == null ? zone : before, h);
            closes(stepper, zone, draft);
            left = left.plus(zone.kind().width());
            before = zone;
        }
        Outline.Size whole = new Outline.Size(w, h);
        if (stepper.zones().isEmpty()) {
            draft.ground(Id.FRONT, Ground.of(PART, BLANK, Placement.ORIGIN, whole, Ground.Edge.LEVEL));
        }
        Unfolding unfolding = unfolds(stepper, w, h);
        draft.workings().unfolds(unfolding);
        draft.workings().shut("wall forward");
        draft.workings().open("opened flat");
        flush(stepper, draft);
        derive(stepper, draft, w, FlatLay.shut(unfolding).bounds());
    }

    private static void zone(BuildDraft draft, Stepper.Zone zone, Length left, Stepper.Zone before, Length h) {
        Length w = zone.kind().width();
        Length right = left.plus(w);
        Length y = Length.ZERO;
        for (int i = 0; i < zone.segments().size(); i++) {
            Stepper.Segment segment = zone.segments().get(i);
            if (i > 0) {
                boolean mountain = zone.segments().get(i - 1).rise();
                draft.fold(new Fold(
                        PART,
                        Point.of(left, y),
                        Point.of(right, y),
                        mountain ? Fold.Crease.MOUNTAIN : Fold.Crease.VALLEY));
                Outline crease =
                        Outline.sheet(w, CREASE_CLEAR.times(2)).placed(Placement.at(left, y.minus(CREASE_CLEAR)));
                draft.zone(new Zone(Zone.Use.NO_GLUE, Id.BASE, BLANK, crease));
            }
            Outline.Size size = new Outline.Size(w, segment.length());
            Placement at = Placement.at(left, y);
            draft.ground(zone.face(i), Ground.of(PART, BLANK, at, size, Ground.Edge.LEVEL));
            if (segment.rise()) {
                TurnedOver over = TurnedOver.aside(left.plus(w.half()));
                Outline seen = Outline.sheet(size.width(), size.height()).placed(at);
                draft.faces().add(zone.back(i), new Reverse(PART, BLANK, seen, over));
            }
            y = y.plus(segment.length());
        }
        if (!zone.segments().equals(before.segments())) {
            cut(draft, left, lines(before), lines(zone), h);
        }
    }

    private static List<Length> lines(Stepper.Zone zone) {
        List<Length> lines = new ArrayList<>();
        Length y = Length.ZERO;
        for (Stepper.Segment segment :
                zone.segments().subList(0, zone.segments().size() - 1)) {
            y = y.plus(segment.length());
            lines.add(y);
        }
        return lines;
    }

    private static void cut(BuildDraft draft, Length x, List<Length> a, List<Length> b, Length h) {
        List<Length> shared = a.stream().filter(b::contains).sorted().toList();
        Length from = shared.isEmpty() ? Length.ZERO : shared.get(0);
        Length to = shared.size() < 2 ? h : shared.get(shared.size() - 1);
        List<Point> line = List.of(Point.of(x, from), Point.of(x, to));
        draft.change(PART, p -> p.with(new Slit(Id.BASE, line, line)));
    }

    /** Stairs close when their treads and rises add up to what all strips have. */
    private static void closes(Stepper stepper, Stepper.Zone zone, BuildDraft draft) {
        if (zone.kind() instanceof StepZone.Stairs stairs) {
            Length rises = stairs.rise().times(stairs.steps());
            Length treads = stairs.tread().times(stairs.steps());
            if (!rises.equals(stepper.rises())) {
                Source source = new Source(Id.BASE, zone.name() + ".rise");
                draft.fault(apart(source, "rises", rises, stepper.rises())
                        .remedy(each(draft, source, stairs.steps(), stepper.rises())));
            }
            if (!treads.equals(stepper.treads())) {
                Source source = new Source(Id.BASE, zone.name() + ".tread");
                draft.fault(apart(source, "treads", treads, stepper.treads())
                        .remedy(each(draft, source, stairs.steps(), stepper.treads())));
            }
        }
        if (zone.kind() instanceof StepZone.SetBack back && back.front().isAbove(stepper.treads())) {
            Source source = new Source(Id.BASE, zone.name() + ".front");
            draft.fault(apart(source, "set-back", back.front(), stepper.treads()));
        }
    }

    private static Fault apart(Source at, String about, Length measured, Length limit) {
        return Fault.mend(RuleId.STEPS_CLOSE, at, about, Amount.of(measured), Amount.of(limit));
    }

    /** Each rise, or tread, as long as makes their sum what the strip's neighbours have; if that is a whole length. */
    private static Optional<Remedy> each(BuildDraft draft, Source at, int steps, Length sum) {
        return draft.lever(at)
                .filter(l -> sum.isMultipleOf(Length.ofNanometres(steps)))
                .map(l -> l.to(sum.splitInto(steps).get(0)));
    }

    /** From the wall folded forward to standing; each strip goes up from the board by itself. */
    private static Unfolding unfolds(Stepper stepper, Length wide, Length high) {
        List<Panel> panels = new ArrayList<>();
        List<Hinge> hinges = new ArrayList<>();
        Length left = Length.ZERO;
        for (Stepper.Zone zone : stepper.zones()) {
            Length w = zone.kind().width();
            Length y = Length.ZERO;
            boolean risen = false;
            for (int i = 0; i < zone.segments().size(); i++) {
                Stepper.Segment segment = zone.segments().get(i);
                int turn = (segment.rise() ? 1 : 0) - (risen ? 1 : 0);
                Point from = Point.of(left, y);
                int on = i == 0 ? Hinge.BOARD : panels.size() - 1;
                Hinge.Line line = new Hinge.Line(from, from.plus(Mm.of(w), 0));
                hinges.add(Hinge.of(on, panels.size(), line, 180.0 * turn, 90.0 * turn));
                Outline region = Outline.sheet(w, segment.length()).placed(Placement.at(left, y));
                panels.add(new Panel(zone.name(), BLANK, region));
                risen = segment.rise();
                y = y.plus(segment.length());
            }
            left = left.plus(w);
        }
        return panels.isEmpty()
                ? Unfolding.none(Unfolding.Standing.LIES, new Panel("blank", BLANK, Outline.sheet(wide, high)))
                : new Unfolding(Unfolding.Standing.LIES, "unfolds", panels, hinges, List.of(), 100);
    }

    /**
     * Folded forward, a fold that is off by e moves the end of its strip by 2 e, on after a rise and back after a tread; the strips still
     * end together.
     */
    private static void flush(Stepper stepper, BuildDraft draft) {
        List<Stepper.Zone> zones = stepper.zones();
        for (Stepper.Zone zone : zones.subList(Math.min(1, zones.size()), zones.size())) {
            List<Share> off = new ArrayList<>(ends(zone, 1));
            off.addAll(ends(zones.get(0), -1));
            draft.workings()
                    .fit(Fit.of(
                            Fit.Sort.FLUSH,
                            PART,
                            List.of(new Fit.Gauge(Length.ZERO, NOT_SEEN.negated(), NOT_SEEN, off))));
        }
    }

    /** Folds of the same height are scored in one, whatever the strip. */
    private static List<Share> ends(Stepper.Zone zone, int sign) {
        List<Length> lines = lines(zone);
        List<Share> off = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            int on = zone.segments().get(i).rise() ? -2 : 2;
            int at = (int) (lines.get(i).nanometres() / 10_000);
            off.add(Share.of(sign * on, new Off.Scored(PART, at)));
        }
        return off;
    }

    private static void derive(Stepper stepper, BuildDraft draft, Length w, Box forward) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        Derivation.Term rises = ledger.term("rises", stepper.rises(), "rises");
        Derivation.Term treads = ledger.term("treads", stepper.treads(), "treads");
        ledger.sum("Blank, long", stepper.height(), rises, treads);
        List<Derivation.Term> strips = new ArrayList<>();
        stepper.zones().forEach(z -> strips.add(ledger.term(z.name(), z.kind().width(), z.name() + ".width")));
        ledger.sum("Blank, wide", w, strips.toArray(Derivation.Term[]::new));
        ledger.formula(
                "Flat, wall forward",
                Amount.of(forward.high()),
                "from {0} behind to {1} before the front edge, over all strips",
                ledger.term("behind", Mm.length(-forward.bottom()), "rises"),
                ledger.term("before", Mm.length(forward.top()), "treads"));
    }
}
