package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.ideas.OurQuilts;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

class PickingListTest {

    /** Every block of our scrappy quilt is in one pick, and at its place all fabrics of the pick are seen, and no others. */
    @Test
    void everyBlockIsPickedOnceInTheFabricsThatItShows() {
        QuiltTop top =
                QuiltTop.of(OurQuilts.byKey("harvest-scraps").orElseThrow().design());
        PickingList list = PickingList.of(top);
        assertThat(list.isNeeded()).isTrue();
        List<List<Integer>> picked = new ArrayList<>();
        for (PickingList.Pick pick : list.picks()) {
            pick.places()
                    .forEach((row, blocks) -> blocks.forEach(block -> {
                        picked.add(List.of(row, block));
                        TopPart part = top.parts().stream()
                                .filter(each -> each.isBlock() && each.row() == row - 1 && each.column() == block - 1)
                                .findFirst()
                                .orElseThrow();
                        assertThat(part.figure().patches().stream()
                                        .map(FigurePatch::cloth)
                                        .map(cloth -> top.design()
                                                .cloth(cloth)
                                                .orElseThrow()
                                                .name())
                                        .distinct())
                                .containsExactlyInAnyOrderElementsOf(pick.fabrics());
                    }));
        }
        assertThat(picked).doesNotHaveDuplicates().hasSize((int)
                top.parts().stream().filter(TopPart::isBlock).count());
        assertThat(list.picks().stream().mapToInt(PickingList.Pick::count).sum())
                .isEqualTo(picked.size());
    }

    @Test
    void placesAreSaidRowByRow() {
        PickingList list = PickingList.of(
                Tops.of(3, 2, "8", "pinwheel").place(1, 1, "", 0, true).top());
        assertThat(list.picks()).hasSize(2);
        assertThat(list.picks().getFirst().where()).isEqualTo("row 1: 1, 2, 3; row 2: 1, 3");
        assertThat(list.picks().getLast().where()).isEqualTo("row 2: 2");
        assertThat(list.picks().getLast().mirrored()).isTrue();
        assertThat(list.picks().getFirst().fabrics()).containsExactly("oat", "ink");
    }

    @Test
    void blocksThatAreAllAlikeNeedNoList() {
        assertThat(PickingList.of(Tops.of(3, 2, "8", "pinwheel").top()).isNeeded())
                .isFalse();
    }
}
