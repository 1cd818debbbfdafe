package dev.schachtel.core.assembly;

import java.util.AbstractList;
import java.util.HashSet;
import java.util.List;
import java.util.RandomAccess;
import java.util.Set;

import dev.schachtel.core.build.PartId;

/** An unmodifiable list of parts that knows at once whether a part is in it: rules ask cutting steps of a hundred parts. */
final class PartList extends AbstractList<PartId> implements RandomAccess {
    private static final int FEW = 3;

    private final List<PartId> all;
    private final Set<PartId> set;

    private PartList(List<PartId> all) {
        this.all = List.copyOf(all);
        this.set = new HashSet<>(all);
    }

    static List<PartId> of(List<PartId> parts) {
        return parts instanceof PartList ? parts : parts.size() <= FEW ? List.copyOf(parts) : new PartList(parts);
    }

    @Override
    public boolean contains(Object part) {
        return set.contains(part);
    }

    @Override
    public PartId get(int index) {
        return all.get(index);
    }

    @Override
    public int size() {
        return all.size();
    }
}
