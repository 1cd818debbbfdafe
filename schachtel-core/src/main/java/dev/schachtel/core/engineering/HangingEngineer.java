package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Hanging;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** A mirrored pair on a thread across a window: side clearance 2, thread = window + 2 x the taped ends. */
@AutoService(Engineer.class)
public final class HangingEngineer implements Engineer<Hanging> {
    private static final Length CLEAR = Length.ofMillimetres(2);
    /** Nearer than this it catches at the window's edge: our own estimate. */
    private static final Length TOUCHES = Length.ofMicrometres(500);

    @Override
    public Class<Hanging> engineers() {
        return Hanging.class;
    }

    @Override
    public void engineer(Hanging pair, BuildDraft draft) {
        draft.aperture(pair.window(), new Source(pair.id(), "window")).ifPresent(a -> {
            hang(pair, a, draft);
            draft.workings().fit(swings(pair, a));
        });
        draft.arts().add(new PartId(pair.id(), "piece"), pair.piece(), false);
    }

    private static void tie(Hanging pair, Aperture aperture, SlabId slab, BuildDraft draft) {
        draft.tie(slab, aperture.in().slab(), new Materials(draft).glue(new Source(pair.id(), "card")));
        Placement middle = aperture.middle();
        double half = Mm.of(aperture.opening().height()) / 2;
        Point top = middle.origin().plus(0, half);
        Point foot = middle.origin().plus(0, -half);
        Threads.straight(draft, new PartId(pair.id(), "thread"), slab, top, foot);
    }

    private static void hang(Hanging pair, Aperture aperture, BuildDraft draft) {
        Placement middle = aperture.middle();
        Shapes shape = Shapes.of(pair.piece(), draft.workshop());
        Cardstock card = new Materials(draft).card(pair.card(), new Source(pair.id(), "card"));
        PartId id = new PartId(pair.id(), "piece");
        draft.part(Part.of(id, "Piece and its mirror", card, shape.form(), shape.outline())
                .at(middle)
                .stacked(2)
                .cutBy(Shapes.method(pair.piece(), draft.workshop())));
        SlabId slab = SlabId.of(id);
        tie(pair, aperture, slab, draft);
        Length height = aperture.opening().height();
        Length thread = height.plus(pair.ends().times(2));
        Threads.add(draft, new PartId(pair.id(), "thread"), thread, pair.thread(), middle);
        Point top = middle.origin().plus(0, Mm.of(height) / 2);
        Point foot = middle.origin().plus(0, -Mm.of(height) / 2);
        draft.workings()
                .motion(new Motion(
                        pair.id(),
                        "spins",
                        List.of(slab),
                        new Move.Fold(foot, top, Angle.ofDegrees(180)),
                        new Motion.Keeping(
                                List.of(),
                                CLEAR,
                                false,
                                Motion.Ends.ENDLESS,
                                List.of(),
                                Optional.empty(),
                                Optional.of(new Motion.Space(
                                        slab, pair.piece().width().half(), true)),
                                Optional.empty()),
                        0));
        Ledger ledger = new Ledger(draft, pair.id());
        ledger.sum(
                "Thread",
                thread,
                ledger.term(1, "window", height, new Source(pair.window(), "shape.*")),
                ledger.twice("taped", pair.ends(), "ends"));
    }

    private static Fit swings(Hanging pair, Aperture aperture) {
        Length beside = aperture.opening().width().minus(pair.piece().width()).half();
        Off hung = new Off.Marked(pair.id(), 0);
        return Fit.of(
                Fit.Sort.SWINGS,
                new PartId(pair.id(), "piece"),
                Fit.Gauge.atLeast(beside, TOUCHES, Share.of(1, hung)),
                Fit.Gauge.atLeast(beside, TOUCHES, Share.of(-1, hung)));
    }
}
