package org.goldentally.core.quilt;

import static org.assertj.core.api.Assertions.assertThat;

import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The codec of the parts of a top: the texts are sent to the pages, which find the parts again by them. */
class PartIdTest {

    @ParameterizedTest
    @CsvSource({
        "block-2-3, BlockAt",
        "triangle-top-1, SideTriangle",
        "triangle-left-12, SideTriangle",
        "triangle-corner-4, CornerTriangle",
        "sash-up-0-1, StandingSash",
        "sash-3, LyingSash",
        "sash-3-4, LyingSashAt",
        "sash-3-4-upper-left, SlantingSash",
        "stone-1-2, Cornerstone",
        "stone-17, CornerstoneOnPoint",
        "border-2-4, BorderSide",
        "border-2-corner-3, BorderCorner"
    })
    void aTextIsReadAndWrittenAgain(String text, String kind) {
        PartId id = PartId.read(text).orElseThrow();
        assertThat(id.getClass().getSimpleName()).isEqualTo(kind);
        assertThat(id.text()).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "block", "block--1-2", "block-1-2-3", "sash-1-2-upper", "border-1", "block-99999999-1"})
    void whatNamesNoPartIsNotRead(String text) {
        assertThat(PartId.read(text)).isEmpty();
    }

    @Test
    void everyPartOfATopIsToldApartAndReadAgain() {
        UnitDesign stone = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b");
        for (QuiltTop top : new QuiltTop[] {
            Tops.of(3, 4, "6", "pinwheel")
                    .sash("1", "b", true)
                    .border(Tops.pieced("2", Corners.UNITS, false, stone))
                    .top(),
            Tops.of(3, 4, "6", "pinwheel").sash("1", "", false).top(),
            Tops.of(3, 4, "6", "pinwheel")
                    .set(SettingDesign.Kind.ON_POINT)
                    .sash("1", "b", true)
                    .top(),
        }) {
            assertThat(top.parts()).extracting(TopPart::id).doesNotHaveDuplicates();
            assertThat(top.parts()).allSatisfy(part -> {
                assertThat(PartId.read(part.id().text())).contains(part.id());
                assertThat(part.id().ofBorder().orElse(0)).isEqualTo(part.border() + 1);
            });
        }
    }
}
