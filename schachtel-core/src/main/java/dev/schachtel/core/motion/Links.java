package dev.schachtel.core.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.SlabId;

/** Who is stuck to whom. */
public final class Links {
    private final Map<SlabId, List<SlabId>> uppers = new HashMap<>();
    private final Map<SlabId, List<SlabId>> both = new HashMap<>();

    public Links(Build build) {
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.RESTS) {
                add(uppers, joint.lower(), joint.upper());
            }
            if (joint.hold() == Joint.Hold.HANGS) {
                add(uppers, joint.upper(), joint.lower());
            }
            if (joint.hold() == Joint.Hold.RESTS || joint.hold() == Joint.Hold.HANGS) {
                add(both, joint.lower(), joint.upper());
                add(both, joint.upper(), joint.lower());
            }
        }
    }

    private static void add(Map<SlabId, List<SlabId>> map, SlabId from, SlabId to) {
        map.computeIfAbsent(from, k -> new ArrayList<>()).add(to);
    }

    /** These slabs and all that rests on them or hangs from them, in order of discovery. */
    public Set<SlabId> carriedBy(Collection<SlabId> roots) {
        return reach(roots, uppers, Set.of());
    }

    /** All that hangs together with a slab by joints, leaving out some; what a piece is only level with counts too. */
    Set<SlabId> joinedWith(SlabId slab, Collection<SlabId> without) {
        return reach(List.of(slab), both, Set.copyOf(without));
    }

    private static Set<SlabId> reach(Collection<SlabId> roots, Map<SlabId, List<SlabId>> along, Set<SlabId> without) {
        Set<SlabId> found = new LinkedHashSet<>();
        Deque<SlabId> next = new ArrayDeque<>(roots);
        while (!next.isEmpty()) {
            SlabId at = next.poll();
            if (found.add(at)) {
                along.getOrDefault(at, List.of()).stream()
                        .filter(s -> !without.contains(s))
                        .forEach(next::add);
            }
        }
        return found;
    }
}
