package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.assertj.core.data.Offset;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** Hours are of the whole top, not of its units alone (our own figures; the seams are counted by hand). */
class PiecingTimeTest {

    /**
     * A pinwheel of 8 in has three joins and 16 in of seams: 3 × 0.4 + 16/30 min. Twelve of them, 4 × 3, have 11 joins between
     * them and 3 × 24 + 2 × 32 = 136 in of seams.
     */
    @Test
    void joinsOfBlocksAndRowsAreCounted() {
        TopTally tally = TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), Map.of());
        double byHand = 12 * (3 * 0.4 + 16 / 30.0) + 11 * 1.5 + 136 / 30.0;
        assertThat(PiecingTime.toJoin(tally.top())).isCloseTo(byHand, Offset.offset(1e-9));
        assertThat(PiecingTime.minutes(tally)).isCloseTo(PlanCosts.of(tally).minutes() + byHand, Offset.offset(1e-9));
    }

    /** A block by itself is joined to nothing. */
    @Test
    void aSingleBlockHasOnlyItsOwnSeams() {
        assertThat(PiecingTime.toJoin(Tops.of(1, 1, "8", "pinwheel").top()))
                .isCloseTo(3 * 0.4 + 16 / 30.0, Offset.offset(1e-9));
    }
}
