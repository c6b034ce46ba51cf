package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.step.SetSteps;
import org.goldentally.core.step.Step;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** What is said to go wrong, held against the unit that it is said of. */
class MishapTest {

    private static List<Step> steps(Batch batch, TopTally tally) {
        return batch.set()
                .map(set -> SetSteps.of(
                                set,
                                tally.top().settings(),
                                tally.top().design().plan().habits())
                        .steps())
                .orElse(List.of());
    }

    private static List<Mishap> mishaps(Batch batch, TopTally tally) {
        return Mishap.of(batch, steps(batch, tally), tally.top().settings());
    }

    /** A seam that is said to be just good enough is: by the first unit, which reckons from raw and trimmed sizes. */
    @Test
    void theWidestSeamThatIsNamedStillTrims() {
        TopTally tally = TopTally.of(Tops.of(4, 3, "8", "pinwheel").top(), Map.of());
        Batch units = Batches.of(tally).stream()
                .filter(each -> each.kind() == Batch.Kind.UNITS)
                .findFirst()
                .orElseThrow();
        String cause = mishaps(units, tally).getFirst().cause();
        Length seam = LengthReader.read("seam", cause.replaceAll(".*up to ", ""), MeasureSystem.INCH)
                .orThrow();
        Recipe recipe = units.set().orElseThrow().recipe();
        assertThat(seam).isGreaterThanOrEqualTo(tally.top().settings().seamAllowance());
        assertThat(FirstUnit.of(
                                recipe.sizes().trimmedWidth(),
                                recipe,
                                tally.top().settings())
                        .seam()
                        .orElseThrow())
                .as("the seam of a unit that is only just as large as it is trimmed")
                .isGreaterThanOrEqualTo(seam.toDoubleInches());
    }

    /** Of a batch that nothing is trimmed of no size to trim is named, and only what has bias edges waves. */
    @Test
    void nothingIsSaidThatCannotHappen() {
        SomeQuilts.tallies()
                .forEach((name, tally) -> Batches.of(tally).forEach(batch -> {
                    List<Mishap> mishaps = mishaps(batch, tally);
                    assertThat(mishaps).as(name + " " + batch.title()).doesNotHaveDuplicates();
                    boolean waves =
                            mishaps.stream().anyMatch(each -> each.seen().equals("The edges wave"));
                    boolean bias = batch.set()
                            .map(set ->
                                    !set.recipe().sewing().edges().handling().isEmpty())
                            .orElse(false);
                    assertThat(waves).as(name + " " + batch.title()).isEqualTo(bias);
                    boolean trims = steps(batch, tally).stream().anyMatch(step -> step.kind() == Step.Kind.TRIM);
                    boolean points =
                            mishaps.stream().anyMatch(each -> each.mend().contains("ruler's line"));
                    assertThat(points).as(name + " " + batch.title()).isEqualTo(trims);
                }));
    }
}
