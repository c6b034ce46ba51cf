package org.goldentally.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.PlanDesign.ExtraUnits;
import org.junit.jupiter.api.Test;

/** What is said of a group counts before what is said of its kind, and that before what is said of all. */
class PlanDesignTest {

    @Test
    void theMostSpecialCutSizeOfTheMethodCounts() {
        CutSizeChoice ofKind = new CutSizeChoice("kind", "two-at-a-time", "5", true);
        CutSizeChoice ofGroup = new CutSizeChoice("group", "two-at-a-time", "6", true);
        CutSizeChoice otherWay = new CutSizeChoice("group", "four-at-a-time", "7", true);
        PlanDesign plan = PlanDesign.USUAL.withCutSizes(List.of(ofKind, ofGroup, otherWay));
        assertThat(plan.cutSizeOf("two-at-a-time", "group", "kind")).contains(ofGroup);
        assertThat(plan.cutSizeOf("two-at-a-time", "other group", "kind")).contains(ofKind);
        assertThat(plan.cutSizeOf("four-at-a-time", "group", "kind")).contains(otherWay);
        assertThat(plan.cutSizeOf("four-at-a-time", "kind")).isEmpty();
        assertThat(plan.cutSizeOf("eight-at-a-time", "group", "kind")).isEmpty();
    }

    @Test
    void theMostSpecialExtraCounts() {
        ExtraUnits all = new ExtraUnits("", "4");
        ExtraUnits ofKind = new ExtraUnits("kind", "5 %");
        PlanDesign plan = PlanDesign.USUAL.withExtras(List.of(all, ofKind));
        assertThat(plan.extraOf("group", "kind", "")).contains(ofKind);
        assertThat(plan.extraOf("group", "other kind", "")).contains(all);
        assertThat(plan.extraOf("group")).isEmpty();
    }
}
