package org.goldentally.core.making;

import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/**
 * Strip sets that are cut into triangles of two kinds, turn by turn. Of an odd number of triangles one more is of the kind
 * that a set is begun with, so it is chosen for each set how it is begun, and the floors are taken over all sets at once.
 *
 * @param first the kind that is begun with
 * @param sets so many, two strips each
 * @param begunWithFirst of these, the ones begun with the first kind
 * @param triangles that one set gives, of both kinds together
 */
public record TriangleSets(Kind first, Kind second, long sets, long begunWithFirst, int triangles) {

    private static final int TRIANGLES_A_UNIT = 2;

    /**
     * Units of one kind.
     *
     * @param cloths of the patches of a unit
     * @param wanted so many, those for mishaps among them; of spare ones, so many more
     */
    public record Kind(List<String> cloths, long wanted) {}

    /** The fewest that give as many units of either kind as are wanted. */
    static TriangleSets least(int triangles, Kind first, Kind second) {
        long fewest = Math.ceilDiv(TRIANGLES_A_UNIT * (first.wanted + second.wanted), (long) triangles);
        return LongStream.iterate(fewest, sets -> sets + 1)
                .mapToObj(sets -> begun(sets, triangles, first.wanted, second.wanted).stream()
                        .mapToObj(begun -> new TriangleSets(first, second, sets, begun, triangles)))
                .flatMap(found -> found)
                .findFirst()
                .orElseThrow();
    }

    /** How many are begun with the first kind, by turns where that will do; empty where no number will. */
    private static OptionalLong begun(long sets, int triangles, long first, long second) {
        long byTurns = sets * (triangles / 2);
        long atLeast = Math.max(0, TRIANGLES_A_UNIT * first - byTurns);
        long atMost = sets - Math.max(0, TRIANGLES_A_UNIT * second - byTurns);
        boolean even = triangles % 2 == 0;
        boolean possible = even ? atLeast == 0 && atMost == sets : atLeast <= atMost;
        if (!possible) {
            return OptionalLong.empty();
        }
        long wanted = second == 0 ? sets : first == 0 ? 0 : Math.ceilDiv(sets, 2L);
        return OptionalLong.of(Math.clamp(wanted, atLeast, atMost));
    }

    /** Units that the sets give beyond those wanted, of each kind of which there are any. */
    List<Kind> spares() {
        return Stream.of(
                        new Kind(first.cloths, units(begunWithFirst) - first.wanted),
                        new Kind(second.cloths, units(sets - begunWithFirst) - second.wanted))
                .filter(kind -> kind.wanted > 0)
                .toList();
    }

    private long units(long begunWithIt) {
        return (sets * (triangles / 2) + (triangles % 2) * begunWithIt) / TRIANGLES_A_UNIT;
    }

    /** {@code 14 strip sets, 6 begun with one kind and 8 with the other}. */
    String inWords() {
        String word = sets == 1 ? "1 strip set" : sets + " strip sets";
        long other = sets - begunWithFirst;
        if (triangles % 2 == 0 || sets == 1) {
            return word;
        }
        return begunWithFirst == 0 || other == 0
                ? word + ", each begun with the kind you want"
                : word + ", " + begunWithFirst + " begun with one kind and " + other + " with the other";
    }

    /** {@code 24 and 24 units, 2 triangles each, 7 a set, one more of the kind it is begun with: 14 strip sets}. */
    String how() {
        String units = second.wanted == 0
                ? first.wanted + " units"
                : first.wanted + " units of one kind and " + second.wanted + " of the other";
        String oneMore = triangles % 2 == 0 ? " of both kinds" : ", one more of the kind it is begun with";
        return units + ", 2 triangles each; a set gives " + triangles + " triangles" + oneMore + ": " + inWords();
    }
}
