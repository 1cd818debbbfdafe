package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** No dam or film of one chamber lies over one of another: foam on foam leaves a ridge, and both leak. */
final class ChamberCheck implements Check {
    /** Room left between two dams when one is moved away: 1 mm. */
    private static final double APART = 1;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        List<Chamber> dams = build.chambers().stream().filter(Chamber::isDam).toList();
        for (int i = 0; i < dams.size(); i++) {
            for (int k = i + 1; k < dams.size(); k++) {
                over(build, dams.get(i), dams.get(k), report);
            }
        }
    }

    private static void over(Build build, Chamber first, Chamber second, Report report) {
        for (Level a : levels(build, first)) {
            for (Level b : levels(build, second)) {
                boolean level = a.bottom().isBelow(b.top()) && b.bottom().isBelow(a.top());
                Optional<Outline> shared = level ? overlap(a, b) : Optional.empty();
                if (shared.isPresent()) {
                    report.on(RuleId.DAMS_OVERLAP, second.owner())
                            .parts(a.slab().part(), b.slab().part())
                            .names(a.slab().name(), b.slab().name())
                            .at(shared.get().bounds().centre())
                            .remedy(apart(build, first, second))
                            .mend();
                    return;
                }
            }
        }
    }

    private static List<Level> levels(Build build, Chamber chamber) {
        return Stream.concat(Stream.of(chamber.film()), chamber.walls().stream())
                .flatMap((PartId p) -> build.level(SlabId.of(p)).stream())
                .toList();
    }

    private static Optional<Outline> overlap(Level a, Level b) {
        return a.slab().footprints().stream()
                .filter(f -> b.slab().footprints().stream().anyMatch(f::overlaps))
                .findFirst();
    }

    /** Moves the second window the shorter way until the boxes round both films and dams are clear of each other. */
    private static Optional<Remedy> apart(Build build, Chamber first, Chamber second) {
        Box a = box(build, first);
        Box b = box(build, second);
        double right = a.right() - b.left() + APART;
        double left = b.right() - a.left() + APART;
        double up = a.top() - b.bottom() + APART;
        double down = b.top() - a.bottom() + APART;
        List<Point> ways = new ArrayList<>(
                List.of(new Point(right, 0), new Point(-left, 0), new Point(0, up), new Point(0, -down)));
        ways.sort((x, y) -> Double.compare(x.distanceTo(Point.ORIGIN), y.distanceTo(Point.ORIGIN)));
        return Remedies.move(build, second.apertures().get(0).owner(), ways.get(0));
    }

    private static Box box(Build build, Chamber chamber) {
        return levels(build, chamber).stream()
                .map(l -> l.slab().bounds())
                .reduce(Box::union)
                .orElseThrow();
    }
}
