package org.goldentally.app.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.HeapLabel;
import org.goldentally.app.cut.CutView.PieceSheet;
import org.goldentally.app.cut.CutView.SheetStep;
import org.junit.jupiter.api.Test;

class LikeSheetsTest {

    @Test
    void clothsThatAreCutAlikeShareASheetWhereTheFirstOfThemStands() {
        List<LikeSheets> sheets =
                LikeSheets.of(List.of(cloth("red", "4", false), cloth("oat", "5", false), cloth("teal", "4", false)));
        assertThat(sheets)
                .extracting(
                        alike -> alike.cloths().stream().map(ClothSheet::name).toList())
                .containsExactly(List.of("red", "teal"), List.of("oat"));
        assertThat(sheets).extracting(LikeSheets::isOne).containsExactly(false, true);
    }

    /** What is ticked keeps none apart, and is done only once it is done on all of them. */
    @Test
    void aStepIsDoneOnceItIsDoneOnAllOfThem() {
        LikeSheets some = LikeSheets.of(List.of(cloth("red", "4", true), cloth("teal", "4", false)))
                .getFirst();
        assertThat(some.cloths()).hasSize(2);
        assertThat(some.isDone(0, 0)).isFalse();
        assertThat(LikeSheets.of(List.of(cloth("red", "4", true), cloth("teal", "4", true)))
                        .getFirst()
                        .isDone(0, 0))
                .isTrue();
    }

    private static ClothSheet cloth(String name, String size, boolean done) {
        PieceSheet piece = new PieceSheet(
                "1 square, 10 in",
                1,
                false,
                false,
                10,
                10,
                "10 in",
                "10 in",
                List.of(),
                List.of(),
                List.of(new SheetStep(name, "squares cut " + size + " in", done, "")));
        return new ClothSheet(
                name, name, "#aabbcc", List.of(new HeapLabel("A", 4, size, "half")), List.of(piece), done ? 1 : 0, 1);
    }
}
