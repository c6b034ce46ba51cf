package org.goldentally.core.cutting.yardage;

import java.util.List;

/**
 * A length of cloth with long pieces side by side, cut along it, and what is beside them: a piece of its own width, cut into
 * strips across. Four sides of a border 4 1/2 in wide leave 22 in of a cloth of 40 in beside them.
 *
 * @param longs from the left edge on, the longest first
 * @param strips of what is beside them, from its upper edge on
 */
public record Section(List<Strip.Stacked> longs, List<Strip> strips) {

    public Section {
        longs = List.copyOf(longs);
        strips = List.copyOf(strips);
    }

    /** Marks of cloth that it takes. */
    public int height() {
        return longs.stream().mapToInt(Strip.Stacked::height).max().orElse(0);
    }

    /** How much of the width the long pieces take. */
    public int width() {
        return longs.stream().mapToInt(Strip.Stacked::width).sum();
    }

    /** Everything that is cut of it, of each item of the demand. */
    int[] counts(int items) {
        int[] counts = new int[items];
        longs.forEach(piece -> counts[piece.item()]++);
        for (Strip strip : strips) {
            int[] ofStrip = strip.counts(items);
            for (int i = 0; i < items; i++) {
                counts[i] += ofStrip[i];
            }
        }
        return counts;
    }
}
