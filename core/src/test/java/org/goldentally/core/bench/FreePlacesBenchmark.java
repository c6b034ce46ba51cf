package org.goldentally.core.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.deal.ScrappyDeal;
import org.goldentally.core.deal.Stock;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.making.MakingPlan;
import org.goldentally.core.making.Supply;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
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

/** 20 × 25 pinwheels of any two of 60 prints: made and laid out, then planned. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class FreePlacesBenchmark {

    private static final int PRINTS = 60;

    private final Map<String, List<ShelfPieces>> shelf = new HashMap<>();
    private QuiltDesign free;
    private QuiltTop laid;
    private TopCount count;

    @Setup
    public void dress() {
        List<ClothInHand> cloths = new ArrayList<>();
        for (String key : List.of("a", "b")) {
            cloths.add(new ClothInHand(key, "any", "#888888", "", false, "", false, "pack", StandsFor.ANY_PRINT));
        }
        List<String> swatches = PrintSwatches.ofPack("noon", PRINTS);
        for (int i = 0; i < PRINTS; i++) {
            cloths.add(new ClothInHand(
                    "p" + i, "print " + i, swatches.get(i), "", false, "", false, "pack", StandsFor.ITSELF));
        }
        QuiltDesign first = QuiltDesign.first(MeasureSystem.INCH);
        free = first.withCloths(cloths)
                .withBlocks(List.of(org.goldentally.core.block.TraditionalBlocks.byKey("pinwheel")
                        .orElseThrow()))
                .withSetting(new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, 20, 25, List.of("pinwheel"), "", SettingDesign.Halves.BLOCK));
        laid = QuiltTop.of(makeAndLayOut().in(free));
        count = TopCount.of(laid);
        for (int i = 0; i < PRINTS; i++) {
            shelf.put("p" + i, List.of(new ShelfPieces("s", 1, ClothPiece.square(Length.inches(10)))));
        }
    }

    @Benchmark
    public ScrappyDeal makeAndLayOut() {
        return ScrappyDeal.deal(free, Stock.UNKNOWN, 1);
    }

    /** Three plans for a shelf of one 10 in square of each print, with what would make it enough. */
    @Benchmark
    public ShelfAnswer plans() {
        return ShelfAnswer.of(laid, shelf, ClothLedger::of);
    }

    @Benchmark
    public MakingPlan plan() {
        return UnitPlans.of(
                count, laid.read(), UsualSizes.of(MeasureSystem.INCH).widthOfFabric(), Supply.NOTHING);
    }
}
