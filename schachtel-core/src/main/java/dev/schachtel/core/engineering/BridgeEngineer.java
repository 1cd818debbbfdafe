package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Bridge;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Silhouettes;

/**
 * Strip = opening + 2 tabs. Pieces of width w hang by drop + height; swinging 10 degrees, neighbours keep a gap of (r1 +
 * r2) sin 10; most n = floor((opening - 2 edge + gap)/(w + gap)). Every piece is doubled, mirrored, the thread between.
 */
@AutoService(Engineer.class)
public final class BridgeEngineer implements Engineer<Bridge> {
    static final Angle SWING = Angle.ofDegrees(10);
    private static final Length ABOVE_TABLE = Length.ofMillimetres(5);
    private static final Length TIED = Length.ofMillimetres(5);

    @Override
    public Class<Bridge> engineers() {
        return Bridge.class;
    }

    @Override
    public void engineer(Bridge bridge, BuildDraft draft) {
        draft.ground(bridge.on(), new Source(bridge.id(), "on")).ifPresent(ground -> span(bridge, ground, draft));
    }

    private static void span(Bridge bridge, Ground ground, BuildDraft draft) {
        Materials materials = new Materials(draft);
        Cardstock card = materials.card(bridge.card(), new Source(bridge.id(), "card"));
        Length length = bridge.opening().plus(bridge.tab().times(2));
        PartId strip = new PartId(bridge.id(), "strip");
        Placement corner = Placement.at(bridge.across().minus(length.half()), bridge.up());
        draft.part(Part.of(
                        strip,
                        "Bridge",
                        card,
                        Form.rectangle(length, bridge.height()),
                        Outline.sheet(length, bridge.height()))
                .at(corner));
        Material fixing = materials.adhesive(bridge.fixing(), new Source(bridge.id(), "fixing"));
        draft.lay(SlabId.of(strip), ground.slab(), fixing);
        draft.ground(
                bridge.id(),
                Ground.of(strip, SlabId.of(strip), corner, new Outline.Size(length, bridge.height()), Ground.Edge.NONE)
                        .on(ground.slab()));
        Length gap = gap(bridge);
        int most = most(bridge, gap);
        List<Length> middles = middles(bridge, gap);
        pieces(bridge, draft, SlabId.of(strip), middles);
        swing(bridge, draft, middles, gap);
        if (bridge.pieces() > most) {
            Source pieces = new Source(bridge.id(), "pieces");
            draft.fault(Fault.mend(
                            RuleId.HANGING_COUNT, pieces, "", new Amount.Count(bridge.pieces()), new Amount.Count(most))
                    .remedy(draft.lever(pieces).map(l -> l.to(most))));
        }
        low(bridge, ground, draft);
        derive(bridge, draft, length, gap, most);
    }

    /** (r1 + r2) sin 10, r reaching from the strip to the foot of a piece. */
    static Length gap(Bridge bridge) {
        double reach = Mm.of(bridge.drop().plus(bridge.pieceHeight()));
        return Mm.length(2 * reach * Math.sin(SWING.radians()));
    }

    /** Hung a little off, neighbours still swing half as far as planned without touching. */
    private static void swing(Bridge bridge, BuildDraft draft, List<Length> middles, Length gap) {
        List<Fit.Gauge> gauges = new ArrayList<>();
        for (int i = 1; i < middles.size(); i++) {
            Length between = middles.get(i).minus(middles.get(i - 1)).minus(bridge.pieceWidth());
            gauges.add(Fit.Gauge.atLeast(
                    between,
                    gap.half(),
                    Share.of(1, new Off.Marked(bridge.id(), i)),
                    Share.of(-1, new Off.Marked(bridge.id(), i - 1))));
        }
        if (!gauges.isEmpty()) {
            draft.workings().fit(Fit.of(Fit.Sort.SWINGS, new PartId(bridge.id(), "hanging-1"), gauges));
        }
    }

    static int most(Bridge bridge, Length gap) {
        Length room = bridge.opening().minus(bridge.edge().times(2)).plus(gap);
        return room.isPositive() ? room.wholeTimes(bridge.pieceWidth().plus(gap)) : 0;
    }

    /** Middles spread evenly over the opening, with half a gap more at the ends than the room they need. */
    private static List<Length> middles(Bridge bridge, Length gap) {
        int n = bridge.pieces();
        Length room = bridge.opening().minus(bridge.edge().times(2));
        List<Length> cells = n == 0 ? List.of() : room.splitInto(n);
        List<Length> middles = new ArrayList<>();
        Length at = bridge.across().minus(bridge.opening().half()).plus(bridge.edge());
        for (Length cell : cells) {
            middles.add(at.plus(cell.half()));
            at = at.plus(cell);
        }
        return middles;
    }

    private static void pieces(Bridge bridge, BuildDraft draft, SlabId strip, List<Length> middles) {
        if (middles.isEmpty()) {
            return;
        }
        Cardstock card = new Materials(draft).card(bridge.pieceCard(), new Source(bridge.id(), "pieceCard"));
        Length w = bridge.pieceWidth();
        Length h = bridge.pieceHeight();
        Length foot = bridge.up().minus(bridge.drop()).minus(h);
        Outline outline = Silhouettes.lantern(w, h);
        for (int i = 0; i < middles.size(); i++) {
            PartId id = new PartId(bridge.id(), "hanging-" + (i + 1));
            Placement at = Placement.at(middles.get(i).minus(w.half()), foot);
            draft.part(Part.of(id, "Hanging piece and its mirror", card, Form.of(Form.Sort.SHAPE, w, h), outline)
                    .at(at)
                    .stacked(2)
                    .cutBy(CutMethod.DIE));
            SlabId slab = SlabId.of(id);
            draft.tie(slab, strip, new Materials(draft).glue(new Source(bridge.id(), "pieceCard")));
            draft.workings()
                    .motion(new Motion(
                            bridge.id(),
                            "swings",
                            List.of(slab),
                            new Move.Hang(Point.of(middles.get(i), bridge.up()), SWING),
                            Motion.Keeping.free(Length.ZERO, Motion.Ends.ENDLESS),
                            50));
        }
        Length thread = bridge.drop().plus(TIED.times(2));
        PartId threads = new PartId(bridge.id(), "thread");
        for (int i = 0; i < middles.size(); i++) {
            Point from = Point.of(middles.get(i), bridge.up());
            SlabId piece = SlabId.of(new PartId(bridge.id(), "hanging-" + (i + 1)));
            Threads.straight(draft, threads, piece, from, from.plus(0, -Mm.of(bridge.drop())));
        }
        draft.folded(Threads.part(draft, threads, thread, bridge.thread())
                .at(middles.stream().map(x -> Placement.at(x, bridge.up())).toList()));
    }

    /** Drop and height leave 5 mm above what the card stands on: the foot of the face it hangs before. */
    private static void low(Bridge bridge, Ground ground, BuildDraft draft) {
        Length foot = bridge.up().minus(bridge.drop()).minus(bridge.pieceHeight());
        Length above = foot.minus(ground.at().up());
        if (bridge.pieces() > 0 && above.isBelow(ABOVE_TABLE)) {
            Source drop = new Source(bridge.id(), "drop");
            draft.fault(Fault.mend(RuleId.HANGING_LOW, drop, above, ABOVE_TABLE)
                    .remedy(draft.lever(drop).flatMap(l -> l.by(above.minus(ABOVE_TABLE)))));
        }
    }

    private static void derive(Bridge bridge, BuildDraft draft, Length length, Length gap, int most) {
        Ledger ledger = new Ledger(draft, bridge.id());
        ledger.sum(
                "Strip, long",
                length,
                ledger.term("opening", bridge.opening(), "opening"),
                ledger.twice("tab", bridge.tab(), "tab"));
        ledger.formula(
                "Gap between pieces",
                Amount.of(gap),
                "2 × ({0} + {1}) × sin 10°, so that they swing freely",
                ledger.term("drop", bridge.drop(), "drop"),
                ledger.term("piece", bridge.pieceHeight(), "pieceHeight"));
        ledger.formula(
                "Most pieces",
                new Amount.Count(most),
                "({0} − 2 × {1} + {2}) ÷ ({3} + {2}), whole ones",
                ledger.term("opening", bridge.opening(), "opening"),
                ledger.term("clear", bridge.edge(), "edge"),
                ledger.term("gap", gap, "drop"),
                ledger.term("piece", bridge.pieceWidth(), "pieceWidth"));
    }
}
