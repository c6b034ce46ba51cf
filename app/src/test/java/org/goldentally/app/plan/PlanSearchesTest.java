package org.goldentally.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

class PlanSearchesTest {

    private static final int LONG_ENOUGH_MS = 60_000;

    private final QuiltTally tally = mock(QuiltTally.class);
    private final PlanSearches searches = new PlanSearches(tally);

    @AfterEach
    void end() {
        searches.stopAll();
    }

    private static CuttingRequest request(long squares) {
        ClothCut cut =
                new ClothCut("a", CutSize.square(Length.inches(4)), "square", squares, Use.Finish.BACKING, "use");
        return new CuttingRequest(
                "a",
                List.of(cut),
                List.of(),
                Length.inches(40),
                MeasureSystem.INCH,
                new CuttingChoice("a", CuttingStyle.THRIFTY, 1),
                Length.inches(0, 1, 2));
    }

    /** Twenty squares of 4 in fill two strips: nothing can be shorter, so the search ends with its first plan. */
    @Test
    void aSearchWhoseFirstPlanIsProvenEndsAndIsRemembered() {
        PlanSearches.PlanSearch search = searches.start(request(20));
        ArgumentCaptor<ClothLedger> ledger = ArgumentCaptor.forClass(ClothLedger.class);
        verify(tally, timeout(LONG_ENOUGH_MS).atLeastOnce()).remember(any(), ledger.capture());
        assertThat(ledger.getValue().toBuy().orElseThrow().purchase().exact()).isEqualTo(Length.inches(8, 1, 2));
        assertThat(search.effort()).isEqualTo(1);
    }

    @Test
    void aFailureWhileAPlanIsRememberedEndsTheSearchAndNoOther() throws InterruptedException {
        CountDownLatch failed = new CountDownLatch(1);
        doAnswer(call -> {
                    failed.countDown();
                    throw new IllegalStateException("the memory is gone");
                })
                .doNothing()
                .when(tally)
                .remember(any(), any());
        PlanSearches.PlanSearch first = searches.start(request(20));
        assertThat(failed.await(LONG_ENOUGH_MS, java.util.concurrent.TimeUnit.MILLISECONDS))
                .isTrue();
        searches.start(request(30));
        verify(tally, timeout(LONG_ENOUGH_MS).times(2)).remember(any(), any());
        assertThat(first.done()).isTrue();
        assertThat(first.best()).isEmpty();
        assertThatThrownBy(() -> searches.get(first.id())).hasMessage("the memory is gone");
    }

    @Test
    void aSearchIsFoundByItsNameAndAnUnknownOneIsNotHere() {
        PlanSearches.PlanSearch search = searches.start(request(20));
        assertThat(searches.get(search.id())).isSameAs(search);
        assertThat(searches.stop(search.id())).isSameAs(search);
        assertThatThrownBy(() -> searches.get(UUID.randomUUID())).isInstanceOf(NotFoundException.class);
    }
}
