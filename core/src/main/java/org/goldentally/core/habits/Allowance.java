package org.goldentally.core.habits;

import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * The schools of allowance: how much larger than its trimmed size a unit is made, so that it can be trimmed true.
 *
 * <p>Given as the room on the raw unit, and chosen so that the cut sizes come out as the schools say them (common
 * practice, no source). In inches, on a grid of 1/8 in, with a 1/4 in seam:
 *
 * <table><caption>square cut for a unit of finished size F</caption>
 * <tr><th></th><th>half-square triangle</th><th>hourglass</th></tr>
 * <tr><td>exact</td><td>F + 7/8</td><td>F + 1 1/4</td></tr>
 * <tr><td>trim</td><td>F + 1</td><td>F + 1 1/2</td></tr>
 * <tr><td>roomy</td><td>F + 1 1/2</td><td>F + 2</td></tr>
 * </table>
 */
public enum Allowance {
    /** Cut at the constant, sewn true, hardly trimmed. */
    EXACT("exact", 0, 0, 0),
    /** A little larger, trimmed to a true square: the usual default. */
    TRIM("trim", 1, 2, 1),
    /** Much larger: for beginners and for much bias. */
    ROOMY("roomy", 5, 6, 5);

    private final String label;
    private final int oneSeam;
    private final int twoSeams;
    private final int loose;

    Allowance(String label, int oneSeamEighths, int twoSeamsEighths, int looseEighths) {
        this.label = label;
        this.oneSeam = oneSeamEighths;
        this.twoSeams = twoSeamsEighths;
        this.loose = looseEighths;
    }

    /** As on the page: {@code trim}. */
    public String label() {
        return label;
    }

    /** Room on a unit with one diagonal seam: none, 1/8 or 5/8 in; none, 0.3 or 1.5 cm. */
    public Length roomForOneSeam(MeasureSystem system) {
        return room(oneSeam, system);
    }

    /** Room on a unit with two diagonal seams, which can wander twice: none, 1/4 or 3/4 in; none, 0.6 or 1.8 cm. */
    public Length roomForTwoSeams(MeasureSystem system) {
        return room(twoSeams, system);
    }

    /** Room on a triangle cut loose: none, 1/8 or 5/8 in. */
    public Length roomForLooseTriangle(MeasureSystem system) {
        return room(loose, system);
    }

    /** An eighth of an inch answers to 3 mm on a metric ruler (our own choice; common practice, no source). */
    private static Length room(int eighths, MeasureSystem system) {
        return UsualSizes.of(system).roomStep().times(eighths);
    }
}
