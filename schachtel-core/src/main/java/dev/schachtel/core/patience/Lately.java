package dev.schachtel.core.patience;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

import org.jspecify.annotations.Nullable;

/**
 * What was worked out lately and takes longer to work out than to keep; for any thread. What is known counts as many steps
 * of work as when it was worked out, so that no answer depends on what was asked before.
 */
public final class Lately<K, V> {
    private final Map<K, Patience.Worked<V>> kept;

    /** Keeps so many. */
    public Lately(int most) {
        kept = new LinkedHashMap<>(64, 0.75f, true) {
            private static final long serialVersionUID = 1;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, Patience.Worked<V>> eldest) {
                return size() > most;
            }
        };
    }

    /** What is known of a key; else works it out, while others may do so, too. */
    public V get(K key, Function<K, V> work) {
        Patience.@Nullable Worked<V> known;
        synchronized (kept) {
            known = kept.get(key);
        }
        if (known != null) {
            Patience.take(known.steps());
            return known.value();
        }
        Patience.Worked<V> worked = Patience.counted(() -> work.apply(key));
        synchronized (kept) {
            kept.put(key, worked);
        }
        return worked.value();
    }
}
