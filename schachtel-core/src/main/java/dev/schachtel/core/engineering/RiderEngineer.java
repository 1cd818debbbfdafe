package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Connector;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Rider;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Sweep;

/**
 * Slot = the connector swept along its path, grown by the play p all round. Round connector c: width c + 2 p, length
 * travel + c + 2 p. Oblong: across + 2 p by travel + along + 2 p. Retainer = slot width + 2 x hold. Example travel 60, c
 * 10, p 0.8: 11.6 x 71.6, retainer 19.6 for hold 4.
 */
@AutoService(Engineer.class)
public final class RiderEngineer implements Engineer<Rider> {
    /** Air between what glides on each other. */
    static final Length GLIDE = Length.ofMicrometres(100);
    /** Asked for on each side of a slot by whatever must not come through it: handbook chapter 2. */
    static final Length HOLD_ASKED = Length.ofMillimetres(4);

    /** So much wider than its slot is a rider on each side. */
    private static final Length FACE_COVERS = Length.ofMillimetres(1);

    static final Length CLEAR = Length.ofMillimetres(1);
    /** Foam is cut this far off what moves: what is asked, and what chords of arcs may hide. */
    static final Length FOAM_OFF = Length.ofMicrometres(1100);

    static final Length AIR = Length.ofMicrometres(500);

    @Override
    public Class<Rider> engineers() {
        return Rider.class;
    }

    /** A connector's sizes along the slot and across it. */
    private record Body(Length along, Length across, boolean round) {
        static Body of(Connector connector) {
            if (connector instanceof Connector.Oblong o) {
                return new Body(o.along(), o.wide(), false);
            }
            Length c = ((Connector.Round) connector).diameter();
            return new Body(c, c, true);
        }

        /** Grown by a border, as it is cut. */
        Outline square(Length by) {
            Length a = along.plus(by.times(2));
            Length b = across.plus(by.times(2));
            return round ? Outline.circle(a) : Outline.rectangle(a, b);
        }

        /** Grown by a border, turned to the direction of travel. */
        Outline grown(Length by, Angle heading) {
            return round ? square(by) : square(by).placed(Placement.ORIGIN.turned(heading));
        }

        /** What keeps it behind the slot, as it is cut: larger by the hold, and by the play across. */
        Outline retainer(Rider rider) {
            Length b = across.plus(rider.play().plus(rider.hold()).times(2));
            return round
                    ? Outline.circle(b)
                    : Outline.rectangle(along.plus(rider.hold().times(2)), b);
        }

        /** The same, turned to the direction of travel. */
        Outline retainer(Rider rider, Angle heading) {
            return round ? retainer(rider) : retainer(rider).placed(Placement.ORIGIN.turned(heading));
        }

        /** Lying in the direction of travel. */
        Placement lying(Rest rest) {
            return round ? rest.at() : rest.at().turned(rest.heading());
        }

        Form form(Length by) {
            Length a = along.plus(by.times(2));
            Length b = across.plus(by.times(2));
            return round ? Form.of(Form.Sort.ROUND, a, b) : Form.rectangle(a, b);
        }
    }

    @Override
    public void engineer(Rider rider, BuildDraft draft) {
        draft.ground(rider.on(), new Source(rider.id(), "on")).ifPresent(ground -> run(rider, ground, draft));
    }

    private static void run(Rider rider, Ground ground, BuildDraft draft) {
        SlotLine line = SlotLine.of(rider.id(), rider.path(), draft);
        Path path = line.path();
        Body body = Body.of(rider.connector());
        Angle heading = new Angle(Math.round(Math.toDegrees(path.heading(0)) * 1e6));
        Length slotWide = body.across().plus(rider.play().times(2));
        Outline slot =
                body.round() ? Sweep.groove(path, slotWide) : Sweep.along(body.grown(rider.play(), heading), path);
        Length slotLong = path.length().plus(body.along()).plus(rider.play().times(2));
        Form form = Form.of(body.round() ? Form.Sort.ROUNDED : Form.Sort.RECTANGLE, slotLong, slotWide);
        draft.cut(ground, new Cutout(rider.id(), Cutout.Sort.SLOT, form, slot, CutMethod.KNIFE));
        Outline keeper = parts(rider, ground, draft, body, new Rest(Slots.at(path, rider.rest() / 100.0), heading));
        Outline swept = Sweep.along(keeper, path).grown(FOAM_OFF);
        draft.zone(new Zone(Zone.Use.KEEP_OFF, rider.id(), ground.under(), swept));
        motion(rider, ground, draft, path, body);
        draft.workings()
                .fit(Suits.inSlot(rider.id(), new PartId(rider.id(), "connector"), rider.play())
                        .easedBy(new Source(rider.id(), "play")));
        derive(rider, draft, line, body);
    }

    /** Where it rests, and which way it is headed. */
    private record Rest(Placement at, Angle heading) {}

    /** Retainer, connector and rider; answers the retainer's outline. */
    private static Outline parts(Rider rider, Ground ground, BuildDraft draft, Body body, Rest lies) {
        Placement rest = body.lying(lies);
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(rider.card(), new Source(rider.id(), "card"));
        Length hold = rider.play().plus(rider.hold());
        PartId retainer = new PartId(rider.id(), "retainer");
        Form keeperForm = body.round()
                ? body.form(hold)
                : Form.rectangle(
                        body.along().plus(rider.hold().times(2)), body.across().plus(hold.times(2)));
        draft.part(Part.of(retainer, "Retainer", card, keeperForm, body.retainer(rider))
                .at(rest)
                .cutBy(CutMethod.DIE));
        PartId connector = new PartId(rider.id(), "connector");
        int layers = Slots.layers(draft, ground, card);
        draft.part(Part.of(connector, "Connector", card, body.form(Length.ZERO), body.square(Length.ZERO))
                .at(rest)
                .stacked(layers)
                .cutBy(CutMethod.DIE));
        PartId face = new PartId(rider.id(), "rider");
        Shapes shape = Shapes.of(rider.face(), draft.workshop());
        draft.part(Part.of(face, "Rider", card, shape.form(), shape.outline())
                .at(lies.at())
                .cutBy(Shapes.method(rider.face(), draft.workshop())));
        draft.arts().add(face, rider.face(), false);
        Material glue = materials.adhesive(rider.fixing(), new Source(rider.id(), "fixing"));
        draft.joint(new Joint(ground.slab(), SlabId.of(retainer), Joint.Hold.HANGS, card, GLIDE));
        draft.lay(SlabId.of(connector), SlabId.of(retainer), glue);
        draft.lay(SlabId.of(face), SlabId.of(connector), glue);
        return body.retainer(rider, lies.heading());
    }

    private static void motion(Rider rider, Ground ground, BuildDraft draft, Path path, Body body) {
        SlabId retainer = SlabId.of(new PartId(rider.id(), "retainer"));
        RiderLegs legs = new RiderLegs(path);
        Angle heading = new Angle(Math.round(Math.toDegrees(path.heading(0)) * 1e6));
        Outline connector = body.grown(Length.ZERO, heading);
        Optional<Motion.Lock> lock = body.round()
                ? Optional.empty()
                : Optional.of(new Motion.Lock(
                        legs.shortestAlong(connector),
                        rider.push(),
                        rider.friction(),
                        new Source(rider.id(), "connector.along"),
                        Optional.empty()));
        draft.workings()
                .motion(new Motion(
                        rider.id(),
                        "slides",
                        List.of(
                                retainer,
                                SlabId.of(new PartId(rider.id(), "connector")),
                                SlabId.of(new PartId(rider.id(), "rider"))),
                        new Move.Slide(path),
                        new Motion.Keeping(
                                List.of(ground.slab()),
                                CLEAR,
                                true,
                                Motion.Ends.STOPPED,
                                List.of(behind(rider, body, heading, legs), before(rider, draft, body, heading)),
                                lock,
                                Optional.of(new Motion.Space(retainer, AIR, false)),
                                Optional.empty()),
                        rider.rest()));
    }

    private static Motion.Retainer behind(Rider rider, Body body, Angle heading, RiderLegs legs) {
        Outline keeper = body.retainer(rider, heading);
        RiderLegs.Hold least = legs.leastHold(keeper, body.grown(rider.play(), heading));
        return new Motion.Retainer(
                new PartId(rider.id(), "retainer"),
                least.width(),
                least.opening(),
                HOLD_ASKED.times(2),
                new Source(rider.id(), "hold"),
                2);
    }

    /** The rider itself covers its slot, so that it can't be pushed through and the slot is not seen beside it. */
    private static Motion.Retainer before(Rider rider, BuildDraft draft, Body body, Angle heading) {
        RiderLegs legs =
                new RiderLegs(SlotLine.of(rider.id(), rider.path(), draft).path());
        Outline face = Shapes.of(rider.face(), draft.workshop()).outline();
        RiderLegs.Hold least = legs.leastHold(face, body.grown(rider.play(), heading));
        String grows = rider.face() instanceof Opening.Circle ? "face.diameter" : "face.height";
        return new Motion.Retainer(
                new PartId(rider.id(), "rider"),
                least.width(),
                least.opening(),
                FACE_COVERS.times(2),
                new Source(rider.id(), grows),
                1);
    }

    private static void derive(Rider rider, BuildDraft draft, SlotLine line, Body body) {
        Ledger ledger = new Ledger(draft, rider.id());
        line.derive(ledger, rider.path());
        Length p = rider.play();
        String along = body.round() ? "connector.diameter" : "connector.along";
        String across = body.round() ? "connector.diameter" : "connector.wide";
        Length slotWide = body.across().plus(p.times(2));
        ledger.sum(
                "Slot, wide",
                slotWide,
                ledger.term("connector", body.across(), across),
                ledger.twice("play", p, "play"));
        wider(rider, draft, line, body);
        ledger.sum(
                "Slot, long",
                line.path().length().plus(body.along()).plus(p.times(2)),
                ledger.term("travel", line.path().length(), "path.*"),
                ledger.term("connector", body.along(), along),
                ledger.twice("play", p, "play"));
        ledger.sum(
                "Retainer, wide",
                slotWide.plus(rider.hold().times(2)),
                ledger.term("slot", slotWide, "play"),
                ledger.twice("hold", rider.hold(), "hold"));
        if (!body.round()) {
            ledger.sum(
                    "Retainer, long",
                    body.along().plus(rider.hold().times(2)),
                    ledger.term("connector", body.along(), along),
                    ledger.twice("hold", rider.hold(), "hold"));
            push(rider, body, ledger, along);
        }
        ledger.formula(
                "Slides by itself above",
                Amount.degrees(Math.toDegrees(Math.atan(rider.friction() / 100.0))),
                "arctan of friction {0} %; this slot’s gentlest leg has {1}",
                ledger.count("", rider.friction(), "friction"),
                ledger.degrees("", Math.toDegrees(line.path().gentlestSlope()), "path.*"));
    }

    /** An oblong connector keeps its direction: on a leg that runs another way its slot is wider. */
    private static void wider(Rider rider, BuildDraft draft, SlotLine line, Body body) {
        Angle heading = new Angle(Math.round(Math.toDegrees(line.path().heading(0)) * 1e6));
        Length widest = new RiderLegs(line.path()).widestAcross(body.grown(rider.play(), heading));
        Length first = body.across().plus(rider.play().times(2));
        if (!body.round() && widest.minus(first).isAbove(Length.ofMicrometres(10))) {
            Ledger ledger = new Ledger(draft, rider.id());
            ledger.formula(
                    "Slot, on its widest leg",
                    Amount.of(widest),
                    "the connector keeps its direction: {0} by {1} seen along that leg, and 2 × {2}",
                    ledger.term("along", body.along(), "connector.along"),
                    ledger.term("across", body.across(), "connector.wide"),
                    ledger.term("play", rider.play(), "play"));
        }
    }

    private static void push(Rider rider, Body body, Ledger ledger, String along) {
        ledger.formula(
                "Longest push beside",
                Amount.of(Mm.length(Mm.of(body.along()) / (3 * rider.friction() / 100.0))),
                "{0} ÷ (3 × friction {1} %): with half as much again to spare",
                ledger.term("connector", body.along(), along),
                ledger.count("", rider.friction(), "friction"));
    }
}
