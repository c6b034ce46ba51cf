package org.goldentally.core.making;

import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.SplitQuarter;

/**
 * Two triangles sewn on their long sides, of squares of one cut size: a half-square triangle unit, or half of an hourglass
 * before it is crossed.
 *
 * @param one the cloth that is first in the alphabet
 * @param size of the squares
 */
public record Half(String one, String other, CutSize size) {

    static Half of(String a, String b, CutSize size) {
        return a.compareTo(b) <= 0 ? new Half(a, b, size) : new Half(b, a, size);
    }

    /** Both of its triangles are of one cloth. */
    boolean isOfOneCloth() {
        return one.equals(other);
    }

    /** As sewn and opened. */
    public Length rawSize(SewingSettings settings) {
        return SplitQuarter.rawHalf(size.width(), settings);
    }

    /** Triangles of its first cloth; squares of this size give two each. */
    PieceParts ofOne() {
        return new PieceParts(one, size, "square", 2);
    }

    PieceParts ofOther() {
        return new PieceParts(other, size, "square", 2);
    }
}
