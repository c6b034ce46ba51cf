package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class DesignDocumentsTest {

    /** As it was written by the first version. */
    private static final String FIRST = """
            {"format":1,"system":"INCH","seam":"1/4","grid":"QUARTER_INCH","allowance":"ROOMY","blocksAcross":6,
             "blocksDown":8,"blockSize":{"of":"UNIT","as":"UNFINISHED","typed":"4 1/2"},"unitTurns":[1,2,0,3],
             "cloths":{"print":"00000000-0000-0000-0000-00000000000a","background":null},"method":"two-at-a-time"}""";

    private final DesignDocuments documents = new DesignDocuments(new JsonMapper());

    @Test
    void aDocumentComesBackAsItWasWritten() {
        QuiltDesign design = QuiltDesign.first(MeasureSystem.CENTIMETRE);
        assertThat(documents.read(documents.write(design))).isEqualTo(design);
    }

    @Test
    void oneOfTheFirstFormatIsBroughtUpToDateWithNothingLost() {
        QuiltDesign design = documents.read(FIRST);
        assertThat(design.format()).isEqualTo(QuiltDesign.CURRENT_FORMAT);
        assertThat(design.grid().label()).isEqualTo("1/4 in");
        assertThat(design.allowance().name()).isEqualTo("ROOMY");
        assertThat(design.blockSize().typed()).isEqualTo("4 1/2");
        assertThat(design.cloths().getFirst().shelfCloth()).isEqualTo("00000000-0000-0000-0000-00000000000a");
        assertThat(design.cloths().getLast().shelfCloth()).isEmpty();
        assertThat(design.methods().getFirst().method()).isEqualTo("two-at-a-time");
        QuiltTop top = QuiltTop.of(design);
        assertThat(top.finishedWidth()).isEqualTo(Length.inches(48));
        assertThat(top.finishedHeight()).isEqualTo(Length.inches(64));
        assertThat(TopCount.of(top).units()).singleElement().satisfies(group -> {
            assertThat(group.count()).isEqualTo(192);
            assertThat(group.cloths()).containsExactly("a", "b");
        });
        assertThat(design.block("block").orElseThrow().parts())
                .extracting(part -> part.unit().quarterTurns())
                .containsExactly(1, 2, 0, 3);
    }

    @Test
    void oneOfAnUnknownFormatIsRefused() {
        assertThatThrownBy(() -> documents.read("{\"format\":99}"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("format 99 are not known here");
    }
}
