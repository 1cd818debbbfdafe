package dev.schachtel.core.engineering;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.shape.Outline;

/** What lies on what, as far as it is engineered. */
final class Resting {
    private Resting() {}

    /** A slab and all that rests on it, or on what does. */
    static Set<SlabId> on(BuildDraft draft, SlabId root) {
        Set<SlabId> found = new LinkedHashSet<>(Set.of(root));
        List<Joint> joints = draft.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS)
                .toList();
        boolean more = true;
        while (more) {
            more = false;
            for (Joint joint : joints) {
                more |= found.contains(joint.lower()) && found.add(joint.upper());
            }
        }
        return found;
    }

    /** Whether slabs of different parts lie over each other somewhere. */
    static boolean overlap(BuildDraft draft, SlabId one, SlabId other) {
        List<Slab> both = draft.slabs().stream()
                .filter(s -> s.id().equals(one) || s.id().equals(other))
                .toList();
        return both.size() == 2
                && !both.get(0).part().equals(both.get(1).part())
                && both.get(0).footprints().stream().anyMatch(f -> covers(both.get(1), f));
    }

    private static boolean covers(Slab slab, Outline footprint) {
        return slab.footprints().stream().anyMatch(footprint::overlaps);
    }
}
