package dev.schachtel.core.drawing;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** How much of a piece is seen in a picture in which the nearer things are drawn over the farther ones. */
final class InSight {
    /** Places looked at, each way. */
    private static final int PLACES = 16;

    private InSight() {}

    /** Square millimetres, as they appear. */
    static double of(Scene scene, Id owner) {
        List<Mark.Area> faces = scene.marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.edge() == Meaning.EDGE || a.edge() == Meaning.NONE)
                .toList();
        Optional<Box> own = faces.stream()
                .filter(f -> f.of().filter(owner::equals).isPresent())
                .map(f -> f.outline().bounds())
                .reduce(Box::union);
        return own.map(box -> seen(faces, box, owner)).orElse(0.0);
    }

    private static double seen(List<Mark.Area> faces, Box box, Id owner) {
        int hits = 0;
        for (int i = 0; i < PLACES; i++) {
            for (int k = 0; k < PLACES; k++) {
                Point at = new Point(
                        box.left() + box.width() * (i + 0.5) / PLACES,
                        box.bottom() + box.height() * (k + 0.5) / PLACES);
                hits += nearest(faces, at).filter(owner::equals).isPresent() ? 1 : 0;
            }
        }
        return box.width() * box.height() * hits / (PLACES * PLACES);
    }

    private static Optional<Id> nearest(List<Mark.Area> faces, Point at) {
        for (int i = faces.size() - 1; i >= 0; i--) {
            if (faces.get(i).outline().bounds().holds(at)
                    && faces.get(i).outline().holds(at)) {
                return faces.get(i).of();
            }
        }
        return Optional.empty();
    }
}
