package org.goldentally.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

class WorkTest {

    private static final QuiltDesign DESIGN = QuiltDesign.first(MeasureSystem.INCH);

    private static TopTally tally() {
        return TopTally.of(QuiltTop.of(DESIGN), java.util.Map.of());
    }

    /** Set up when it is first used, with steps that the first question counts. */
    private static final class FirstUse {
        static final Object SET_UP = set();

        private static Object set() {
            Work.spend(1_000);
            return new Object();
        }
    }

    @Test
    void aClassIsSetUpEvenIfTheQuestionThatUsesItFirstEndsThere() {
        Work work = Work.of(10);
        assertThatThrownBy(() -> work.within(() -> {
                    assertThat(FirstUse.SET_UP).isNotNull();
                    Work.spend(1);
                    return null;
                }))
                .isInstanceOf(WorkEndedException.class);
        assertThat(FirstUse.SET_UP).isNotNull();
    }

    @Test
    void theSameQuestionTakesTheSameStepsAndIsAnsweredWithinThem() {
        tally();
        Work first = Work.of(Long.MAX_VALUE);
        first.within(WorkTest::tally);
        assertThat(first.done()).isGreaterThan(1_000);
        Work again = Work.of(first.done());
        again.within(WorkTest::tally);
        assertThat(again.done()).isEqualTo(first.done());
        assertThatThrownBy(() -> Work.of(first.done() - 1).within(WorkTest::tally))
                .isInstanceOfSatisfying(
                        WorkEndedException.class,
                        ended -> assertThat(ended.reason()).isEqualTo(WorkEndedException.Reason.TOO_MUCH));
    }

    @Test
    void aQuestionInsideAnotherCountsForTheOuterOne() {
        Work inner = Work.of(1);
        Work outer = Work.of(10);
        outer.within(() -> inner.within(() -> {
            Work.spend(7);
            return null;
        }));
        assertThat(outer.done()).isEqualTo(7);
        assertThat(inner.done()).isZero();
    }

    @Test
    void whatIsCalledOffEndsAtItsNextStepAndNothingIsCountedAfterwards() {
        tally();
        Work work = Work.of(10);
        work.callOff();
        assertThatThrownBy(() -> work.within(WorkTest::tally))
                .isInstanceOfSatisfying(
                        WorkEndedException.class,
                        ended -> assertThat(ended.reason()).isEqualTo(WorkEndedException.Reason.CALLED_OFF));
        Work.spend(1_000_000);
        assertThat(work.done()).isLessThanOrEqualTo(20);
    }
}
