package org.goldentally.app.top;

import java.util.List;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.QuiltTop;

/** What is said beside every small picture of a top. */
public final class TopWords {

    private static final String JUST_OVER = "just over ";

    private TopWords() {}

    /** {@code 60 × 72 in}; {@code about 50 1/4 × 61 1/2 in} where blocks on point make sides that no ruler shows. */
    public static String size(QuiltTop top) {
        LengthWriter writer = top.design().system().writer();
        String size = writer.write(top.finishedWidth()) + " × " + writer.writeWithUnit(top.finishedHeight());
        return size.contains(JUST_OVER) ? "about " + size.replace(JUST_OVER, "") : size;
    }

    /** How each cloth of the quilt is drawn, in order. */
    public static List<HousePrint> prints(QuiltTop top) {
        return top.design().cloths().stream().map(ClothInHand::print).toList();
    }

    /** The colour of each cloth of the quilt, in order. */
    public static List<String> colours(QuiltTop top) {
        return top.design().cloths().stream().map(ClothInHand::colour).toList();
    }
}
