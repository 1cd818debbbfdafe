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
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Rolling;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Circles;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Sweep;

/** Two discs on a connector of foam through a slot; turns = travel/(pi c). Example travel 90, c 19: 1.51. */
@AutoService(Engineer.class)
public final class RollingEngineer implements Engineer<Rolling> {
    @Override
    public Class<Rolling> engineers() {
        return Rolling.class;
    }

    @Override
    public void engineer(Rolling rolling, BuildDraft draft) {
        draft.ground(rolling.on(), new Source(rolling.id(), "on")).ifPresent(ground -> run(rolling, ground, draft));
    }

    private static void run(Rolling r, Ground ground, BuildDraft draft) {
        SlotLine line = SlotLine.of(r.id(), r.path(), draft);
        Path path = line.path();
        Length slotWide = r.connector().plus(r.play().times(2));
        Length slotLong = path.length().plus(slotWide);
        Outline slot = Sweep.groove(path, slotWide);
        Form form = Form.of(Form.Sort.ROUNDED, slotLong, slotWide);
        draft.cut(ground, new Cutout(r.id(), Cutout.Sort.SLOT, form, slot, CutMethod.KNIFE));
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(r.card(), new Source(r.id(), "card"));
        Foam foam = materials.foam(r.foam(), new Source(r.id(), "foam"));
        Placement rest = Slots.at(path, 0);
        SlabId keeper = disc(draft, r, "behind", r.keeper(), rest);
        SlabId front = disc(draft, r, "disc", r.disc(), rest);
        PartId core = new PartId(r.id(), "connector");
        Form round = Form.of(Form.Sort.ROUND, r.connector(), r.connector());
        draft.part(Part.of(core, "Connector", foam, round, Outline.circle(r.connector()))
                .at(rest)
                .cutBy(CutMethod.SCISSORS));
        Outline.Size room = Showings.room(new Opening.Circle(r.disc()));
        new Showings(r.shows(), draft)
                .drawn(new PartId(r.id(), "disc"), List.of(new Showings.Spot(Placement.ORIGIN, room)));
        draft.joint(new Joint(ground.slab(), keeper, Joint.Hold.HANGS, card, RiderEngineer.GLIDE));
        draft.joint(new Joint(SlabId.of(core), keeper, Joint.Hold.RESTS, foam, Length.ZERO));
        draft.joint(new Joint(front, SlabId.of(core), Joint.Hold.RESTS, foam, Length.ZERO));
        Outline swept = Sweep.along(Outline.circle(r.keeper()), path).grown(RiderEngineer.FOAM_OFF);
        draft.zone(new Zone(Zone.Use.KEEP_OFF, r.id(), ground.under(), swept));
        Move.Roll roll = new Move.Roll(path, r.connector());
        draft.workings().fit(Suits.inSlot(r.id(), core, r.play()).easedBy(new Source(r.id(), "play")));
        motion(r, ground, draft, List.of(keeper, SlabId.of(core), front), roll);
        derive(r, draft, line, roll);
    }

    private static void motion(Rolling r, Ground ground, BuildDraft draft, List<SlabId> moving, Move.Roll roll) {
        Length slotWide = r.connector().plus(r.play().times(2));
        Length asked = RiderEngineer.HOLD_ASKED.times(2);
        draft.workings()
                .motion(new Motion(
                        r.id(),
                        "rolls",
                        moving,
                        roll,
                        new Motion.Keeping(
                                List.of(ground.slab()),
                                RiderEngineer.CLEAR,
                                true,
                                Motion.Ends.STOPPED,
                                List.of(
                                        new Motion.Retainer(
                                                new PartId(r.id(), "behind"),
                                                r.keeper(),
                                                slotWide,
                                                asked,
                                                new Source(r.id(), "keeper"),
                                                1),
                                        new Motion.Retainer(
                                                new PartId(r.id(), "disc"),
                                                r.disc(),
                                                slotWide,
                                                asked,
                                                new Source(r.id(), "disc"),
                                                1)),
                                Optional.empty(),
                                Optional.of(new Motion.Space(moving.get(0), RiderEngineer.AIR, false)),
                                Optional.empty()),
                        0));
    }

    private static SlabId disc(BuildDraft draft, Rolling r, String which, Length diameter, Placement at) {
        Cardstock card = new Materials(draft).card(r.card(), new Source(r.id(), "card"));
        PartId id = new PartId(r.id(), which);
        Form form = Form.of(Form.Sort.ROUND, diameter, diameter);
        String name = which.equals("disc") ? "Disc in front" : "Disc behind";
        draft.part(
                Part.of(id, name, card, form, Outline.circle(diameter)).at(at).cutBy(CutMethod.DIE));
        return SlabId.of(id);
    }

    private static void derive(Rolling r, BuildDraft draft, SlotLine line, Move.Roll roll) {
        Ledger ledger = new Ledger(draft, r.id());
        line.derive(ledger, r.path());
        Length slotWide = r.connector().plus(r.play().times(2));
        ledger.sum(
                "Slot, wide",
                slotWide,
                ledger.term("connector", r.connector(), "connector"),
                ledger.twice("play", r.play(), "play"));
        ledger.sum(
                "Slot, long",
                line.path().length().plus(slotWide),
                ledger.term("travel", line.path().length(), "path.*"),
                ledger.term("slot", slotWide, "connector"));
        ledger.formula(
                "Turns",
                new Amount.Times((int) Math.round(roll.turns() * 100)),
                "{0} ÷ once round the connector {1}",
                ledger.term("travel", line.path().length(), "path.*"),
                ledger.term("", Circles.circumference(r.connector()), "connector"));
    }
}
