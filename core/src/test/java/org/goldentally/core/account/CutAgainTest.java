package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.goldentally.core.account.CuttingSteps.CuttingStep;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.LooseParts;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** Every piece that is cut again before it is sewn carries that step wherever it is listed. */
class CutAgainTest {

    private static List<CuttingStep> steps(TopTally tally) {
        return tally.ledgers().stream()
                .flatMap(ledger -> ledger.piecesCut().stream())
                .flatMap(piece -> CuttingSteps.of(piece, MeasureSystem.INCH).stream())
                .toList();
    }

    private static long pieces(TopTally tally, String use) {
        return tally.making().cuts().stream()
                .filter(cut -> cut.useLabel().contains(use))
                .mapToLong(ClothCut::count)
                .sum();
    }

    /**
     * Two by three blocks on point have a triangle at each end of each diagonal row but for the four corners (laid out on
     * paper): 2 · (1 + 2) = 6 at the sides, 4 at the corners: two squares cut twice and two cut once.
     */
    @Test
    void settingTrianglesAreCutFromTheirSquares() {
        TopTally tally =
                TopTally.of(Tops.of(2, 3, "9", "nine-patch").set(Kind.ON_POINT).top(), Map.of());
        assertThat(pieces(tally, "side setting triangle")).isEqualTo(2);
        assertThat(pieces(tally, "corner setting triangle")).isEqualTo(2);
        assertThat(steps(tally))
                .filteredOn(step -> step.text().contains("side setting triangle"))
                .isNotEmpty()
                .allMatch(step -> step.says().contains("cut each twice corner to corner."));
        assertThat(steps(tally))
                .filteredOn(step -> step.text().contains("corner setting triangle"))
                .isNotEmpty()
                .allMatch(step -> step.says().contains("cut each once corner to corner."));
        assertThat(steps(tally))
                .filteredOn(step -> !step.text().contains("setting triangle"))
                .allMatch(step -> step.then().isEmpty());
    }

    /** Loose triangles too; squares that are sewn together first are not cut before. */
    @Test
    void looseTrianglesAreCutAndPairsAreNot() {
        TopTally loose = TopTally.of(
                Tops.of(2, 2, "8", "pinwheel")
                        .choose("half-square", "loose-triangles")
                        .top(),
                Map.of());
        assertThat(loose.making().parts()).extracting(LooseParts::perPiece).containsOnly(2);
        assertThat(steps(loose))
                .filteredOn(step -> step.pieces() > 0)
                .isNotEmpty()
                .allMatch(step -> step.then().equals("Then cut each once corner to corner."));
        TopTally pairs = TopTally.of(
                Tops.of(2, 2, "8", "pinwheel")
                        .choose("half-square", "two-at-a-time")
                        .top(),
                Map.of());
        assertThat(Stream.of(pairs).flatMap(each -> steps(each).stream()))
                .allMatch(step -> step.then().isEmpty());
    }
}
