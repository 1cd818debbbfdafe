package dev.schachtel.core.engineering;

import java.util.ArrayList;
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
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.PullStrip;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Channel = strip + 2 x play; strip length = travel + engaged + tab; picture = travel + window. Margin against locking
 * when pulled off-centre by half the width: engaged/(mu x width). Example travel 70, width 40, engaged 60, tab 20, mu
 * 0.45: length 150, margin 3.33. At rest the tab ends at the edge of the card, under a thumb notch.
 *
 * <p>Worked out in a frame of its own: u runs from the window's middle the way the strip is pulled, v to its left.
 */
@AutoService(Engineer.class)
public final class PullStripEngineer implements Engineer<PullStrip> {
    private static final Length RAIL = Length.ofMillimetres(5);
    private static final Length STOP_LONG = Length.ofMillimetres(8);
    private static final int RAIL_LAYERS = 2;

    @Override
    public Class<PullStrip> engineers() {
        return PullStrip.class;
    }

    @Override
    public void engineer(PullStrip strip, BuildDraft draft) {
        draft.aperture(strip.window(), new Source(strip.id(), "window"))
                .ifPresent(aperture -> new Channel(strip, aperture, draft).lay());
    }

    /** One channel in the making. */
    private static final class Channel {
        private final PullStrip strip;
        private final BuildDraft draft;
        private final Ground ground;
        private final Placement middle;
        private final Angle pull;
        private final Length half;
        private final Length broad;
        private final Length exit;
        private final Cardstock card;
        private final Material glue;
        private final Opening opening;

        Channel(PullStrip strip, Aperture aperture, BuildDraft draft) {
            this.strip = strip;
            this.draft = draft;
            this.ground = aperture.in();
            this.middle = aperture.middle();
            this.opening = aperture.opening();
            boolean level = strip.side() == PullStrip.Side.RIGHT || strip.side() == PullStrip.Side.LEFT;
            this.half = (level ? aperture.opening().width() : aperture.opening().height()).half();
            this.broad =
                    level ? aperture.opening().height() : aperture.opening().width();
            this.pull = Angle.ofDegrees(
                    switch (strip.side()) {
                        case RIGHT -> 0;
                        case UP -> 90;
                        case LEFT -> 180;
                        case DOWN -> 270;
                    });
            this.exit = edge().minus(strip.tab());
            this.card = new Materials(draft).card(strip.card(), new Source(strip.id(), "card"));
            this.glue = new Materials(draft).glue(new Source(strip.id(), "card"));
        }

        /** From the window's middle to the card's edge, the way the strip is pulled. */
        private Length edge() {
            Length w = draft.spec().base().width();
            Length h = draft.spec().base().height();
            return switch (strip.side()) {
                case RIGHT -> w.minus(middle.across());
                case LEFT -> middle.across();
                case UP -> h.minus(middle.up());
                case DOWN -> middle.up();
            };
        }

        /** A place in the channel's own frame, turned onto the face. */
        private Placement at(Length u, Length v) {
            double a = pull.radians();
            double x = Mm.of(u) * Math.cos(a) - Mm.of(v) * Math.sin(a);
            double y = Mm.of(u) * Math.sin(a) + Mm.of(v) * Math.cos(a);
            return middle.moved(Mm.length(x), Mm.length(y)).turned(pull);
        }

        void lay() {
            Length length = strip.travel().plus(strip.engaged()).plus(strip.tab());
            Length inner = exit.minus(strip.engaged()).minus(strip.travel());
            Length channel = strip.width().plus(strip.play().times(2));
            Length stopWide = channel.plus(strip.stop().times(2));
            if (!strip.travel().isPositive()) {
                draft.fault(Fault.mend(
                        RuleId.NO_TRAVEL, new Source(strip.id(), "travel"), strip.travel(), Length.ofMillimetres(1)));
            }
            SlabId slip = add(
                    "strip",
                    "Pull strip",
                    new Outline.Size(length, strip.width()),
                    at(inner, strip.width().half().negated()));
            pictures(inner);
            SlabId stop = add(
                    "stop",
                    "Stop bar",
                    new Outline.Size(STOP_LONG, stopWide),
                    at(inner, stopWide.half().negated()));
            draft.joint(new Joint(ground.slab(), slip, Joint.Hold.HANGS, card, RiderEngineer.GLIDE));
            draft.joint(new Joint(slip, stop, Joint.Hold.HANGS, glue, glue.thickness()));
            SlabId rails = rails(channel);
            keepOff(inner, length, stopWide);
            notch();
            motion(List.of(slip, stop), rails, stopWide, channel);
            runs();
            covers();
            derive(length, channel, stopWide);
        }

        private SlabId add(String which, String name, Outline.Size size, Placement corner) {
            PartId id = new PartId(strip.id(), which);
            Form form = Form.rectangle(size.width(), size.height());
            draft.part(Part.of(id, name, card, form, Outline.sheet(size.width(), size.height()))
                    .at(corner));
            return SlabId.of(id);
        }

        /** The room for each picture: so short along the pull that its neighbours are out of the window. */
        private Outline.Size apart(double step, int count) {
            Outline.Size room = Showings.room(opening);
            boolean level = strip.side() == PullStrip.Side.RIGHT || strip.side() == PullStrip.Side.LEFT;
            double along = Mm.of(level ? room.width() : room.height());
            double free = 2 * (step - Mm.of(half));
            if (free < along / 2) {
                Source travel = new Source(strip.id(), "travel");
                draft.fault(Fault.mend(RuleId.PICTURES_MIX, travel, Mm.length(step), half.times(2))
                        .remedy(draft.lever(travel)
                                .flatMap(l -> l.by(half.times(2L * (count - 1)).minus(strip.travel())))));
            }
            Length least = Mm.length(Math.max(0, Math.min(along, free)));
            return level ? new Outline.Size(least, room.height()) : new Outline.Size(room.width(), least);
        }

        /** The first is seen at rest, the last at full pull. */
        private void pictures(Length inner) {
            int count = strip.shows().places();
            double step = count < 2 ? Double.MAX_VALUE : Mm.of(strip.travel()) / (count - 1);
            Outline.Size room = apart(step, count);
            List<Showings.Spot> spots = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                double back = i == 0 ? 0 : step * i;
                spots.add(new Showings.Spot(
                        Placement.at(
                                        Mm.length(-Mm.of(inner) - back),
                                        strip.width().half())
                                .turned(Angle.ofDegrees(-Math.round(pull.degrees()))),
                        room));
            }
            new Showings(strip.shows(), draft).drawn(new PartId(strip.id(), "strip"), spots);
        }

        private SlabId rails(Length channel) {
            Length from = exit.minus(strip.engaged());
            PartId id = new PartId(strip.id(), "rail");
            Length side = channel.half();
            draft.part(Part.of(
                            id,
                            "Rail",
                            card,
                            Form.rectangle(strip.engaged(), RAIL),
                            Outline.sheet(strip.engaged(), RAIL))
                    .at(List.of(at(from, side), at(from, side.plus(RAIL).negated())))
                    .stacked(RAIL_LAYERS));
            draft.joint(new Joint(ground.slab(), SlabId.of(id), Joint.Hold.HANGS, glue, glue.thickness()));
            return SlabId.of(id);
        }

        private void keepOff(Length inner, Length length, Length stopWide) {
            Length wide = Length.max(
                            stopWide, strip.width().plus(strip.play().plus(RAIL).times(2)))
                    .plus(RiderEngineer.FOAM_OFF.times(2));
            Length far = length.plus(strip.travel()).plus(RiderEngineer.FOAM_OFF.times(2));
            Outline swept = Outline.sheet(far, wide)
                    .placed(at(inner.minus(RiderEngineer.FOAM_OFF), wide.half().negated()));
            draft.zone(new Zone(Zone.Use.KEEP_OFF, strip.id(), ground.under(), swept));
        }

        /** A thumb notch over the tab, at the panel's edge. */
        private void notch() {
            Length radius = Length.min(strip.tab(), strip.width().half()).times(4);
            Length r = Length.ofNanometres(radius.nanometres() / 5);
            Outline notch = Outline.circle(r.times(2)).placed(at(edge(), Length.ZERO));
            Form form = Form.of(Form.Sort.ROUND, r.times(2), r.times(2));
            draft.cut(ground, new Cutout(strip.id(), Cutout.Sort.NOTCH, form, notch, CutMethod.KNIFE));
        }

        private void motion(List<SlabId> moving, SlabId rails, Length stopWide, Length channel) {
            Point from = middle.origin();
            Point to = from.plus(
                    Mm.of(strip.travel()) * Math.cos(pull.radians()), Mm.of(strip.travel()) * Math.sin(pull.radians()));
            draft.workings()
                    .motion(new Motion(
                            strip.id(),
                            "is pulled",
                            moving,
                            new Move.Slide(Path.through(List.of(from, to))),
                            new Motion.Keeping(
                                    List.of(ground.slab(), rails),
                                    RiderEngineer.CLEAR,
                                    false,
                                    Motion.Ends.STOPPED,
                                    List.of(new Motion.Retainer(
                                            new PartId(strip.id(), "stop"),
                                            stopWide,
                                            channel,
                                            RiderEngineer.HOLD_ASKED.times(2),
                                            new Source(strip.id(), "stop"),
                                            2)),
                                    Optional.of(lock()),
                                    Optional.of(new Motion.Space(moving.get(1), RiderEngineer.AIR, false)),
                                    Optional.empty()),
                            0));
        }

        /** Between its rails, which are laid one by one. */
        private void runs() {
            PartId slip = new PartId(strip.id(), "strip");
            draft.workings()
                    .fit(Fit.of(
                                    Fit.Sort.RUNS,
                                    slip,
                                    Suits.play(
                                            strip.play(),
                                            Share.of(1, new Off.Marked(strip.id(), 0)),
                                            Share.of(1, new Off.Marked(strip.id(), 1)),
                                            Share.of(-1, new Off.Size(slip, Off.Axis.UP))))
                            .easedBy(new Source(strip.id(), "play")));
        }

        private Motion.Lock lock() {
            Source engaged = new Source(strip.id(), "engaged");
            return new Motion.Lock(
                    strip.engaged(),
                    strip.width().half(),
                    strip.friction(),
                    engaged,
                    Optional.of(new Source(strip.id(), "width")));
        }

        /** At full pull the strip still lies behind all of the window. */
        private void covers() {
            if (strip.width().isBelow(broad)) {
                Source width = new Source(strip.id(), "width");
                draft.fault(Fault.mend(RuleId.PICTURE_NARROW, width, strip.width(), broad)
                        .remedy(draft.lever(width).flatMap(l -> l.by(broad.minus(strip.width())))));
            }
            Length needed = exit.plus(half);
            if (strip.engaged().isBelow(needed)) {
                Source engaged = new Source(strip.id(), "engaged");
                draft.fault(Fault.mend(RuleId.PICTURE_FILLS, engaged, strip.engaged(), needed)
                        .remedy(draft.lever(engaged).flatMap(l -> l.by(needed.minus(strip.engaged())))));
            }
        }

        private void derive(Length length, Length channel, Length stopWide) {
            Ledger ledger = new Ledger(draft, strip.id());
            var travel = ledger.term("travel", strip.travel(), "travel");
            ledger.sum(
                    "Strip, long",
                    length,
                    travel,
                    ledger.term("engaged", strip.engaged(), "engaged"),
                    ledger.term("tab", strip.tab(), "tab"));
            ledger.sum(
                    "Channel",
                    channel,
                    ledger.term("strip", strip.width(), "width"),
                    ledger.twice("play", strip.play(), "play"));
            ledger.sum(
                    "Stop bar",
                    stopWide,
                    ledger.term("channel", channel, "width"),
                    ledger.twice("hold", strip.stop(), "stop"));
            ledger.sum(
                    "Picture, long",
                    strip.travel().plus(half.times(2)),
                    travel,
                    ledger.term(1, "window", half.times(2), new Source(strip.window(), "shape.*")));
            ledger.formula(
                    "Will not lock",
                    new Amount.Times((int) Math.round(lock().margin() * 100)),
                    "{0} ÷ (friction {2} % × {1})",
                    ledger.term("engaged", strip.engaged(), "engaged"),
                    ledger.term("strip", strip.width(), "width"),
                    ledger.count("", strip.friction(), "friction"));
        }
    }
}
