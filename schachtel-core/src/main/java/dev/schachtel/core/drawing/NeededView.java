package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Needed;
import dev.schachtel.core.build.StampSeam;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.shape.Outline;

/** A sheet with what of some surface work on it is needed; where that comes to lie under other card, the sheet stays as it is. */
public final class NeededView {
    private static final double RIM = 1;
    private static final Colour COVERED = new Colour(0xffffff);

    private NeededView() {}

    public static Optional<Scene> of(Build build, Surface surface) {
        return build.level(surface.slab()).map(level -> {
            List<Mark> marks = new ArrayList<>();
            Colour card = build.part(surface.part())
                    .map(p -> ((Cardstock) p.material()).colour())
                    .orElse(surface.colour());
            level.slab().footprints().forEach(o -> marks.add(area(o, new Fill.Plain(card), Meaning.CUT)));
            Needed needed = Needed.of(build, surface);
            for (Coat coat : surface.coats()) {
                Fill fill = new Fill.Worked(surface.technique().kind(), surface.colour(), 0, coat.coverage());
                for (Outline seen : needed.needed()) {
                    coat.areas().stream()
                            .flatMap(a -> a.common(seen).stream())
                            .forEach(o -> marks.add(area(o, fill, Meaning.WORKED)));
                }
            }
            StampSeam.of(build, surface).forEach(s -> marks.add(area(s.line(), new Fill.Plain(COVERED), Meaning.CUT)));
            needed.covered().forEach(o -> marks.add(area(o, new Fill.Plain(COVERED), Meaning.EDGE)));
            return new Scene("Needed", level.slab().bounds().grown(RIM), Scene.Room.NONE, false, marks);
        });
    }

    private static Mark area(Outline outline, Fill fill, Meaning edge) {
        return new Mark.Area(outline, fill, edge, Optional.empty());
    }
}
