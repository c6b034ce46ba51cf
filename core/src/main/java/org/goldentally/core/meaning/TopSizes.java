package org.goldentally.core.meaning;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BlockSizeDesign.As;
import org.goldentally.core.design.BlockSizeDesign.Of;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/**
 * The sizes of a design, read from what was typed; everything that cannot be read is refused at once.
 *
 * @param blockWidth finished width of a block's place
 * @param sashing finished width of the sashing; nothing where there is none
 * @param sashed where there is sashing
 * @param borders from the inside out
 */
public record TopSizes(
        SewingSettings settings,
        Length blockWidth,
        Length blockHeight,
        Length sashing,
        SashingDesign.Between sashed,
        List<BorderSizes> borders) {

    /** More blocks than this in a row make no quilt that anyone sews (our own limit). */
    public static final int MOST_BLOCKS_IN_A_ROW = 100;

    /** The longest side of a top: 300 in, more than twice the largest bed's (our own limit). */
    public static final Length LONGEST_SIDE = Length.inches(300);

    /** Smaller blocks and narrower strips than this, finished, cannot be sewn: 1/4 in (our own limit). */
    private static final Length SMALLEST = Length.inches(0, 1, 4);

    /** Finished width of the strips between the blocks of a row; nothing where there are none. */
    public Length sashingBetweenColumns() {
        return sashed.partsColumns() ? sashing : Length.ZERO;
    }

    /** Finished width of the strips between the rows; nothing where there are none. */
    public Length sashingBetweenRows() {
        return sashed.partsRows() ? sashing : Length.ZERO;
    }

    static TopSizes of(QuiltDesign design) {
        MeasureSystem system = design.system();
        List<Problem> problems = new ArrayList<>();
        Length seam = read(LengthReader.read("Seam", design.seam(), system), problems);
        SewingSettings settings = new SewingSettings(system, seam, design.grid(), design.allowance());
        if (problems.isEmpty()) {
            problems.addAll(settings.problems());
        }
        count("Blocks across", design.setting().across(), problems);
        count("Blocks down", design.setting().down(), problems);
        Length width = Length.ZERO;
        Length height = Length.ZERO;
        if (problems.isEmpty()) {
            BlockSizeDesign size = design.blockSize();
            width = blockSide(size, size.typed(), size.across(), "", settings, problems);
            height = size.height().isBlank()
                    ? size.of() == Of.UNIT ? width.times(size.down()).dividedBy(size.across()) : width
                    : blockSide(size, size.height(), size.down(), " height", settings, problems);
        }
        checkSetting(design, width.equals(height), problems);
        Length sashing = design.sashing().unwanted()
                ? Length.ZERO
                : wide("Sashing, finished width", design.sashing().width(), system, problems);
        List<BorderSizes> borders = new ArrayList<>();
        for (int i = 0; i < design.borders().size(); i++) {
            borders.add(BorderSizes.of(design.borders().get(i), "Border " + (i + 1), system, problems));
        }
        if (!problems.isEmpty()) {
            throw new RefusedException(problems);
        }
        return new TopSizes(settings, width, height, sashing, design.sashing().between(), borders);
    }

    /** What the way of setting has no room for. */
    private static void checkSetting(QuiltDesign design, boolean squareBlocks, List<Problem> problems) {
        if (design.setting().kind() == SettingDesign.Kind.ON_POINT && !squareBlocks) {
            problems.add(new Problem(
                    "Block size, height",
                    "blocks on point must be square, or their corners do not meet",
                    "leave the height empty, or set the blocks straight"));
        }
        if (!design.sashing().unwanted() && design.setting().kind() == SettingDesign.Kind.HALF_DROP) {
            problems.add(new Problem(
                    "Sashing, finished width",
                    "a half-drop has no room for sashing: its blocks lie across the joins of the next row",
                    "empty the width, or set the blocks straight or on point"));
        }
        if (design.setting().kind() == SettingDesign.Kind.ON_POINT
                && !design.sashing().unwanted()
                && design.sashing().between() != SashingDesign.Between.BOTH) {
            problems.add(new Problem(
                    "Sashing",
                    "on point it lies round each block, not "
                            + design.sashing().between().words(),
                    "let it lie " + SashingDesign.Between.BOTH.words() + ", or set the blocks straight"));
        }
    }

    private static Length blockSide(
            BlockSizeDesign size,
            String typed,
            int units,
            String side,
            SewingSettings settings,
            List<Problem> problems) {
        String where = (size.of() == Of.BLOCK ? "Block size" : "Unit size") + side + ", "
                + (size.as() == As.FINISHED ? "finished" : "unfinished");
        Reading<Length> reading = LengthReader.readPositive(where, typed, settings.system())
                .then(length -> {
                    Length finished = size.as() == As.FINISHED ? length : settings.finished(length);
                    if (finished.isShorterThan(SMALLEST)) {
                        return Reading.refused(
                                where,
                                settings.system().writer().writeWithUnit(length)
                                        + " leaves nothing to see once the seams are taken",
                                "type a larger size");
                    }
                    return Reading.of(size.of() == Of.BLOCK ? finished : finished.times(units));
                });
        return read(reading, problems);
    }

    /** A width that can be sewn. */
    static Length wide(String where, String typed, MeasureSystem system, List<Problem> problems) {
        return read(
                LengthReader.readPositive(where, typed, system)
                        .then(length -> length.isShorterThan(SMALLEST)
                                ? Reading.refused(
                                        where,
                                        system.writer().writeWithUnit(length) + " finished is too narrow to be sewn",
                                        "type " + system.writer().writeWithUnit(SMALLEST) + " or more")
                                : Reading.of(length)),
                problems);
    }

    private static void count(String where, int count, List<Problem> problems) {
        if (count < 1 || count > MOST_BLOCKS_IN_A_ROW) {
            problems.add(new Problem(
                    where,
                    count < 1 ? "a top needs a block at least" : count + " blocks in a row are more than we can plan",
                    "type a number from 1 to " + MOST_BLOCKS_IN_A_ROW));
        }
    }

    static Length read(Reading<Length> reading, List<Problem> problems) {
        return switch (reading) {
            case Reading.Understood<Length> understood -> understood.value();
            case Reading.Refused<Length> refused -> {
                problems.add(refused.problem());
                yield Length.ZERO;
            }
        };
    }
}
