package org.goldentally.core.cutting.yardage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;

class BestStripsTest {

    private record Rated(CountedStrip strip, double height) {}

    /** Whatever comes in whichever order: all of them sorted, of equal ones only the best, and the first few of that. */
    @Tries(200)
    void theyAreTheFirstFewOfAllInOrder(Chance chance) {
        int most = chance.between(1, 5);
        BestStrips best = new BestStrips(most);
        List<Rated> all = new ArrayList<>();
        for (int n = chance.between(0, 25); n > 0; n--) {
            Rated each =
                    new Rated(CountedStrip.of(strip(chance.between(1, 3), chance.flag()), 4), chance.between(1, 12));
            best.add(each.strip, each.height);
            all.add(each);
        }
        all.sort(Comparator.comparingDouble(Rated::height));
        List<Strip> first = all.stream()
                .map(each -> each.strip.strip())
                .distinct()
                .limit(most)
                .toList();
        assertThat(best.inOrder().stream().map(CountedStrip::strip)).isEqualTo(first);
    }

    /** Two pieces above each other or side by side: as many of each size, and cut otherwise. */
    private static Strip strip(int size, boolean stacked) {
        Strip.Stacked piece = new Strip.Stacked(size, size, size);
        return stacked
                ? Strip.of(List.of(Strip.Segment.of(List.of(piece, piece))))
                : Strip.of(List.of(Strip.Segment.of(List.of(piece)), Strip.Segment.of(List.of(piece))));
    }
}
