package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * What makes a pieced border that does not divide its sides come out even: a 4 in row round 37 1/2 × 45 1/2 in fits after
 * a spacer of 1 1/4 in.
 *
 * @param border its number, from 0
 * @param step the length in which its rows grow
 * @param spacerAcross width of a spacer's left and right sides, so that the upper and lower rows come out even
 * @param spacerUpright width of a spacer's upper and lower strips
 * @param widths other widths of the border with which it comes out even without a spacer, nearest first
 */
public record BorderFit(int border, Length step, Length spacerAcross, Length spacerUpright, List<Length> widths) {

    /** Other widths are sought from half to twice the chosen one, by the ruler's marks. */
    private static final int OFFERS = 3;

    static Optional<BorderFit> of(
            int border,
            RowOfUnits row,
            Corners corners,
            Length rowWidth,
            Length width,
            Length height,
            SewingSettings settings) {
        if (fits(row, corners, rowWidth, width, height)) {
            return Optional.empty();
        }
        Length step = row.step(rowWidth);
        return Optional.of(new BorderFit(
                border,
                step,
                spacer(width.plus(overhang(corners, rowWidth, width, height, true)), step, Length.ZERO),
                spacer(height.plus(overhang(corners, rowWidth, width, height, false)), step, Length.ZERO),
                widthsThatFit(row, corners, rowWidth, width, height, settings)));
    }

    private static boolean fits(RowOfUnits row, Corners corners, Length rowWidth, Length width, Length height) {
        Length lying = width.plus(overhang(corners, rowWidth, width, height, true));
        Length standing = height.plus(overhang(corners, rowWidth, width, height, false));
        return row.remainder(lying, rowWidth).isZero()
                && row.remainder(standing, rowWidth).isZero();
    }

    /** By how much the upper and lower rows, or the sides, are longer than what they go round. */
    static Length overhang(Corners corners, Length rowWidth, Length width, Length height, boolean lying) {
        boolean sidesFirst = !width.isLongerThan(height);
        return corners != Corners.UNITS && lying == sidesFirst ? rowWidth.times(2) : Length.ZERO;
    }

    /** The least width of two equal strips that brings a side up to a whole number of steps. */
    static Length spacer(Length side, Length step, Length least) {
        Length atLeast = side.plus(least.times(2));
        long steps = atLeast.wholeTimes(step);
        Length reached = step.times(steps);
        Length wanted = reached.isShorterThan(atLeast) ? reached.plus(step) : reached;
        return wanted.minus(side).dividedBy(2);
    }

    private static List<Length> widthsThatFit(
            RowOfUnits row, Corners corners, Length rowWidth, Length width, Length height, SewingSettings settings) {
        List<Length> fitting = new ArrayList<>();
        Length mark = settings.grid().step();
        Length start = rowWidth.roundedDownTo(settings.grid());
        long most = rowWidth.wholeTimes(mark);
        for (long marks = 1; marks <= most && fitting.size() < OFFERS; marks++) {
            for (Length candidate : List.of(start.plus(mark.times(marks)), start.minus(mark.times(marks)))) {
                if (candidate.times(2).isAtLeast(rowWidth)
                        && candidate.isPositive()
                        && fits(row, corners, candidate, width, height)) {
                    fitting.add(candidate);
                }
            }
        }
        return List.copyOf(fitting);
    }
}
