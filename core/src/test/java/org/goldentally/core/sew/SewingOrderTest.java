package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Kind;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;

/** Walked as it is sewn: nothing is taken up before it is made, and what makes one thing is done together. */
class SewingOrderTest {

    @Test
    void halvesAreThereBeforeTheyAreCrossed() {
        int crossed = 0;
        for (var tally : SomeQuilts.tallies().values()) {
            Map<Half, Long> lastSewn = new HashMap<>();
            List<Batch> batches = Batches.of(tally);
            for (int i = 0; i < batches.size(); i++) {
                if (batches.get(i).set().orElse(null) instanceof MadeSet.Halves halves) {
                    lastSewn.put(halves.half(), (long) i);
                }
            }
            for (int i = 0; i < batches.size(); i++) {
                if (batches.get(i).set().orElse(null) instanceof MadeSet.Crossed crossing) {
                    crossed++;
                    for (Half half : crossing.halves()) {
                        assertThat(lastSewn).as("%s", half).containsKey(half);
                        assertThat(lastSewn.get(half)).isLessThan((long) i);
                    }
                }
            }
        }
        assertThat(crossed).isPositive();
    }

    /** Hourglasses of three fabrics and of four in one border take the same halves. */
    @Test
    void halvesOfSeveralUnitsComeBeforeAllOfThem() {
        UnitDesign three = UnitDesign.of(UnitKind.HOURGLASS, 0, "a", "b", "a", "c");
        UnitDesign four = UnitDesign.of(UnitKind.HOURGLASS, 0, "a", "b", "d", "c");
        BorderDesign border =
                new BorderDesign(Kind.PIECED, "3", "", List.of(three, four), "", false, Corners.UNITS, List.of(three));
        TopTally tally =
                TopTally.of(Tops.of(3, 3, "9", "friendship-star").border(border).top(), Map.of());
        List<Batch> batches = Batches.of(tally);
        assertThat(batches.getFirst().unit()).isEmpty();
        assertThat(batches.getFirst().line().makes()).isEqualTo("halves for several units");
    }

    @Test
    void whatMakesOneThingStandsTogetherInTheList() {
        SomeQuilts.tallies().forEach((name, tally) -> {
            List<String> headings = new ArrayList<>();
            for (Batch batch : Batches.of(tally)) {
                if (headings.isEmpty()
                        || !headings.getLast().equals(batch.line().makes())) {
                    headings.add(batch.line().makes());
                }
            }
            Set<String> once = new HashSet<>(headings);
            assertThat(once).as(name).hasSameSizeAs(headings);
        });
    }
}
