package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Row;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Placement;

/**
 * Equal gaps g = (L - n d)/(n + 1), or with end margins m: g = (L - 2 m - n d)/(n - 1). Gaps fill the length exactly, to
 * the nanometre. Example: three 2 in circles along 8 1/4 in: gap 9/16, or 5/8 with 1/2 margins.
 */
@AutoService(Engineer.class)
public final class RowEngineer implements Engineer<Row> {
    @Override
    public Class<Row> engineers() {
        return Row.class;
    }

    @Override
    public void engineer(Row row, BuildDraft draft) {
        draft.ground(row.on(), new Source(row.id(), "on")).ifPresent(ground -> cut(row, ground, draft));
    }

    private static void cut(Row row, Ground ground, BuildDraft draft) {
        boolean up = row.run() == Row.Run.UP;
        Length size = up ? row.shape().height() : row.shape().width();
        Length length = up ? ground.height() : ground.width();
        Length start = up ? ground.at().up() : ground.at().across();
        for (Length middle : middles(row, length, size)) {
            Length at = start.plus(middle);
            Placement placed = up ? Placement.at(row.across(), at) : Placement.at(at, row.up());
            WindowEngineer.cut(row.id(), ground, row.shape(), placed, draft);
        }
        derive(row, ground, draft, length, size);
    }

    /** Middles along the length. */
    static List<Length> middles(Row row, Length length, Length size) {
        int n = row.count();
        boolean equal = row.spacing() instanceof Row.Spacing.EqualGaps;
        Length margin = row.spacing() instanceof Row.Spacing.EndMargin m ? m.margin() : Length.ZERO;
        Length free = length.minus(margin.times(2)).minus(size.times(n));
        List<Length> gaps = equal ? free.splitInto(n + 1) : n > 1 ? free.splitInto(n - 1) : List.of();
        List<Length> middles = new ArrayList<>();
        Length at = equal ? gaps.get(0) : n > 1 ? margin : margin.plus(free.half());
        for (int i = 0; i < n; i++) {
            middles.add(at.plus(size.half()));
            at = at.plus(size);
            int next = equal ? i + 1 : i;
            at = next < gaps.size() ? at.plus(gaps.get(next)) : at;
        }
        return middles;
    }

    private static void derive(Row row, Ground ground, BuildDraft draft, Length length, Length size) {
        Ledger ledger = new Ledger(draft, row.id());
        boolean up = row.run() == Row.Run.UP;
        var panel =
                ledger.term(1, up ? "height" : "width", length, new Source(ground.owner(), up ? "height" : "width"));
        var window = ledger.term("window", size, "shape.*");
        var count = ledger.count("windows", row.count(), "count");
        int n = row.count();
        if (row.spacing() instanceof Row.Spacing.EndMargin end && n > 1) {
            Length gap = length.minus(end.margin().times(2))
                    .minus(size.times(n))
                    .splitInto(n - 1)
                    .get(0);
            ledger.formula(
                    "Gap",
                    Amount.of(gap),
                    "({0} − 2 × {3} − {2} × {1}) ÷ ({2} − 1)",
                    panel,
                    window,
                    count,
                    ledger.term("margin", end.margin(), "spacing.margin"));
        } else {
            Length gap = length.minus(size.times(n)).splitInto(n + 1).get(0);
            ledger.formula("Gap", Amount.of(gap), "({0} − {2} × {1}) ÷ ({2} + 1)", panel, window, count);
        }
    }
}
