package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.step.SetSteps;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is said of the rest of a batch, held against its count and the seams of its method (counting). */
class RestOfBatchTest {

    /** Pinwheels of 8 in, two fabrics, made by this method: 4 units a block. */
    private static TopTally pinwheels(int across, int down, String method) {
        QuiltTop top = Tops.of(across, down, "8", "pinwheel").top();
        QuiltDesign design = top.design();
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        TopTally.of(top, Map.of())
                .choices()
                .forEach(choice ->
                        methods.add(new MethodChoice(choice.chosen().key().choice(), method, true)));
        return TopTally.of(QuiltTop.of(design.withMethods(methods)), Map.of());
    }

    private static List<String> rest(TopTally tally, Batch.Kind kind) {
        Batch batch = Batches.of(tally).stream()
                .filter(each -> each.kind() == kind)
                .findFirst()
                .orElseThrow();
        List<Step> steps = steps(batch, tally);
        return RestOfBatch.of(batch, steps, tally.top().design().plan().habits());
    }

    private static List<Step> steps(Batch batch, TopTally tally) {
        return batch.set()
                .map(set -> SetSteps.of(
                                set,
                                tally.top().settings(),
                                tally.top().design().plan().habits())
                        .steps())
                .orElse(List.of());
    }

    /** 48 units are 24 pairs two at a time, each with two seams; 6 pairs eight at a time, each with four. */
    @ParameterizedTest
    @CsvSource({
        "two-at-a-time, 23 pairs, started 2 times and not 46, turn them round",
        "eight-at-a-time, 5 pairs, started 4 times and not 20, until each has its 4 seams"
    })
    void pairsAreChainedSideBySide(String method, String others, String starts, String turned) {
        String said = String.join(" ", rest(pinwheels(4, 3, method), Batch.Kind.UNITS))
                .replace(",", "");
        assertThat(said).contains("the other " + others, starts, turned);
    }

    /** 48 units are 12 pairs four at a time. */
    @Test
    void whatIsSewnAllRoundIsNotChained() {
        assertThat(String.join(" ", rest(pinwheels(4, 3, "four-at-a-time"), Batch.Kind.UNITS)))
                .contains("Sew round the other 11 pairs", "cannot be chained")
                .doesNotContain("turn them");
    }

    /** Two pinwheels are 8 units, one pair eight at a time. */
    @Test
    void whereOneIsAllThereIsNoRest() {
        assertThat(rest(pinwheels(2, 1, "eight-at-a-time"), Batch.Kind.UNITS)).isEmpty();
        assertThat(rest(pinwheels(2, 1, "two-at-a-time"), Batch.Kind.UNITS).getFirst())
                .contains("the other 3 pairs");
    }

    @Test
    void blocksFollowTheFirst() {
        assertThat(rest(pinwheels(4, 3, "two-at-a-time"), Batch.Kind.BLOCKS))
                .element(1)
                .isEqualTo("Lay out the other 11 blocks, each like the pattern.");
    }

    /** Only what is trimmed by its steps is trimmed with the rest: halves that are crossed first are not. */
    @Test
    void nothingIsTrimmedThatItsStepsDoNotTrim() {
        SomeQuilts.tallies()
                .forEach((name, tally) -> Batches.of(tally).forEach(batch -> {
                    List<Step> steps = steps(batch, tally);
                    boolean trims = steps.stream().anyMatch(step -> step.kind() == Step.Kind.TRIM);
                    String said = String.join(
                            " ",
                            RestOfBatch.of(
                                    batch, steps, tally.top().design().plan().habits()));
                    assertThat(said.contains("trim all") && !trims)
                            .as(name + " " + batch.title())
                            .isFalse();
                }));
    }

    /** Four geese at a time are sewn twice: squares on the large one, cut, and a square on each half; no short cut past that. */
    @Test
    void whatIsSewnInTwoStagesGoesThroughThemTogether() {
        TopTally tally = TopTally.of(Tops.of(4, 3, "8", "sawtooth-star").top(), Map.of());
        Batch geese = Batches.of(tally).stream()
                .filter(each -> each.run().contains("four at a time"))
                .findFirst()
                .orElseThrow();
        assertThat(String.join(
                        " ",
                        RestOfBatch.of(
                                geese,
                                steps(geese, tally),
                                tally.top().design().plan().habits())))
                .contains("each step with all of them")
                .doesNotContain("Cut all of them apart");
    }
}
