package org.goldentally.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Blocks of their own size in a frame; the frame's width is worked by hand: what is left of the place, halved. */
class FramedBlockTest {

    private static final Block STAR = TraditionalBlocks.byKey("sawtooth-star").orElseThrow();

    @ParameterizedTest
    @CsvSource({"12, 8, 2", "12, 9, 1 1/2", "9, 6, 1 1/2", "15, 7 1/2, 3 3/4", "10, 9 1/2, 1/4"})
    void theFrameMakesUpTheRestOfThePlace(String place, String own, String strip) {
        Block framed = framed(place, own);
        Figure figure = Figure.of(framed, read(place), read(place), any -> Optional.of(STAR), MeasureSystem.INCH);
        assertThat(figure.innerBlocks())
                .singleElement()
                .satisfies(inner -> assertThat(inner.finishedWidth()).isEqualTo(read(own)));
        List<FigureUnit> frame = figure.units().stream()
                .filter(unit -> unit.cloths().equals(List.of("f")))
                .toList();
        assertThat(frame)
                .hasSize(4)
                .allSatisfy(unit -> assertThat(Length.min(
                                unit.unit().finishedWidth(), unit.unit().finishedHeight()))
                        .isEqualTo(read(strip)));
        assertThat(frame.stream()
                        .map(unit -> Length.max(
                                unit.unit().finishedWidth(), unit.unit().finishedHeight())))
                .containsExactlyInAnyOrder(read(own), read(own), read(place), read(place));
    }

    @Test
    void whatLeavesNoRoomOrLiesOnNoGridIsRefusedWithAWayOut() {
        assertThatThrownBy(() -> framed("12", "12"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("12 in leaves no room for a frame in a place of 12 × 12 in");
        assertThatThrownBy(() -> framed("12", "7 1/4"))
                .isInstanceOf(RefusedException.class)
                .satisfies(thrown -> assertThat(((RefusedException) thrown).problems())
                        .singleElement()
                        .satisfies(problem -> assertThat(problem.fix()).isEqualTo("take 7 in or 7 1/2 in")));
        framed("12", "7 1/2");
        framed("12", "7");
    }

    /** In centimetres, oblong ones too: a goose block of 12 × 6 in a place of 16 × 10 cm has a frame 2 cm wide. */
    @Test
    void oblongBlocksAreFramedInCentimetresToo() {
        Block oblong = new Block("o", "O".repeat(80), List.of(1, 1), List.of(1), List.of());
        Block framed =
                FramedBlock.of("f", oblong, new FramedBlock.Sizes(MeasureSystem.CENTIMETRE, "16", "10", "12"), "");
        assertThat(framed.columns()).containsExactly(1, 6, 1);
        assertThat(framed.rows()).containsExactly(1, 3, 1);
        assertThat(framed.name()).hasSize(80);
        assertThatThrownBy(() -> FramedBlock.of(
                        "f", oblong, new FramedBlock.Sizes(MeasureSystem.CENTIMETRE, "16", "5", "12"), ""))
                .hasMessageContaining("no room");
        assertThatThrownBy(() -> FramedBlock.of(
                        "f", oblong, new FramedBlock.Sizes(MeasureSystem.CENTIMETRE, "0.501", "0.501", "0.2"), ""))
                .isInstanceOf(RefusedException.class)
                .satisfies(thrown -> assertThat(((RefusedException) thrown)
                                .problems()
                                .getFirst()
                                .fix())
                        .isEqualTo("take another size of block for the quilt"));
    }

    private static Block framed(String place, String own) {
        return FramedBlock.of("framed", STAR, new FramedBlock.Sizes(MeasureSystem.INCH, place, place, own), "f");
    }

    private static Length read(String text) {
        return org.goldentally.core.measure.LengthReader.readPositive("size", text, MeasureSystem.INCH)
                .orThrow();
    }
}
