package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Wheel;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * A wheel of radius R behind a window; n pictures of 360/n each. The window's angular width stays under 360/n - 6
 * degrees. Pivot hole = shank + 0.3; depth for the wheel, its pivot's leaves and 0.5. Fingers reach the rim where it shows
 * 5 past the panel's edge, or in a thumb notch, 4 inside it.
 */
@AutoService(Engineer.class)
public final class WheelEngineer implements Engineer<Wheel> {
    private static final Length HOLE_EASE = Length.ofMicrometres(300);
    private static final Length CLEAR = Length.ofMicrometres(1500);
    private static final Length NOTCH = Length.ofMillimetres(9);
    private static final Length RIM_SHOWS = Length.ofMillimetres(5);
    private static final Length RIM_IN_NOTCH = Length.ofMillimetres(4);
    private static final Length PAST_WINDOW = Length.ofMillimetres(2);
    private static final int BETWEEN_PICTURES = 6;

    @Override
    public Class<Wheel> engineers() {
        return Wheel.class;
    }

    @Override
    public void engineer(Wheel wheel, BuildDraft draft) {
        draft.aperture(wheel.window(), new Source(wheel.id(), "window")).ifPresent(a -> hang(wheel, a, draft));
    }

    private static void hang(Wheel wheel, Aperture aperture, BuildDraft draft) {
        Ground ground = aperture.in();
        Placement pivot = Placement.at(wheel.across(), wheel.up());
        Cardstock card = new Materials(draft).card(wheel.card(), new Source(wheel.id(), "card"));
        Length d = wheel.radius().times(2);
        Length bore = wheel.shank().plus(HOLE_EASE);
        PartId id = new PartId(wheel.id(), "wheel");
        Outline hole = Outline.circle(bore).placed(pivot);
        Cutout pivotHole =
                new Cutout(wheel.id(), Cutout.Sort.HOLE, Form.of(Form.Sort.ROUND, bore, bore), hole, CutMethod.PUNCH);
        draft.part(Part.of(id, "Wheel", card, Form.of(Form.Sort.ROUND, d, d), Outline.circle(d))
                .at(pivot)
                .cutBy(CutMethod.DIE)
                .with(pivotHole, pivotHole.onFace()));
        draft.cut(ground, pivotHole);
        SlabId slab = SlabId.of(id);
        draft.joint(new Joint(ground.slab(), slab, Joint.Hold.HANGS, card, RiderEngineer.GLIDE));
        new Showings(wheel.shows(), draft)
                .drawn(
                        id,
                        Showings.round(
                                pivot.origin(),
                                aperture.middle(),
                                Showings.room(aperture.opening()),
                                wheel.pictures()));
        turns(wheel, aperture, draft, slab);
        draft.workings().fit(fills(wheel, aperture, pivot));
        pictures(wheel, aperture, draft, pivot);
        grip(wheel, ground, draft, pivot);
        derive(wheel, draft, bore);
    }

    private static void turns(Wheel wheel, Aperture aperture, BuildDraft draft, SlabId slab) {
        Ground ground = aperture.in();
        Placement pivot = Placement.at(wheel.across(), wheel.up());
        Outline swept = Outline.circle(wheel.radius().times(2)).placed(pivot);
        draft.zone(new Zone(
                Zone.Use.KEEP_OFF, wheel.id(), ground.under(), swept.grown(CLEAR.plus(Length.ofMicrometres(100)))));
        draft.workings()
                .motion(new Motion(
                        wheel.id(),
                        "turns",
                        List.of(slab),
                        new Move.Turn(pivot.origin(), Angle.ZERO, Angle.ofDegrees(360)),
                        new Motion.Keeping(
                                List.of(ground.slab()),
                                CLEAR,
                                wheel.grip() == Wheel.Grip.NOTCH,
                                Motion.Ends.ENDLESS,
                                List.of(),
                                Optional.empty(),
                                Optional.of(
                                        new Motion.Space(slab, wheel.leaves().plus(RiderEngineer.AIR), false)),
                                Optional.of(fill(wheel, aperture, pivot))),
                        0));
    }

    /** However the pivot's two holes are punched, no edge of the wheel comes into the window. */
    private static Fit fills(Wheel wheel, Aperture aperture, Placement pivot) {
        PartId disc = new PartId(wheel.id(), "wheel");
        Motion.Fill fill = fill(wheel, aperture, pivot);
        Length past = fill.reach().minus(fill.needed()).plus(PAST_WINDOW);
        return Fit.of(
                        Fit.Sort.WHEEL_FILLS,
                        disc,
                        Fit.Gauge.atLeast(
                                past,
                                Length.ZERO,
                                Share.of(0.5, new Off.Size(disc, Off.Axis.ACROSS)),
                                Share.of(
                                        -0.5,
                                        new Off.Opened(
                                                aperture.cutout().owner(),
                                                aperture.cutout().sort(),
                                                Off.Axis.ACROSS)),
                                Share.of(1, new Off.Punched(wheel.id(), 0)),
                                Share.of(1, new Off.Punched(wheel.id(), 1))))
                .easedBy(fill.grows());
    }

    /** The window lies within the wheel, 2 mm to spare for its edge. */
    private static Motion.Fill fill(Wheel wheel, Aperture aperture, Placement pivot) {
        Outline window = aperture.cutout().onFace();
        double far = window.outer().flattened().stream()
                .mapToDouble(p -> p.distanceTo(pivot.origin()))
                .max()
                .orElse(0);
        return new Motion.Fill(
                window, Mm.length(far).plus(PAST_WINDOW), wheel.radius(), new Source(wheel.id(), "radius"));
    }

    private static void pictures(Wheel wheel, Aperture aperture, BuildDraft draft, Placement pivot) {
        int spans = (int) Math.ceil(Math.toDegrees(aperture.cutout().onFace().anglesFrom(pivot.origin())));
        int may = 360 / wheel.pictures() - BETWEEN_PICTURES;
        Ledger ledger = new Ledger(draft, wheel.id());
        ledger.formula(
                "Window, of the wheel",
                Amount.degrees(spans),
                "seen from the pivot; less than 360 ÷ {0} pictures − " + BETWEEN_PICTURES,
                ledger.count("", wheel.pictures(), "pictures"));
        if (spans > may) {
            Source pictures = new Source(wheel.id(), "pictures");
            int fewer = 360 / (spans + BETWEEN_PICTURES);
            draft.fault(Fault.mend(RuleId.PICTURES_APART, pictures, "", Amount.degrees(spans), Amount.degrees(may))
                    .remedy(draft.lever(pictures).filter(l -> fewer > 0).map(l -> l.to(fewer))));
        }
    }

    /** Where the rim is turned: the edge nearest to the pivot. */
    private static void grip(Wheel wheel, Ground ground, BuildDraft draft, Placement pivot) {
        Length left = pivot.across().minus(ground.at().across());
        Length right = ground.at().across().plus(ground.width()).minus(pivot.across());
        Length down = pivot.up().minus(ground.at().up());
        Length up = ground.at().up().plus(ground.height()).minus(pivot.up());
        Length near = Length.min(Length.min(left, right), Length.min(down, up));
        boolean rim = wheel.grip() == Wheel.Grip.RIM;
        Length reach = rim ? wheel.radius().minus(near) : wheel.radius().minus(near.minus(NOTCH));
        Length asked = rim ? RIM_SHOWS : RIM_IN_NOTCH;
        if (!rim) {
            Placement at = near.equals(left)
                    ? pivot.moved(left.negated(), Length.ZERO)
                    : near.equals(right)
                            ? pivot.moved(right, Length.ZERO)
                            : near.equals(down)
                                    ? pivot.moved(Length.ZERO, down.negated())
                                    : pivot.moved(Length.ZERO, up);
            Length d = NOTCH.times(2);
            Form form = Form.of(Form.Sort.ROUND, d, d);
            draft.cut(
                    ground,
                    new Cutout(
                            wheel.id(),
                            Cutout.Sort.NOTCH,
                            form,
                            Outline.circle(d).placed(at),
                            CutMethod.KNIFE));
        }
        if (reach.isBelow(asked)) {
            Source radius = new Source(wheel.id(), "radius");
            draft.fault(Fault.mend(RuleId.RIM_REACHED, radius, reach, asked)
                    .remedy(draft.lever(radius).flatMap(l -> l.by(asked.minus(reach)))));
        }
    }

    private static void derive(Wheel wheel, BuildDraft draft, Length bore) {
        Ledger ledger = new Ledger(draft, wheel.id());
        ledger.sum("Wheel", wheel.radius().times(2), ledger.twice("radius", wheel.radius(), "radius"));
        ledger.formula(
                "Each picture",
                Amount.degrees(360.0 / wheel.pictures()),
                "360 ÷ {0}",
                ledger.count("pictures", wheel.pictures(), "pictures"));
        ledger.sum(
                "Pivot hole",
                bore,
                ledger.term("shank", wheel.shank(), "shank"),
                ledger.term(1, "ease", HOLE_EASE, ledger.source("shank")));
    }
}
