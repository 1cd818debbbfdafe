package dev.schachtel.core.engineering;

import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.BoxCard;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** The sizes of a box card: what they may be, and why its parts are so large. */
final class BoxSizes {
    private BoxSizes() {}

    /** Tabs and rows that there is no room for. */
    static void limits(BoxCard box, BuildDraft draft) {
        Length room = Length.min(box.front(), BoxRows.between(box));
        Length over = box.tab().minus(room);
        if (over.isPositive()) {
            Source tab = new Source(Id.BASE, "tab");
            int fewer = (int) box.deep().wholeTimes(box.tab()) - 1;
            Optional<Lever> rows =
                    draft.lever(new Source(Id.BASE, "rows")).filter(l -> fewer >= 0 && fewer < box.rows());
            draft.fault(Fault.mend(RuleId.TAB_ROOM, tab, box.tab(), room)
                    .remedy(draft.lever(tab).flatMap(l -> l.by(over.negated())))
                    .remedy(rows.map(l -> l.to(fewer))));
        }
        Length stands = box.rowUp().plus(box.rowHeight());
        if (stands.isAbove(box.walls()) && box.rows() > 0) {
            Source high = new Source(Id.BASE, "rowHeight");
            Length less = box.walls().minus(stands);
            draft.fault(Fault.mend(RuleId.ROWS_ON_WALLS, high, stands, box.walls())
                    .remedy(draft.lever(new Source(Id.BASE, "rowUp")).flatMap(l -> l.by(less)))
                    .remedy(draft.lever(high).flatMap(l -> l.by(less))));
        }
    }

    /** What can be drawn of what was asked for: tabs and rows as large as there is room, so that one fault is told once. */
    static BoxCard drawn(BoxCard box) {
        Length tab = Length.min(box.tab(), Length.min(box.front(), BoxRows.between(box)));
        Length high = Length.min(box.rowHeight(), box.walls());
        Length up = Length.min(box.rowUp(), box.walls().minus(high));
        return new BoxCard(
                box.front(),
                box.deep(),
                box.walls(),
                box.flaps(),
                box.rows(),
                high,
                up,
                tab,
                box.card(),
                box.rowCard());
    }

    /** Why sheets and rows are as large as they are. */
    static void derive(BoxCard box, BuildDraft draft) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        ledger.sum(
                "Each half, wide",
                box.tab().plus(box.deep()).plus(box.front()),
                ledger.term("tab", box.tab(), "tab"),
                ledger.term("deep", box.deep(), "deep"),
                ledger.term("front", box.front(), "front"));
        ledger.sum(
                "Each half, high",
                box.height(),
                ledger.term("walls", box.walls(), "walls"),
                ledger.term("flaps", box.flaps(), "flaps"));
        ledger.sum(
                "Shut, wide",
                box.width(),
                ledger.term("front", box.front(), "front"),
                ledger.term("deep", box.deep(), "deep"));
        if (box.rows() > 0) {
            ledger.formula(
                    "Strip of a row",
                    Amount.of(box.front().plus(box.tab().times(2)), box.rowHeight()),
                    "{0} + 2 × {1} by {2}",
                    ledger.term("front", box.front(), "front"),
                    ledger.term("tab", box.tab(), "tab"),
                    ledger.term("high", box.rowHeight(), "rowHeight"));
            ledger.formula(
                    "From row to row",
                    Amount.of(BoxRows.between(box)),
                    "{0} ÷ ({1} + 1)",
                    ledger.term("deep", box.deep(), "deep"),
                    ledger.count("rows", box.rows(), "rows"));
        }
    }
}
