package org.goldentally.core.problem;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Looks up what must be there. */
public final class Known {

    private Known() {}

    /**
     * What stands under a key that was put in before.
     *
     * @throws IllegalStateException where it was not, which is a mistake of ours
     */
    public static <K, V> V of(Map<K, V> map, K key) {
        @Nullable V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("nothing is known of " + key);
        }
        return value;
    }
}
