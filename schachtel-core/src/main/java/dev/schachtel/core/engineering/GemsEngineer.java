package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Gems;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** Small things stuck on, evenly in a row, or on the nearest places of a grid of triangles. */
@AutoService(Engineer.class)
public final class GemsEngineer implements Engineer<Gems> {
    /** The grid reaches so many rows from its middle: more than 60 places. */
    private static final int ROWS = 5;

    @Override
    public Class<Gems> engineers() {
        return Gems.class;
    }

    @Override
    public void engineer(Gems gems, BuildDraft draft) {
        draft.ground(gems.on(), new Source(gems.id(), "on")).ifPresent(ground -> {
            Materials materials = new Materials(draft);
            Embellishment one = materials.embellishment(gems.what(), new Source(gems.id(), "what"));
            PartId id = new PartId(gems.id(), "");
            draft.part(Part.of(
                            id,
                            one.name(),
                            one,
                            Form.of(Form.Sort.ROUND, one.width(), one.width()),
                            Outline.circle(one.width()))
                    .at(places(gems))
                    .cutBy(CutMethod.SCISSORS));
            draft.lay(SlabId.of(id), ground.slab(), materials.adhesive(gems.fixing(), new Source(gems.id(), "fixing")));
            Ledger ledger = new Ledger(draft, gems.id());
            ledger.formula("Each stands off", new Amount.Thick(one.thickness()), "as the stock says");
        });
    }

    /** Their middles, evenly about the middle asked for. */
    private static List<Placement> places(Gems gems) {
        List<Point> around = gems.arranged() == Gems.Arranged.IN_A_ROW ? row(gems.count()) : grid(gems.count());
        double x = around.stream().mapToDouble(Point::x).average().orElse(0);
        double y = around.stream().mapToDouble(Point::y).average().orElse(0);
        double apart = Mm.of(gems.apart());
        double turn = Math.toRadians(gems.turned());
        return around.stream()
                .map(p -> turned((p.x() - x) * apart, (p.y() - y) * apart, turn))
                .map(p -> Placement.at(
                        gems.across().plus(Mm.length(p.x())), gems.up().plus(Mm.length(p.y()))))
                .toList();
    }

    private static Point turned(double x, double y, double by) {
        return new Point(x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by));
    }

    private static List<Point> row(int count) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add(new Point(i, 0));
        }
        return all;
    }

    /** The first places of a grid of triangles with sides of 1, from its middle outwards. */
    private static List<Point> grid(int count) {
        List<Point> all = new ArrayList<>();
        for (int row = -ROWS; row <= ROWS; row++) {
            for (int i = -2 * ROWS; i <= 2 * ROWS; i++) {
                all.add(new Point(i + row / 2.0, row * Math.sqrt(3) / 2));
            }
        }
        all.sort(Comparator.comparingDouble((Point p) -> Math.round(1e6 * Math.hypot(p.x(), p.y())))
                .thenComparingDouble(p -> (Math.atan2(p.y(), p.x()) + 2 * Math.PI) % (2 * Math.PI)));
        return all.subList(0, count);
    }
}
