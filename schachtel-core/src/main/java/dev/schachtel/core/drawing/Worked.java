package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.shape.Outline;

/** What was done to the surface of a sheet, in the order in which the card has it. */
final class Worked {
    private Worked() {}

    static List<Mark> on(Build build, Level level, Outline seen) {
        Blends blends = Blends.of(build, level);
        Map<Surfacing, Integer> nth = new EnumMap<>(Surfacing.class);
        List<Mark> works = new ArrayList<>();
        for (Surface surface : build.surfaces()) {
            boolean words = build.letterings().stream().anyMatch(w -> w.owner().equals(surface.owner()));
            if (surface.slab().equals(level.slab().id()) && !words) {
                Surfacing kind = surface.technique().kind();
                int index = nth.merge(kind, 1, Integer::sum) - 1;
                boolean told = blends.tells(surface);
                for (Coat coat : surface.coats()) {
                    if (told) {
                        works.addAll(blends.lay(surface, coat, seen));
                        continue;
                    }
                    Fill fill = new Fill.Worked(kind, surface.colour(), index, coat.coverage());
                    coat.areas().stream()
                            .flatMap(a -> a.equals(seen) ? Stream.of(a) : a.common(seen).stream())
                            .forEach(a -> works.add(new Mark.Area(a, fill, Meaning.WORKED, Optional.empty())));
                }
            }
        }
        return works;
    }
}
