package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.piecing.ClothRole;
import org.goldentally.core.piecing.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.Reading;
import org.goldentally.core.problem.RefusedException;

/**
 * A quilt top of equal blocks set straight: 5 across and 6 down of an 8 in block finish at 40 × 48 in.
 *
 * @param finishedBlockSize the side of the square block
 * @param units the units of the block, two across and two down
 */
public record QuiltTop(
        SewingSettings settings, int blocksAcross, int blocksDown, Length finishedBlockSize, List<PlacedUnit> units) {

    public static final int UNITS_ACROSS_BLOCK = 2;

    /** More blocks than this in a row make no quilt that anyone sews (our own limit). */
    public static final int MOST_BLOCKS_IN_A_ROW = 100;

    /** The longest side of a top: 300 in, more than twice the largest bed's (our own limit). */
    static final Length LONGEST_SIDE = Length.inches(300);

    public QuiltTop {
        units = List.copyOf(units);
    }

    /** Reads a top from what was typed, with every problem at once. */
    public static QuiltTop read(
            SewingSettings settings, int blocksAcross, int blocksDown, BlockSize blockSize, List<PlacedUnit> units) {
        List<Problem> problems = new ArrayList<>(settings.problems());
        checkCount("Blocks across", blocksAcross, problems);
        checkCount("Blocks down", blocksDown, problems);
        Length size = Length.ZERO;
        if (settings.problems().isEmpty()) {
            switch (blockSize.finishedBlockSize(UNITS_ACROSS_BLOCK, settings)) {
                case Reading.Understood<Length> block -> size = block.value();
                case Reading.Refused<Length> refused -> problems.add(refused.problem());
            }
        }
        if (problems.isEmpty()) {
            QuiltTop top = new QuiltTop(settings, blocksAcross, blocksDown, size, units);
            top.checkSide("Blocks across", top.finishedWidth(), problems);
            top.checkSide("Blocks down", top.finishedHeight(), problems);
            if (problems.isEmpty()) {
                return top;
            }
        }
        throw new RefusedException(problems);
    }

    private static void checkCount(String where, int count, List<Problem> problems) {
        if (count < 1 || count > MOST_BLOCKS_IN_A_ROW) {
            problems.add(new Problem(
                    where,
                    count < 1 ? count + " blocks make no top" : count + " blocks in a row are more than we can plan",
                    "type a number from 1 to " + MOST_BLOCKS_IN_A_ROW));
        }
    }

    private void checkSide(String where, Length side, List<Problem> problems) {
        if (side.isLongerThan(LONGEST_SIDE)) {
            problems.add(new Problem(
                    where,
                    "the top would be " + settings.system().writer().writeWithUnit(side)
                            + " on this side, longer than any bed",
                    "use fewer or smaller blocks; " + settings.system().writer().writeWithUnit(LONGEST_SIDE)
                            + " is the limit"));
        }
    }

    public HalfSquareTriangleUnit unit() {
        return new HalfSquareTriangleUnit(finishedBlockSize.dividedBy(UNITS_ACROSS_BLOCK));
    }

    public Length finishedWidth() {
        return finishedBlockSize.times(blocksAcross);
    }

    public Length finishedHeight() {
        return finishedBlockSize.times(blocksDown);
    }

    public int blockCount() {
        return blocksAcross * blocksDown;
    }

    /** Units, not triangles: each is sewn from two triangles. */
    public int unitCount() {
        return blockCount() * units.size();
    }

    /** The block as patches to draw, in inches from its upper left corner. */
    public List<Patch> blockPatches() {
        Length side = unit().finishedSize();
        List<Patch> patches = new ArrayList<>();
        for (PlacedUnit placed : units) {
            Length x = side.times(placed.column());
            Length y = side.times(placed.row());
            patches.add(new Patch(
                    upperLeftHalf(side).turnedIn(side, placed.quarterTurns()).movedBy(x, y), ClothRole.A));
            patches.add(new Patch(
                    lowerRightHalf(side).turnedIn(side, placed.quarterTurns()).movedBy(x, y), ClothRole.B));
        }
        return patches;
    }

    private static Polygon upperLeftHalf(Length side) {
        return Polygon.of(Point.ORIGIN, Point.at(side, Length.ZERO), Point.at(Length.ZERO, side));
    }

    private static Polygon lowerRightHalf(Length side) {
        return Polygon.of(Point.at(side, Length.ZERO), Point.at(side, side), Point.at(Length.ZERO, side));
    }
}
