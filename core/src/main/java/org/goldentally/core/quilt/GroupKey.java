package org.goldentally.core.quilt;

import java.util.List;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.unit.UnitSymmetry.Hand;

/**
 * What makes two pieces or units of a top the same at the machine.
 *
 * @param label what it is called: border and sashing pieces keep their own names
 * @param cloths keys of its cloths in the order of its patches
 */
public record GroupKey(Sort sort, String label, PatchworkUnit unit, List<String> cloths, Hand hand) {

    /** What is counted apart. */
    public enum Sort {
        /** Sewn of several patches. */
        UNIT,
        /** Plain squares and rectangles in blocks and borders. */
        PIECE,
        /** Loose triangles: of settings, halved cornerstones. */
        TRIANGLE,
        /** Sashing strips and plain borders. */
        STRIP
    }

    static GroupKey of(Sort sort, String label, UnitSymmetry.Counted counted) {
        return new GroupKey(sort, label, counted.unit(), counted.cloths(), counted.hand());
    }

    GroupKey mirrored() {
        Hand other = switch (hand) {
            case NONE -> Hand.NONE;
            case LEFT -> Hand.RIGHT;
            case RIGHT -> Hand.LEFT;
        };
        return new GroupKey(sort, label, unit, cloths, other);
    }

    /** How it is sent: the same for the same group each time. */
    public String text() {
        String corner = unit instanceof PatchworkUnit.CornerFlipUnit flip ? " corner " + flip.finishedCorner() : "";
        return label + " " + unit.finishedWidth() + " x " + unit.finishedHeight() + corner + " "
                + String.join(",", cloths)
                + (hand == Hand.NONE ? "" : " " + hand);
    }
}
