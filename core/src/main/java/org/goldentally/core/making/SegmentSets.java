package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.measure.Length;

/**
 * Segments of several lengths cut from strip sets of one kind: the longest first, each into the first set that has room
 * (first fit decreasing). Where all segments are of one length that is the fewest sets there can be; where they differ it
 * is never more than 11/9 of the fewest and a set (Dósa 2007: 11/9 and 6/9).
 */
final class SegmentSets {

    /** Equal segments. */
    record Segments(Length cutLength, long count) {}

    private SegmentSets() {}

    /** What is left of each set once all are cut: one entry for each set. */
    static List<Length> ends(List<Segments> wanted, Length setLength) {
        List<Length> ends = new ArrayList<>();
        List<Segments> longestFirst = wanted.stream()
                .sorted(Comparator.comparing(Segments::cutLength).reversed())
                .toList();
        for (Segments segments : longestFirst) {
            long open = segments.count;
            for (int set = 0; set < ends.size() && open > 0; set++) {
                long fit = Math.min(open, ends.get(set).wholeTimes(segments.cutLength));
                ends.set(set, ends.get(set).minus(segments.cutLength.times(fit)));
                open -= fit;
            }
            long perSet = Math.max(1, setLength.wholeTimes(segments.cutLength));
            while (open > 0) {
                long fit = Math.min(open, perSet);
                ends.add(setLength.minus(segments.cutLength.times(fit)));
                open -= fit;
            }
        }
        return ends;
    }
}
