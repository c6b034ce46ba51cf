package org.goldentally.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.making.TriangleSets.Kind;
import org.junit.jupiter.api.Test;

/** Sets are cut up on paper, triangle by triangle, for every way in which so many can be begun. */
class TriangleSetsTest {

    private static final int MOST_UNITS = 9;

    @Test
    void areTheFewestThatGiveBothKinds() {
        for (int triangles = 2; triangles <= 9; triangles++) {
            for (int first = 0; first <= MOST_UNITS; first++) {
                for (int second = first == 0 ? 1 : 0; second <= MOST_UNITS; second++) {
                    TriangleSets sets = least(triangles, first, second);
                    assertThat(units(triangles, sets.sets(), sets.begunWithFirst()))
                            .as("%s", sets)
                            .containsExactly(first + spare(sets, "a"), second + spare(sets, "b"));
                    assertThat(anyGives(triangles, sets.sets() - 1, first, second))
                            .as("one set fewer than %s", sets)
                            .isFalse();
                }
            }
        }
    }

    private static TriangleSets least(int triangles, int first, int second) {
        return TriangleSets.least(
                triangles, new Kind(List.of("a", "a", "b"), first), new Kind(List.of("b", "b", "a"), second));
    }

    private static long spare(TriangleSets sets, String cloth) {
        return sets.spares().stream()
                .filter(kind -> kind.cloths().getFirst().equals(cloth))
                .mapToLong(Kind::wanted)
                .sum();
    }

    private static boolean anyGives(int triangles, long sets, int first, int second) {
        for (long begun = 0; begun <= sets; begun++) {
            long[] units = units(triangles, sets, begun);
            if (units[0] >= first && units[1] >= second) {
                return true;
            }
        }
        return false;
    }

    /** Units of both kinds, the triangles cut off one after the other. */
    private static long[] units(int triangles, long sets, long begunWithFirst) {
        long[] cut = new long[2];
        for (long set = 0; set < sets; set++) {
            int kind = set < begunWithFirst ? 0 : 1;
            for (int i = 0; i < triangles; i++) {
                cut[kind]++;
                kind = 1 - kind;
            }
        }
        return new long[] {cut[0] / 2, cut[1] / 2};
    }
}
