package org.goldentally.core.cloth;

import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * The sizes taken for granted where nobody says otherwise, in each system: one table, so that a metric quilt is told
 * centimetres that a ruler shows, and never an eighth of an inch. All are common practice, no source, unless marked as
 * our own limit.
 *
 * @param widthOfFabric usable width between the selvages, on the careful side: cloth is usable for 40 to 44 in
 * @param halfPurchase half of what cloth is sold by: the short side of a fat quarter
 * @param shopUnit what cloth is sold by
 * @param shopWord how that is written
 * @param purchaseStep the parts of it that shops sell
 * @param bindingStrip width of binding strips as cut
 * @param bindingExtra added to the way round for corners and the join
 * @param overhang how much larger backing and batting are on every side
 * @param backingSeam between panels of a backing; wider than patchwork seams
 * @param overLength how much longer border strips are cut, to be trimmed to what the top really measures
 * @param squaringUp cloth that squaring up one end of a length costs
 * @param tightWithin room that an edge needs which has still to be cut true: precuts may be up to so much short
 * @param roomStep in which the schools of allowance count their room: an eighth of an inch answers to 3 mm on a metric
 *     ruler (our own choice)
 * @param tallestStrip taller strips are awkward to handle, so planned ones are not
 * @param firstBlock finished size of the block that a new quilt starts with (our own choice)
 */
public record UsualSizes(
        Length widthOfFabric,
        Length halfPurchase,
        Length shopUnit,
        String shopWord,
        Length purchaseStep,
        Length bindingStrip,
        Length bindingExtra,
        Length overhang,
        Length backingSeam,
        Length overLength,
        Length squaringUp,
        Length tightWithin,
        Length roomStep,
        Length tallestStrip,
        Length firstBlock) {

    private static final UsualSizes INCHES = new UsualSizes(
            Length.inches(40),
            Length.inches(18),
            Length.inches(36),
            "yd",
            Length.inches(4, 1, 2),
            Length.inches(2, 1, 2),
            Length.inches(10),
            Length.inches(4),
            Length.inches(0, 1, 2),
            Length.inches(1),
            Length.inches(0, 1, 2),
            Length.inches(0, 1, 8),
            Length.inches(0, 1, 8),
            Length.inches(20),
            Length.inches(8));

    private static final UsualSizes CENTIMETRES = new UsualSizes(
            Length.centimetres(102, 0, 1),
            Length.centimetres(50, 0, 1),
            Length.centimetres(100, 0, 1),
            "m",
            Length.centimetres(10, 0, 1),
            Length.centimetres(6, 1, 2),
            Length.centimetres(25, 0, 1),
            Length.centimetres(10, 0, 1),
            Length.centimetres(1, 1, 2),
            Length.centimetres(2, 1, 2),
            Length.centimetres(1, 1, 2),
            Length.centimetres(0, 3, 10),
            Length.centimetres(0, 3, 10),
            Length.centimetres(50, 0, 1),
            Length.centimetres(20, 0, 1));

    /** Inch sizes for inches, centimetre sizes for centimetres: shops sell by either. */
    public static UsualSizes of(MeasureSystem system) {
        return switch (system) {
            case INCH -> INCHES;
            case CENTIMETRE -> CENTIMETRES;
        };
    }

    /** Half the width, the long side of a fat quarter: 20 in, or 51 cm. */
    public Length halfWidth() {
        return widthOfFabric.dividedBy(2);
    }
}
