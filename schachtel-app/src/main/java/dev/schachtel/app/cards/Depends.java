package dev.schachtel.app.cards;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;

/** What of a workshop a plan was made with: when it is another, the plan may be, too. */
record Depends(Workshop workshop, Set<MaterialId> materials) {
    static Depends of(Workshop workshop, Build build) {
        return new Depends(
                workshop, build.parts().stream().map(p -> p.material().id()).collect(Collectors.toSet()));
    }

    /** Whether a plan would be the same: all of the workshop is as it was, or only sheets and rolls differ that it takes none of. */
    boolean isAsIn(Workshop now) {
        return now == workshop
                || Alike.of(workshop, now)
                        && now.sheets().stream()
                                .filter(this::takes)
                                .toList()
                                .equals(workshop.sheets().stream()
                                        .filter(this::takes)
                                        .toList())
                        && now.rolls().stream()
                                .filter(this::takes)
                                .toList()
                                .equals(workshop.rolls().stream()
                                        .filter(this::takes)
                                        .toList());
    }

    /** The same with another workshop in which it is the same. */
    Depends in(Workshop now) {
        return new Depends(now, materials);
    }

    /** Whether two workshops differ in sheets and rolls at most: long to find out, and asked for every card. */
    private record Alike(Workshop before, Workshop now, boolean alike) {
        private static volatile @Nullable Alike last;

        static boolean of(Workshop before, Workshop now) {
            Alike known = last;
            if (known == null || known.before != before || known.now != now) {
                known = new Alike(before, now, without(now).equals(without(before)));
                last = known;
            }
            return known.alike;
        }

        private static Workshop without(Workshop all) {
            return all.with(List.of(), List.of(), all.tools());
        }
    }

    private boolean takes(Sheet sheet) {
        return materials.contains(sheet.material());
    }

    private boolean takes(Roll roll) {
        return materials.contains(roll.material());
    }
}
