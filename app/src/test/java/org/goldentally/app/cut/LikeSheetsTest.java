package org.goldentally.app.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.goldentally.app.cut.CutView.ClothSheet;
import org.goldentally.app.cut.CutView.HeapLabel;
import org.goldentally.app.cut.CutView.PieceSheet;
import org.goldentally.app.cut.CutView.SharedSheet;
import org.goldentally.app.cut.CutView.SheetStep;
import org.goldentally.app.cut.CutView.StackView;
import org.junit.jupiter.api.Test;

class LikeSheetsTest {

    /** What is ticked is done only once it is done on all of the stack. */
    @Test
    void aStepIsDoneOnceItIsDoneOnAllOfThem() {
        List<ClothSheet> cloths = List.of(cloth("red", true), cloth("oat", true), cloth("teal", false));
        SharedSheet all = new SharedSheet(
                List.of("red", "oat", "teal"),
                List.of(new StackView(List.of("red", "oat"), ""), new StackView(List.of("teal"), "")));
        LikeSheets sheet = LikeSheets.of(
                        new CutView("in", cloths, List.of(all), 2, 0, 0, "", List.of(), List.of(), null))
                .getFirst();
        assertThat(sheet.isOne()).isFalse();
        assertThat(sheet.isDone(0, 0)).isFalse();
        assertThat(LikeSheets.stacks(cloths, List.of(all)))
                .extracting(LikeSheets::done)
                .containsExactly(1, 0);
    }

    private static ClothSheet cloth(String name, boolean done) {
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
                List.of(new SheetStep(name, "squares cut 4 in", done, "", List.of())),
                done);
        return new ClothSheet(
                name,
                name,
                "#aabbcc",
                List.of(new HeapLabel("A", 4, "4", "half")),
                List.of(),
                List.of(piece),
                done ? 1 : 0,
                1);
    }
}
