package org.goldentally.core.quilt;

import java.util.List;
import org.goldentally.core.identity.Key;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKeys;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.unit.UnitSymmetry.Hand;

/**
 * What makes two pieces or units of a top the same at the machine.
 *
 * @param as what it serves as: border and sashing pieces are counted apart
 * @param cloths keys of its cloths in the order of its patches
 */
public record GroupKey(Sort sort, As as, PatchworkUnit unit, List<String> cloths, Hand hand) {

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

    /** What a piece serves as, where that is more than its shape says. */
    public enum As {
        ITSELF(""),
        SASHING(Kind.SASHING.label()),
        BORDER(Kind.BORDER.label()),
        MITRED_BORDER(Kind.MITRED_BORDER.label()),
        CORNERSTONE(Kind.CORNERSTONE.label()),
        HALF_CORNERSTONE("half cornerstone"),
        BORDER_CORNER(Kind.BORDER_CORNER.label()),
        PLAIN_BETWEEN(Kind.PLAIN_BETWEEN.label());

        private final String label;

        As(String label) {
            this.label = label;
        }
    }

    static GroupKey of(Sort sort, As as, UnitSymmetry.Counted counted) {
        return new GroupKey(sort, as, counted.unit(), counted.cloths(), counted.hand());
    }

    GroupKey mirrored() {
        Hand other = switch (hand) {
            case NONE -> Hand.NONE;
            case LEFT -> Hand.RIGHT;
            case RIGHT -> Hand.LEFT;
        };
        return new GroupKey(sort, as, unit, cloths, other);
    }

    /** What it is called: border and sashing pieces have names of their own. */
    public String label() {
        return as == As.ITSELF ? unit.name() : as.label;
    }

    /** What tells it from all others. */
    public Key key() {
        return Key.of("group")
                .with(sort)
                .with(as)
                .with(UnitKeys.of(unit))
                .withMinted(cloths)
                .with(hand);
    }

    /** How it is sent: the same for the same group each time. */
    public String text() {
        return key().text();
    }
}
