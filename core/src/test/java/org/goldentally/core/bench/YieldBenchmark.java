package org.goldentally.core.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.TypedUnit;
import org.goldentally.core.unit.UnitKind;
import org.goldentally.core.yields.MethodAnswer;
import org.goldentally.core.yields.YieldEngine;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A full answer for one piece and one unit, by every method; to stay under a millisecond. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class YieldBenchmark {

    @Param({"10 in square", "fat quarter", "1/2 yd 40 wide"})
    public String piece;

    @Param({"HALF_SQUARE", "FLYING_GOOSE"})
    public UnitKind kind;

    private final YieldEngine engine = new YieldEngine();
    private final SewingSettings settings = SewingSettings.usual(MeasureSystem.INCH);

    @Benchmark
    public List<MethodAnswer> fullAnswer() {
        ClothPiece cloth = ShelfLineReader.read("piece", piece, MeasureSystem.INCH)
                .orThrow()
                .piece();
        return engine.ask(cloth, new TypedUnit(kind, "3", "", "1", 2).read(MeasureSystem.INCH), settings);
    }

    /** Reading a length, for scale. */
    @Benchmark
    public Object readLength() {
        return LengthReader.readPositive("size", "4 7/8", MeasureSystem.INCH);
    }
}
