package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.measure.Length;

/**
 * Works out at which height each slab lies: on the highest of what it rests on or meets, joint included; a hanging slab
 * below what it hangs from. Slabs without any joint lie at 0; if something hangs below that, all are lifted by it. O(slabs x joints) at worst, once each by memory.
 */
public final class Heights {
    private final Map<SlabId, Slab> slabs;
    private final Map<SlabId, List<Joint>> below = new HashMap<>();
    private final Map<SlabId, Joint> hanging = new HashMap<>();
    private final Map<SlabId, Length> bottoms = new HashMap<>();

    Heights(Map<SlabId, Slab> slabs, List<Joint> joints) {
        this.slabs = slabs;
        for (Joint joint : joints) {
            if (joint.hold() == Joint.Hold.HANGS) {
                hanging.put(joint.lower(), joint);
            } else if (joint.hold() != Joint.Hold.TIED) {
                below.computeIfAbsent(joint.upper(), k -> new ArrayList<>()).add(joint);
            }
        }
    }

    List<Level> solve() {
        List<Level> levels = new ArrayList<>();
        for (Slab slab : slabs.values()) {
            Length bottom = bottom(slab.id());
            levels.add(new Level(slab, bottom, bottom.plus(slab.thickness())));
        }
        Length least = levels.stream().map(Level::bottom).reduce(Length.ZERO, Length::min);
        if (least.isNegative()) {
            levels.replaceAll(
                    l -> new Level(l.slab(), l.bottom().minus(least), l.top().minus(least)));
        }
        levels.sort(Comparator.comparing(Level::bottom).thenComparing(Level::top));
        return levels;
    }

    private Length bottom(SlabId id) {
        Length known = bottoms.get(id);
        if (known != null) {
            return known;
        }
        bottoms.put(id, Length.ZERO);
        Joint hangs = hanging.get(id);
        Length bottom = hangs == null
                ? below.getOrDefault(id, List.of()).stream()
                        .map(j -> top(j.lower()).plus(j.thickness()))
                        .reduce(Length.ZERO, Length::max)
                : bottom(hangs.upper()).minus(hangs.thickness()).minus(thickness(id));
        bottoms.put(id, bottom);
        return bottom;
    }

    private Length top(SlabId id) {
        return bottom(id).plus(thickness(id));
    }

    private Length thickness(SlabId id) {
        Slab slab = slabs.get(id);
        return slab == null ? Length.ZERO : slab.thickness();
    }
}
