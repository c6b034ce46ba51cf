package org.goldentally.core.block;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.UnitKind;

/**
 * A block that is smaller than its place, with strips all round it: an 8 in block in a place of 12 in has a frame that
 * finishes 2 in wide (geometry). The sides are sewn on first, then the strips above and below (common practice, no source).
 */
public final class FramedBlock {

    private static final String WHERE = "Own size, finished";

    private FramedBlock() {}

    /**
     * Sizes as typed.
     *
     * @param placeWidth of the places of the quilt, finished
     * @param own the block's own width, finished; it keeps its shape
     */
    public record Sizes(MeasureSystem system, String placeWidth, String placeHeight, String own) {}

    /**
     * The block in its frame, as a block of its own that holds the other.
     *
     * @param key of the new block
     * @param cloth of the frame; empty is not dressed yet
     */
    public static Block of(String key, Block block, Sizes sizes, String cloth) {
        Length placeWidth = read("Block, finished width", sizes.placeWidth, sizes.system);
        Length placeHeight = read("Block, finished height", sizes.placeHeight, sizes.system);
        Length width = read(WHERE, sizes.own, sizes.system);
        Length height = width.times(block.down()).dividedBy(block.across());
        LengthWriter writer = sizes.system.writer();
        if (!width.isShorterThan(placeWidth) || !height.isShorterThan(placeHeight)) {
            throw new RefusedException(new Problem(
                    WHERE,
                    writer.writeWithUnit(width) + " leaves no room for a frame in a place of "
                            + writer.write(placeWidth) + " × " + writer.writeWithUnit(placeHeight),
                    "type a smaller size, or put the block there as it is"));
        }
        Optional<List<Integer>> columns = lines(placeWidth, width);
        Optional<List<Integer>> rows = lines(placeHeight, height);
        if (columns.isEmpty() || rows.isEmpty()) {
            throw new RefusedException(new Problem(
                    WHERE,
                    "a frame round " + writer.writeWithUnit(width) + " lies on no grid that a block can have",
                    "take " + nearest(block, placeWidth, placeHeight, width, sizes.system)));
        }
        return new Block(
                key,
                Block.clip(block.name() + ", framed"),
                columns.get(),
                rows.get(),
                List.of(
                        new BlockPart(1, 1, 1, 1, inner(block)),
                        new BlockPart(0, 1, 1, 1, UnitDesign.plain(cloth)),
                        new BlockPart(2, 1, 1, 1, UnitDesign.plain(cloth)),
                        new BlockPart(0, 0, 3, 1, UnitDesign.plain(cloth)),
                        new BlockPart(0, 2, 3, 1, UnitDesign.plain(cloth))));
    }

    private static UnitDesign inner(Block block) {
        return new UnitDesign(UnitKind.BLOCK, 0, "1/2", block.key(), 0, false, List.of());
    }

    /** Strip, block, strip, as whole parts of one measure; empty where that takes finer parts than a block can have. */
    private static Optional<List<Integer>> lines(Length place, Length own) {
        Length strip = place.minus(own).dividedBy(2);
        long[] parts = Length.inCommonMeasure(strip, own);
        long divisor =
                BigInteger.valueOf(parts[0]).gcd(BigInteger.valueOf(parts[1])).longValueExact();
        int side = Math.toIntExact(parts[0] / divisor);
        int middle = Math.toIntExact(parts[1] / divisor);
        return Math.max(side, middle) <= Block.WIDEST ? Optional.of(List.of(side, middle, side)) : Optional.empty();
    }

    /** The sizes below and above that can be framed. */
    private static String nearest(
            Block block, Length placeWidth, Length placeHeight, Length width, MeasureSystem system) {
        Grid marks = system == MeasureSystem.INCH ? Grid.QUARTER_INCH : Grid.HALF_CENTIMETRE;
        Length step = marks.step();
        List<Length> fitting = LongStream.rangeClosed(1, placeWidth.wholeTimes(step))
                .mapToObj(step::times)
                .filter(own ->
                        own.isShorterThan(placeWidth) && lines(placeWidth, own).isPresent())
                .filter(own -> {
                    Length high = own.times(block.down()).dividedBy(block.across());
                    return high.isShorterThan(placeHeight)
                            && lines(placeHeight, high).isPresent();
                })
                .toList();
        LengthWriter writer = system.writer();
        Optional<Length> below =
                fitting.stream().filter(own -> own.isShorterThan(width)).reduce((one, other) -> other);
        Optional<Length> above =
                fitting.stream().filter(own -> own.isLongerThan(width)).findFirst();
        String offered = below.map(writer::writeWithUnit).orElse("")
                + (below.isPresent() && above.isPresent() ? " or " : "")
                + above.map(writer::writeWithUnit).orElse("");
        return offered.isEmpty() ? "another size of block for the quilt" : offered;
    }

    private static Length read(String where, String typed, MeasureSystem system) {
        Reading<Length> reading = LengthReader.readPositive(where, typed, system);
        return reading.orThrow();
    }
}
