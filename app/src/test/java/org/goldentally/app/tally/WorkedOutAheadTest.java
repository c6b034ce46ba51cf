package org.goldentally.app.tally;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.Map;
import java.util.UUID;
import org.goldentally.app.quilts.DesignComing;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.work.Work;
import org.goldentally.core.work.WorkEndedException;
import org.junit.jupiter.api.Test;

/** What is worked out while a design is being kept is there afterwards, or not at all. */
class WorkedOutAheadTest {

    private final ClothsOfDesign shelf = mock(ClothsOfDesign.class);
    private final QuiltTally tallies = new QuiltTally(shelf);
    private final WorkedOutAhead ahead = new WorkedOutAhead(tallies, Runnable::run);
    private final DesignComing coming = new DesignComing(UUID.randomUUID(), QuiltDesign.first(MeasureSystem.INCH));

    @Test
    void theTopIsLaidOutBeforeItIsAskedFor() {
        when(shelf.piecesFor(any(), any())).thenReturn(Map.of());
        ahead.coming(coming);
        QuiltTop top = Work.of(0).within(() -> tallies.top(coming.design()));
        assertThat(top.design()).isEqualTo(coming.design());
    }

    @Test
    void withoutItLayingOutTakesWork() {
        assertThatThrownBy(() -> Work.of(0).within(() -> tallies.top(coming.design())))
                .isInstanceOf(WorkEndedException.class);
    }

    @Test
    void whatFailsIsLeftToWhoeverAsks() {
        when(shelf.piecesFor(any(), any())).thenThrow(new IllegalStateException("no database"));
        assertThatCode(() -> ahead.coming(coming)).doesNotThrowAnyException();
        assertThatThrownBy(() -> tallies.of(coming.quilt(), coming.design())).hasMessage("no database");
    }
}
