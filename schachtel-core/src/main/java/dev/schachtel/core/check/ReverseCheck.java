package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What lies on a side that looks away from the front lies flat: two pieces can't be in one place there. */
final class ReverseCheck implements Check {
    /** Room left beside the other piece, mm. */
    private static final double BESIDE = 1;

    /** Of what is shared less is a touch, mm2. */
    private static final double TOUCH = 0.01;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Face face : build.faces()) {
            if (face.isUnder()) {
                List<Level> there = hanging(build, face);
                for (int i = 1; i < there.size(); i++) {
                    for (int k = 0; k < i; k++) {
                        pair(build, face, there.get(k), there.get(i), report);
                    }
                }
            }
        }
    }

    private static List<Level> hanging(Build build, Face face) {
        return build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.HANGS && j.upper().equals(face.slab()))
                .flatMap(j -> build.level(j.lower()).stream())
                .toList();
    }

    private static void pair(Build build, Face face, Level first, Level then, Report report) {
        Outline lower = first.slab().footprints().get(0);
        Outline upper = then.slab().footprints().get(0);
        double shared = lower.shared(upper).squareMillimetres();
        if (shared > TOUCH) {
            Report.Draft draft = report.on(
                            RuleId.REVERSE_SHARED, then.slab().part().owner())
                    .parts(then.slab().part(), first.slab().part())
                    .names(then.slab().name(), first.slab().name())
                    .at(upper.bounds().centre());
            ways(lower.bounds(), upper.bounds(), face).stream()
                    .filter(by -> face.outline()
                            .bounds()
                            .holds(face.seen(upper).moved(by).bounds()))
                    .flatMap(by -> Remedies.move(build, then.slab().part().owner(), by).stream())
                    .limit(1)
                    .forEach(r -> draft.remedy(Optional.of(r)));
            draft.mend();
        }
    }

    /** Past the other to each side, the shortest way first, as the face is looked at. */
    private static List<Point> ways(Box lower, Box upper, Face face) {
        Outline seen = face.seen(Outline.of(upper));
        Outline other = face.seen(Outline.of(lower));
        Box own = seen.bounds();
        Box there = other.bounds();
        List<Point> all = new ArrayList<>(Stream.of(
                        new Point(there.right() - own.left() + BESIDE, 0),
                        new Point(there.left() - own.right() - BESIDE, 0),
                        new Point(0, there.top() - own.bottom() + BESIDE),
                        new Point(0, there.bottom() - own.top() - BESIDE))
                .toList());
        all.sort((a, b) -> Double.compare(Math.abs(a.x() + a.y()), Math.abs(b.x() + b.y())));
        return all;
    }
}
