package org.goldentally.core.chance;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Supplier;

/** Draws values for a test, the same ones for the same seed; the ends of a range, where faults sit, come more often. */
public final class Chance {

    private final long seed;
    private final SplittableRandom random;

    public Chance(long seed) {
        this.seed = seed;
        this.random = new SplittableRandom(seed);
    }

    /** Both ends may come. */
    public int between(int least, int most) {
        return switch (random.nextInt(12)) {
            case 0 -> least;
            case 1 -> most;
            default -> (int) random.nextLong(least, most + 1L);
        };
    }

    public long anyLong() {
        return switch (random.nextInt(12)) {
            case 0 -> Long.MIN_VALUE;
            case 1 -> Long.MAX_VALUE;
            case 2 -> random.nextInt(-3, 4);
            default -> random.nextLong();
        };
    }

    public boolean flag() {
        return random.nextBoolean();
    }

    @SafeVarargs
    public final <T> T of(T... values) {
        return values[random.nextInt(values.length)];
    }

    public <T> T of(List<T> values) {
        return values.get(random.nextInt(values.size()));
    }

    public <T> List<T> list(int least, int most, Supplier<T> draw) {
        List<T> list = new ArrayList<>();
        int size = between(least, most);
        for (int i = 0; i < size; i++) {
            list.add(draw.get());
        }
        return list;
    }

    /** To find a failure again. */
    @Override
    public String toString() {
        return "seed " + seed;
    }
}
