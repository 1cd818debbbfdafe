package dev.schachtel.core.patience;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** What was worked out lately and takes longer to work out than to keep; for any thread. */
public final class Lately<K, V> {
    private final Map<K, V> kept;

    /** Keeps so many. */
    public Lately(int most) {
        kept = new LinkedHashMap<>(64, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    public V get(K key, Function<K, V> work) {
        synchronized (kept) {
            return kept.computeIfAbsent(key, work);
        }
    }
}
