package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Grid;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Placement;

/** Cell = (W - 2 m - (C - 1) bar)/C, the same up; the nanometres that don't divide widen the first cells. */
@AutoService(Engineer.class)
public final class GridEngineer implements Engineer<Grid> {
    @Override
    public Class<Grid> engineers() {
        return Grid.class;
    }

    @Override
    public void engineer(Grid grid, BuildDraft draft) {
        draft.ground(grid.on(), new Source(grid.id(), "on")).ifPresent(ground -> cut(grid, ground, draft));
    }

    private static void cut(Grid grid, Ground ground, BuildDraft draft) {
        Length across = free(ground.width(), grid.margin(), grid.bar(), grid.columns());
        Length up = free(ground.height(), grid.margin(), grid.bar(), grid.rows());
        if (!across.isPositive() || !up.isPositive()) {
            Source bar = new Source(grid.id(), "bar");
            draft.fault(Fault.mend(RuleId.NOTHING_LEFT, bar, Length.min(across, up), Length.ZERO));
            return;
        }
        List<Length> wide = across.splitInto(grid.columns());
        List<Length> high = up.splitInto(grid.rows());
        List<Length> xs = starts(ground.at().across().plus(grid.margin()), wide, grid.bar());
        List<Length> ys = starts(ground.at().up().plus(grid.margin()), high, grid.bar());
        List<Showings.Spot> spots = new ArrayList<>();
        for (int r = 0; r < grid.rows(); r++) {
            for (int c = 0; c < grid.columns(); c++) {
                Opening cell = new Opening.Rectangle(wide.get(c), high.get(r));
                Placement middle = Placement.at(
                        xs.get(c).plus(wide.get(c).half()),
                        ys.get(r).plus(high.get(r).half()));
                WindowEngineer.cut(grid.id(), ground, cell, middle, draft);
                spots.add(new Showings.Spot(middle, Showings.room(cell)));
            }
        }
        spots.sort(Comparator.comparing((Showings.Spot s) -> s.at().up())
                .reversed()
                .thenComparing(s -> s.at().across()));
        new Showings(grid.shows(), draft).behind(grid.id(), ground, grid.pictureCard(), spots);
        derive(grid, ground, draft, wide.get(0), high.get(0));
    }

    static Length free(Length side, Length margin, Length bar, int cells) {
        return side.minus(margin.times(2)).minus(bar.times(cells - 1L));
    }

    private static List<Length> starts(Length from, List<Length> cells, Length bar) {
        List<Length> starts = new ArrayList<>();
        Length at = from;
        for (Length cell : cells) {
            starts.add(at);
            at = at.plus(cell).plus(bar);
        }
        return starts;
    }

    private static void derive(Grid grid, Ground ground, BuildDraft draft, Length wide, Length high) {
        Ledger ledger = new Ledger(draft, grid.id());
        var margin = ledger.term("margin", grid.margin(), "margin");
        var bar = ledger.term("bar", grid.bar(), "bar");
        String formula = "({0} − 2 × {1} − ({3} − 1) × {2}) ÷ {3}";
        ledger.formula(
                "Cell, wide",
                Amount.of(wide),
                formula,
                ledger.term(1, "width", ground.width(), new Source(ground.owner(), "width")),
                margin,
                bar,
                ledger.count("columns", grid.columns(), "columns"));
        ledger.formula(
                "Cell, high",
                Amount.of(high),
                formula,
                ledger.term(1, "height", ground.height(), new Source(ground.owner(), "height")),
                margin,
                bar,
                ledger.count("rows", grid.rows(), "rows"));
    }
}
