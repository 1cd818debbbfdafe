package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.measure.Length;

/** Slabs that lie between the same heights, from the back to the front. */
record Tiers(List<List<Level>> all) {
    static Tiers of(Build build) {
        Map<String, List<Level>> tiers = new LinkedHashMap<>();
        for (Level level : build.levels()) {
            tiers.computeIfAbsent(level.bottom() + " " + level.top(), k -> new ArrayList<>())
                    .add(level);
        }
        return new Tiers(List.copyOf(tiers.values()));
    }

    /** All heights at which something begins or ends, ascending. */
    static List<Length> heights(Build build) {
        return build.levels().stream()
                .flatMap(l -> java.util.stream.Stream.of(l.bottom(), l.top()))
                .distinct()
                .sorted()
                .toList();
    }
}
