package org.goldentally.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.Judging;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A large top: 20 × 25 blocks of 16 units in 12 cloths, each block in cloths of its own. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class TopBenchmark {

    private static final int ACROSS = 20;
    private static final int DOWN = 25;
    private static final int CLOTHS = 12;

    private QuiltDesign design;
    private QuiltTop top;

    @Setup
    public void dress() {
        List<ClothInHand> cloths = new ArrayList<>();
        for (int i = 0; i < CLOTHS; i++) {
            String colour = String.format("#%06x", i * 1_318_257 % 0x1000000);
            cloths.add(new ClothInHand(key(i), "cloth " + key(i), colour, "", i == 0, ""));
        }
        List<BlockPart> parts = new ArrayList<>();
        for (int i = 0; i < 16; i++) {
            UnitDesign unit = UnitDesign.of(UnitKind.HALF_SQUARE, i, i % 2 == 0 ? key(1) : key(2), key(0));
            parts.add(new BlockPart(i % 4, i / 4, 1, 1, unit));
        }
        List<PlaceDesign> places = new ArrayList<>();
        for (int i = 0; i < ACROSS * DOWN; i++) {
            List<Exchange> exchanges =
                    List.of(new Exchange(key(1), key(1 + i * 3 % 11)), new Exchange(key(2), key(1 + i * 7 % 11)));
            places.add(new PlaceDesign(i / ACROSS, i % ACROSS, "", i, false, exchanges));
        }
        design = QuiltDesign.first(MeasureSystem.INCH)
                .withCloths(cloths)
                .withBlocks(List.of(new Block("block", "Block", List.of(1, 1, 1, 1), List.of(1, 1, 1, 1), parts)))
                .withBlockSize(BlockSizeDesign.finishedBlock("8"))
                .withSetting(new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, ACROSS, DOWN, List.of("block"), "", SettingDesign.Halves.BLOCK))
                .withPlaces(places);
        top = QuiltTop.of(design);
    }

    private static String key(int i) {
        return String.valueOf((char) ('a' + i));
    }

    @Benchmark
    public Object layOut() {
        return QuiltTop.of(design);
    }

    @Benchmark
    public Object count() {
        return TopCount.of(top);
    }

    @Benchmark
    public Object judge() {
        return Judging.of(top);
    }

    @Benchmark
    public Object tallyWithEmptyShelf() {
        return TopTally.of(top, Map.of());
    }
}
