package org.goldentally.core.ideas;

import java.math.BigInteger;
import java.util.List;
import java.util.stream.IntStream;

/** What follows each other in a pack or on the shelf of blocks is often alike, so it is taken in strides. */
final class Strides {

    private Strides() {}

    /** All of them once, each three eighths of the list or a little more from the one before. */
    static <T> List<T> over(List<T> all) {
        int size = all.size();
        int stride = 1 + size * 3 / 8;
        while (size > 1
                && !BigInteger.valueOf(stride).gcd(BigInteger.valueOf(size)).equals(BigInteger.ONE)) {
            stride++;
        }
        int step = stride;
        return IntStream.range(0, size)
                .mapToObj(i -> all.get((int) ((long) i * step % size)))
                .toList();
    }
}
