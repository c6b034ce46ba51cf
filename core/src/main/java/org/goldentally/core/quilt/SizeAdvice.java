package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/**
 * Layouts that come near a wanted size: about 60 × 72 in of 12 in blocks is 5 × 6 blocks without a border, or 4 × 5 with
 * one of 6 in.
 *
 * @param across blocks across
 * @param border finished width of a plain border that makes up the rest; nothing where there is none
 * @param off how far the result is from the wanted size, both sides together
 */
public record SizeAdvice(int across, int down, Length border, Length width, Length height, Length off) {

    private static final int OFFERS = 6;

    /** A border wider than this share of the top's shorter side looks heavy: a quarter (our own limit). */
    private static final int WIDEST_SHARE = 4;

    /** A usual size to start from. */
    public record UsualSize(String name, int widthInches, int heightInches) {

        /** Width and height, in whole inches or to the next 5 cm. */
        public String write(MeasureSystem system) {
            return system == MeasureSystem.INCH
                    ? widthInches + " × " + heightInches
                    : centimetres(widthInches) + " × " + centimetres(heightInches);
        }

        private static long centimetres(int inches) {
            return Math.round(inches * 2.54 / 5) * 5;
        }
    }

    /** Sizes of quilts that people make, from memory; they differ from household to household, so measure the bed. */
    public static final List<UsualSize> USUAL = List.of(
            new UsualSize("table runner", 16, 48),
            new UsualSize("baby", 36, 48),
            new UsualSize("lap", 48, 60),
            new UsualSize("throw", 60, 72),
            new UsualSize("single bed", 68, 88),
            new UsualSize("double bed", 84, 92),
            new UsualSize("large double bed", 92, 96),
            new UsualSize("largest bed", 108, 108));

    /** The nearest layouts to a size as typed, for the blocks, setting and sashing of a design; without its borders. */
    public static List<SizeAdvice> near(QuiltDesign design, String width, String height) {
        TopSizes sizes = ReadDesign.of(design).sizes();
        List<Problem> problems = new ArrayList<>();
        Length wantedWidth = read("Wanted width", width, design.system(), problems);
        Length wantedHeight = read("Wanted height", height, design.system(), problems);
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        List<SizeAdvice> all = new ArrayList<>();
        for (int across = 1; across <= TopSizes.MOST_BLOCKS_IN_A_ROW; across++) {
            Length centreWidth = side(design, sizes, across, true);
            if (centreWidth.minus(sizes.blockWidth()).isLongerThan(wantedWidth)) {
                break;
            }
            for (int down = 1; down <= TopSizes.MOST_BLOCKS_IN_A_ROW; down++) {
                Length centreHeight = side(design, sizes, down, false);
                if (centreHeight.minus(sizes.blockHeight()).isLongerThan(wantedHeight)) {
                    break;
                }
                all.add(advice(across, down, Length.ZERO, centreWidth, centreHeight, wantedWidth, wantedHeight));
                Length border = Length.min(wantedWidth.minus(centreWidth), wantedHeight.minus(centreHeight))
                        .dividedBy(2);
                Length rounded = border.isPositive() ? border.roundedDownTo(design.grid()) : Length.ZERO;
                boolean heavy = rounded.times(WIDEST_SHARE).isLongerThan(Length.min(centreWidth, centreHeight));
                if (rounded.isAtLeast(design.grid().step().times(4)) && !heavy) {
                    all.add(advice(across, down, rounded, centreWidth, centreHeight, wantedWidth, wantedHeight));
                }
            }
        }
        all.sort(Comparator.comparing(SizeAdvice::off).thenComparing(SizeAdvice::border));
        return all.subList(0, Math.min(OFFERS, all.size()));
    }

    private static SizeAdvice advice(
            int across,
            int down,
            Length border,
            Length centreWidth,
            Length centreHeight,
            Length wantedWidth,
            Length wantedHeight) {
        Length width = centreWidth.plus(border.times(2));
        Length height = centreHeight.plus(border.times(2));
        Length off = width.apartFrom(wantedWidth).plus(height.apartFrom(wantedHeight));
        return new SizeAdvice(across, down, border, width, height, off);
    }

    /** How long one side of the centre is with so many blocks. */
    static Length side(QuiltDesign design, TopSizes sizes, int count, boolean across) {
        Length block = across ? sizes.blockWidth() : sizes.blockHeight();
        Length s = sizes.sashing();
        return switch (design.setting().kind()) {
            case ON_POINT -> block.plus(s).timesRootTwo().times(count);
            case STRAIGHT, HALF_DROP ->
                block.times(count)
                        .plus((across ? sizes.sashingBetweenColumns() : sizes.sashingBetweenRows())
                                .times(count + (design.sashing().around() ? 1 : -1)));
        };
    }

    private static Length read(String where, String typed, MeasureSystem system, List<Problem> problems) {
        Reading<Length> reading = LengthReader.readPositive(where, typed, system)
                .then(length -> length.isLongerThan(TopSizes.LONGEST_SIDE)
                        ? Reading.refused(
                                where,
                                system.writer().writeWithUnit(length) + " is longer than any bed",
                                "type a size up to " + system.writer().writeWithUnit(TopSizes.LONGEST_SIDE))
                        : Reading.of(length));
        return switch (reading) {
            case Reading.Understood<Length> understood -> understood.value();
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield Length.ZERO;
            }
        };
    }
}
