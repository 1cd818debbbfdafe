package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.ThreadLoop;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A hole and a thread through it, doubled; a tassel is as many threads more, folded over it. */
@AutoService(Engineer.class)
public final class ThreadLoopEngineer implements Engineer<ThreadLoop> {
    private static final Length KNOT = Length.ofMillimetres(20);

    @Override
    public Class<ThreadLoop> engineers() {
        return ThreadLoop.class;
    }

    @Override
    public void engineer(ThreadLoop loop, BuildDraft draft) {
        draft.ground(loop.on(), new Source(loop.id(), "on")).ifPresent(ground -> hang(loop, ground, draft));
    }

    private static void hang(ThreadLoop loop, Ground ground, BuildDraft draft) {
        Placement middle = Placement.at(loop.across(), loop.up());
        Outline hole = Outline.circle(loop.hole()).placed(middle);
        Form round = Form.of(Form.Sort.ROUND, loop.hole(), loop.hole());
        draft.cut(ground, new Cutout(loop.id(), Cutout.Sort.HOLE, round, hole, CutMethod.PUNCH));
        Length left = ground.outline().marginOf(hole).length();
        draft.workings().fit(Suits.hole(ground.part(), loop.id(), left));
        Length length = loop.hangs().times(2).plus(KNOT);
        Threads.add(draft, new PartId(loop.id(), "thread"), length, loop.thread(), middle);
        Threads.loop(draft, new PartId(loop.id(), "thread"), ground.slab(), middle, loop.hangs());
        Ledger ledger = new Ledger(draft, loop.id());
        ledger.sum(
                "Thread",
                length,
                ledger.twice("hangs", loop.hangs(), "hangs"),
                ledger.term(1, "knot", KNOT, ledger.source("hangs")));
        if (loop.tassel() > 0) {
            Part one = Threads.part(
                    draft, new PartId(loop.id(), "tassel"), loop.hangs().times(2), loop.thread());
            draft.folded(one.at(middle).stacked(loop.tassel()));
        }
    }
}
