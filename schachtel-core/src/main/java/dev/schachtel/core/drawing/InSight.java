package dev.schachtel.core.drawing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

/** What is seen, and how much of it, in a picture in which the nearer things are drawn over the farther ones. */
final class InSight {
    /** Places looked at, each way. */
    private static final int PLACES = 16;
    /** The same for all that is seen. */
    private static final int FINE = 40;

    private InSight() {}

    /** The pieces that are seen, the one of which most is seen first. */
    static List<Id> owners(Scene scene) {
        List<Mark.Area> faces = faces(scene);
        Map<Id, Integer> hits = new LinkedHashMap<>();
        faces.stream().map(f -> f.outline().bounds()).reduce(Box::union).ifPresent(box -> {
            for (int i = 0; i < FINE * FINE; i++) {
                nearest(faces, place(box, i % FINE, i / FINE, FINE)).ifPresent(o -> hits.merge(o, 1, Integer::sum));
            }
        });
        return hits.entrySet().stream()
                .sorted(Map.Entry.<Id, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    private static List<Mark.Area> faces(Scene scene) {
        return scene.marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .filter(a -> a.edge() == Meaning.EDGE || a.edge() == Meaning.NONE)
                .toList();
    }

    private static Point place(Box box, int across, int up, int places) {
        return new Point(
                box.left() + box.width() * (across + 0.5) / places, box.bottom() + box.height() * (up + 0.5) / places);
    }

    /** Square millimetres, as they appear. */
    static double of(Scene scene, Id owner) {
        List<Mark.Area> faces = faces(scene);
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
                hits += nearest(faces, place(box, i, k, PLACES))
                                .filter(owner::equals)
                                .isPresent()
                        ? 1
                        : 0;
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
