package org.goldentally.core.finishing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.SizeAdvice;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FinishingTest {

    /**
     * Way round and 10 in more, in 2 1/2 in strips of 40 in joined on the diagonal: each but the first adds 37 1/2 in
     * (common practice, no source; worked by hand).
     */
    @ParameterizedTest(name = "{0} × {1} blocks of 12: {2} in, {3} strips")
    @CsvSource({"5, 6, 274, 8", "3, 4, 178, 5", "1, 1, 58, 2"})
    void bindingStrips(int across, int down, int length, int strips) {
        Finishing finishing =
                Finishing.of(Tops.of(across, down, "12", "ohio-star").top());
        assertThat(finishing.binding().orElseThrow().length()).isEqualTo(Length.inches(length));
        assertThat(finishing.binding().orElseThrow().strips()).isEqualTo(strips);
    }

    /** Panels of 40 in joined with 1/2 in seams: two give 79 in, three 118 in (worked by hand). */
    @ParameterizedTest(name = "{0} × {1} blocks of 12: {2} panels, upright {3}, {4} in of fabric")
    @CsvSource({
        // 32 × 44 in behind: one panel upright takes 44.
        "2, 3, 1, true, 44",
        // 68 × 80: two upright take 160; lying three would take 204.
        "5, 6, 2, true, 160",
        // 80 × 68: two lying take 160.
        "6, 5, 2, false, 160",
        // 68 × 68: either way the same, upright is chosen.
        "5, 5, 2, true, 136",
        // 80 × 116: three upright take 348, three lying 240.
        "6, 9, 3, false, 240"
    })
    void backingTakesTheWayThatUsesLess(int across, int down, int panels, boolean upright, int cloth) {
        Finishing.Backing backing = Finishing.of(
                        Tops.of(across, down, "12", "ohio-star").top())
                .backing()
                .orElseThrow();
        assertThat(backing.panels()).isEqualTo(panels);
        assertThat(backing.upright()).isEqualTo(upright);
        assertThat(backing.cloth()).isEqualTo(Length.inches(cloth));
    }

    @Test
    void moreThanThreePanelsAreRefusedWithAWayOut() {
        Finishing finishing = Finishing.of(Tops.of(10, 10, "12", "ohio-star").top());
        assertThat(finishing.backing()).isEmpty();
        assertThat(finishing.problems())
                .extracting(problem -> problem.why() + " – " + problem.fix())
                .containsExactly("three panels of 40 in do not cover 128 × 128 in – take wider fabric, or piece the"
                        + " backing from more");
    }

    @Test
    void layoutsNearAWantedSizeComeWithABorderThatMakesUpTheRest() {
        List<SizeAdvice> advice =
                SizeAdvice.near(Tops.of(1, 1, "12", "ohio-star").design(), "60", "72");
        assertThat(advice.getFirst()).satisfies(nearest -> {
            assertThat(nearest.across() + " × " + nearest.down()).isEqualTo("5 × 6");
            assertThat(nearest.border().isZero()).isTrue();
        });
        assertThat(advice).anySatisfy(each -> {
            assertThat(each.across() + " × " + each.down()).isEqualTo("4 × 5");
            assertThat(each.border()).isEqualTo(Length.inches(6));
            assertThat(each.off().isZero()).isTrue();
        });
        for (SizeAdvice each : advice) {
            Tops tops = Tops.of(each.across(), each.down(), "12", "ohio-star");
            if (each.border().isPositive()) {
                tops.border(BorderDesign.plain(LengthWriter.INCHES.write(each.border()), "a", Corners.BUTTED));
            }
            assertThat(tops.top().finishedWidth()).isEqualTo(each.width());
            assertThat(tops.top().finishedHeight()).isEqualTo(each.height());
        }
    }

    /**
     * A top of 36 × 36 in wants a backing of 44 × 44: fabric 108 in wide covers it in one panel, of the usual 42 in it takes
     * two (worked by hand). Binding strips are as long as their fabric is wide.
     */
    @Test
    void theFabricsOnTheShelfSayHowWideTheyAre() {
        var top = Tops.of(3, 3, "12", "ohio-star").top();
        FabricWidths wide = new FabricWidths(Optional.of(Length.inches(54)), Optional.of(Length.inches(108)));
        Finishing usual = Finishing.of(top, top.design().finishing().panels());
        Finishing finishing = Finishing.of(top, top.design().finishing().panels(), wide);
        assertThat(usual.backing().orElseThrow().panels()).isEqualTo(2);
        assertThat(finishing.backing().orElseThrow().panels()).isEqualTo(1);
        // 144 in round and 10 for corners and join: 4 strips of 40 in lose 3 joins of 2 1/2, 3 strips of 54 in two.
        assertThat(usual.binding().orElseThrow().strips()).isEqualTo(5);
        assertThat(finishing.binding().orElseThrow().strips()).isEqualTo(3);
        assertThat(finishing.binding().orElseThrow().widthOfFabric()).isEqualTo(Length.inches(54));
    }
}
