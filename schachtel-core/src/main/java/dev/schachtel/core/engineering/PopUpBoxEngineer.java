package dev.schachtel.core.engineering;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.PopUpBox;

/**
 * A parallel fold: fold, page up to the front, front, top and leaf are a parallelogram at every opening, with sides deep and high. So it lies flat shut and at 180
 * degrees, stands square at 90, and pulls at nothing between. Strip = tab + high + deep + tab; shut, its middle crease lies deep + high from the fold. The corners at
 * its foot and behind its top open as the fold does, so that further ones can stand in them.
 */
@AutoService(Engineer.class)
public final class PopUpBoxEngineer implements Engineer<PopUpBox> {
    @Override
    public Class<PopUpBox> engineers() {
        return PopUpBox.class;
    }

    @Override
    public void engineer(PopUpBox box, BuildDraft draft) {
        PopUps all = draft.workings().popUps();
        all.fold(box.in(), new Source(box.id(), "in"), draft).ifPresent(valley -> {
            Strip.Look look = new Strip.Look("Pop-up box", box.id(), box.front(), box.top(), box.card());
            Strip.Sizes sizes = new Strip.Sizes(box.deep(), box.high(), box.high(), box.tab(), box.wide(), box.off());
            Strip strip = new Strip(draft, valley, look, sizes, new Strip.Inputs("deep", "high", "high"));
            strip.lay();
            all.fold(box.foot(), strip.foot());
            all.fold(box.back(), strip.back());
            derive(box, draft);
        });
    }

    private static void derive(PopUpBox box, BuildDraft draft) {
        Ledger ledger = new Ledger(draft, box.id());
        ledger.sum(
                "Strip, long",
                box.tab().times(2).plus(box.high()).plus(box.deep()),
                ledger.twice("tab", box.tab(), "tab"),
                ledger.term("high", box.high(), "high"),
                ledger.term("from the fold", box.deep(), "deep"));
        ledger.sum(
                "Shut, it reaches from the fold",
                box.deep().plus(box.high()),
                ledger.term("from the fold", box.deep(), "deep"),
                ledger.term("high", box.high(), "high"));
        ledger.formula(
                "Pulls taut at",
                Amount.degrees(180),
                "{0} and {1} are the sides of a parallelogram: it is flat when the pages are",
                ledger.term("from the fold", box.deep(), "deep"),
                ledger.term("high", box.high(), "high"));
    }
}
