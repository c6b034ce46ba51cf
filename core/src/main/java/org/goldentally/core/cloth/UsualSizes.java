package org.goldentally.core.cloth;

import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * The sizes taken for granted where the quilter names a form and no measure (common practice, no source). All on the
 * careful side: cloth is usable between the selvages for 40 to 44 in, so 40 in is assumed.
 */
public final class UsualSizes {

    private UsualSizes() {}

    /** Usable width between the selvages: 40 in, or 102 cm. */
    public static Length widthOfFabric(MeasureSystem system) {
        return system == MeasureSystem.INCH ? Length.inches(40) : Length.centimetres(102, 0, 1);
    }

    /** Half the width, the long side of a fat quarter: 20 in, or 51 cm. */
    public static Length halfWidth(MeasureSystem system) {
        return widthOfFabric(system).dividedBy(2);
    }

    /** Half a yard, 18 in, or half a metre, 50 cm: the other side of a fat quarter. */
    public static Length halfPurchase(MeasureSystem system) {
        return system == MeasureSystem.INCH ? Length.inches(18) : Length.centimetres(50, 0, 1);
    }
}
