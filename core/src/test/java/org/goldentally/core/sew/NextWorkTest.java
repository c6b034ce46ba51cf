package org.goldentally.core.sew;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.sew.LogEntry.Kind;
import org.goldentally.core.sew.NextWork.Cutting;
import org.goldentally.core.sew.NextWork.Station;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** A runner of six pinwheels of oat and ink, from nothing to the last seam. */
class NextWorkTest {

    private static final TopTally TALLY = TopTally.of(
            Tops.of(3, 2, "8", "pinwheel")
                    .choose("half-square", "four-at-a-time")
                    .top(),
            Map.of());
    private static final List<Cutting> CUT = List.of(new Cutting("oat", 2, 2), new Cutting("ink", 1, 1));

    @Test
    void whoHasNotBegunBuysThenCuts() {
        List<Cutting> uncut = List.of(new Cutting("oat", 0, 2), new Cutting("ink", 0, 1));
        assertThat(next(List.of(), uncut, "1/4 yd oat", "1/8 yd ink"))
                .isEqualTo(new NextWork(Station.TALLY, "Buy 1/4 yd oat and 1/8 yd ink, then cut"));
        assertThat(next(List.of(), uncut, "1/4 yd a", "1/8 yd b", "1 yd c", "1 yd d")
                        .says())
                .isEqualTo("Buy 1/4 yd a, 1/8 yd b and 2 more, then cut");
        assertThat(next(List.of(), uncut)).isEqualTo(new NextWork(Station.CUT, "Cut oat next: 2 steps"));
    }

    /** Who has just begun a quilt has no fabric in it: nothing is to be sewn of that, nor bought first. */
    @Test
    void fabricsAreChosenBeforeAnythingElse() {
        QuiltDesign dressed = TALLY.top().design();
        TopTally empty = TopTally.of(
                QuiltTop.of(
                        dressed.withBlocks(List.of(dressed.blocks().getFirst().undressed()))),
                Map.of());
        assertThat(NextWork.of(empty, BenchState.of(List.of()), List.of(), List.of("1/4 yd backing")))
                .isEqualTo(new NextWork(Station.TOP, "Choose the fabrics that are still open"));
    }

    /** The fabric that lies under the ruler comes first, and what is still short does not stop who has begun. */
    @Test
    void whatIsBegunIsCutToItsEnd() {
        List<Cutting> begun = List.of(new Cutting("oat", 0, 2), new Cutting("ink", 2, 3));
        assertThat(next(List.of(), begun, "1/8 yd ink")).isEqualTo(new NextWork(Station.CUT, "Cut ink: 1 step left"));
    }

    /** 24 units come of six pairs four at a time; then blocks, rows and the rest. */
    @Test
    void whoHasCutSewsInOrderUntilEverythingIsSewn() {
        List<LogEntry> log = new ArrayList<>();
        assertThat(next(log, CUT))
                .isEqualTo(
                        new NextWork(Station.SEW, "Sew 6 pairs of oat and ink: half-square triangle, 4 in finished"));
        Batch pairs = Batches.of(TALLY).getFirst();
        log.add(made(pairs, 4));
        assertThat(next(log, CUT).says())
                .isEqualTo("Sew 5 more pairs of oat and ink: half-square triangle, 4 in finished");
        Batch blocks = Batches.of(TALLY).stream()
                .filter(batch -> batch.kind() == Batch.Kind.BLOCKS)
                .findFirst()
                .orElseThrow();
        log.add(made(blocks, 1));
        assertThat(next(log, List.of(new Cutting("oat", 1, 2))).says())
                .as("what was sewn last goes on, also before all is cut")
                .isEqualTo("Sew 5 more blocks: Pinwheel");
        List<String> said = new ArrayList<>();
        for (Batch batch : Batches.of(TALLY)) {
            said.add(next(log, CUT).says());
            while (batch.setsLeft(BenchState.of(log).of(batch.key())) > 0) {
                log.add(made(batch, batch.perSet()));
            }
        }
        assertThat(said)
                .containsExactly(
                        "Sew 5 more blocks: Pinwheel", "Sew 5 more blocks: Pinwheel", "Sew 2 rows", "Bind the quilt");
        assertThat(next(log, CUT)).isEqualTo(new NextWork(Station.SEW, "Everything is sewn"));
        assertThat(next(log, List.of(new Cutting("oat", 1, 2))).station()).isEqualTo(Station.CUT);
    }

    /** An Ohio Star has no seam down its middle, so it cannot be halved: that is put right first. */
    @Test
    void aFaultOfTheDesignComesFirst() {
        TopTally faulty = TopTally.of(
                Tops.of(3, 3, "9", "ohio-star")
                        .set(SettingDesign.Kind.HALF_DROP)
                        .top(),
                Map.of());
        assertThat(NextWork.of(faulty, BenchState.of(List.of()), CUT, List.of()).station())
                .isEqualTo(Station.TOP);
    }

    private static NextWork next(List<LogEntry> log, List<Cutting> cutting, String... buys) {
        return NextWork.of(TALLY, BenchState.of(log), cutting, List.of(buys));
    }

    private static LogEntry made(Batch batch, int units) {
        return new LogEntry(
                UUID.randomUUID(), Instant.EPOCH, Kind.SET_MADE, batch.key().text(), units, "", "", Optional.empty());
    }
}
