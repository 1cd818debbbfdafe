package dev.schachtel.core.build;

import java.util.AbstractList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.RandomAccess;
import java.util.function.Function;

/** An unmodifiable list whose entries are also found by a key in O(1); the first entry of a key counts. */
final class Indexed<K, V> extends AbstractList<V> implements RandomAccess {
    private final List<V> all;
    private final Map<K, V> byKey = new HashMap<>();

    Indexed(List<V> entries, Function<V, K> key) {
        this.all = List.copyOf(entries);
        all.forEach(v -> byKey.putIfAbsent(key.apply(v), v));
    }

    Optional<V> find(K key) {
        return Optional.ofNullable(byKey.get(key));
    }

    @Override
    public V get(int index) {
        return all.get(index);
    }

    @Override
    public int size() {
        return all.size();
    }
}
