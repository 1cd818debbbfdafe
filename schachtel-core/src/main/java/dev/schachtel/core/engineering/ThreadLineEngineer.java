package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.ThreadLine;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A thread over the front of a sheet, through a hole at each end, with 20 mm behind for each knot. */
@AutoService(Engineer.class)
public final class ThreadLineEngineer implements Engineer<ThreadLine> {
    private static final Length KNOT = Length.ofMillimetres(20);
    private static final Length HOLE = Length.ofMicrometres(1500);

    @Override
    public Class<ThreadLine> engineers() {
        return ThreadLine.class;
    }

    @Override
    public void engineer(ThreadLine line, BuildDraft draft) {
        draft.ground(line.on(), new Source(line.id(), "on")).ifPresent(ground -> stretch(line, ground, draft));
    }

    private static void stretch(ThreadLine line, Ground ground, BuildDraft draft) {
        Placement begins = Placement.at(line.across(), line.up());
        hole(begins, line, ground, draft);
        hole(begins.moved(line.right(), line.rise()), line, ground, draft);
        double dx = Mm.of(line.right());
        double dy = Mm.of(line.rise());
        Length seen = Length.max(Mm.length(Math.hypot(dx, dy)), HOLE);
        PartId id = new PartId(line.id(), "");
        Length length = seen.plus(KNOT.times(2));
        Part thread = Threads.part(draft, id, length, line.thread());
        Length wide = thread.material().thickness();
        Placement at = begins.turned(Angle.ofRadians(Math.atan2(dy, dx)));
        draft.part(
                thread.at(at),
                List.of(Outline.sheet(seen, wide)
                        .placed(Placement.at(Length.ZERO, wide.half().negated()))
                        .placed(at)));
        draft.joint(new Joint(SlabId.of(id), ground.slab(), Joint.Hold.RESTS, thread.material(), Length.ZERO));
        Ledger ledger = new Ledger(draft, line.id());
        ledger.formula(
                "Thread",
                Amount.of(length),
                "√({0}² + {1}²) + 2 × {2}",
                ledger.term("right", line.right(), "right"),
                ledger.term("upwards", line.rise(), "rise"),
                ledger.term(1, "knot", KNOT, ledger.source("*")));
    }

    private static void hole(Placement at, ThreadLine line, Ground ground, BuildDraft draft) {
        Form round = Form.of(Form.Sort.ROUND, HOLE, HOLE);
        Outline hole = Outline.circle(HOLE).placed(at);
        draft.cut(ground, new Cutout(line.id(), Cutout.Sort.HOLE, round, hole, CutMethod.PUNCH));
    }
}
