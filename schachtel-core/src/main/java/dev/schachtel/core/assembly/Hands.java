package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/**
 * What each operation has in its hands: the parts that it handles, and what may be fixed to those by then. Two makers never hold the
 * same part, whatever they do to it, so it counts as fixed unless that can only happen later.
 */
final class Hands {
    private final List<Op> ops;
    private final List<BitSet> after;
    private final Map<PartId, Integer> places = new LinkedHashMap<>();

    Hands(Before before) {
        this.ops = before.ops();
        this.after = before.after();
        ops.forEach(op -> parts(op).forEach(p -> places.computeIfAbsent(p, k -> places.size())));
    }

    /** The parts of one card, or of one of each lot. */
    int parts() {
        return places.size();
    }

    /** The places of the parts that an operation holds, from 0. */
    List<Integer> of(int op) {
        WorkKind kind = ops.get(op).kind();
        if (kind.has(Trait.ASIDE) || kind.has(Trait.WASHES)) {
            return List.of();
        }
        Set<PartId> held = new LinkedHashSet<>(parts(ops.get(op)));
        if (held.isEmpty()) {
            return List.copyOf(places.values());
        }
        List<Set<PartId>> fixed = new ArrayList<>();
        for (int other = 0; other < ops.size(); other++) {
            if (other != op
                    && !after.get(op).get(other)
                    && ops.get(other).joins().isPresent()) {
                fixed.add(parts(ops.get(other)));
            }
        }
        boolean more = true;
        while (more) {
            more = false;
            for (Set<PartId> body : fixed) {
                more |= body.stream().anyMatch(held::contains) && held.addAll(body);
            }
        }
        return held.stream().map(places::get).toList();
    }

    private static Set<PartId> parts(Op op) {
        return new LinkedHashSet<>(op.parts());
    }
}
