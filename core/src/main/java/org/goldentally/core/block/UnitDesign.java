package org.goldentally.core.block;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;
import org.goldentally.core.unit.UnitKind;

/**
 * What the quilter puts into a cell of a block or into a row of units: which unit, how it stands, in which cloths.
 *
 * @param count flipped corners, rows of a pieced half, or strips of a segment; of no meaning for the others
 * @param corner side of a flipped corner as a share of the base's shorter side: {@code 1/2}; of no meaning for others
 * @param block key of the smaller block; empty for units
 * @param quarterTurns clockwise, after it was mirrored
 * @param mirrored left to right
 * @param cloths a cloth's key for each patch, in the order in which the unit is drawn; empty is not dressed yet
 */
public record UnitDesign(
        UnitKind kind,
        @LeftOut("0") int count,
        @LeftOut("\"1/2\"") String corner,
        @LeftOut("\"\"") String block,
        @LeftOut("0") int quarterTurns,
        @LeftOut("false") boolean mirrored,
        @LeftOut("[]") List<String> cloths) {

    static final int MOST_PATCHES = 80;

    public UnitDesign {
        Limits.required(kind, "kind");
        Limits.holds(kind.goesIntoBlocks(), "kind is " + kind.label() + ", which goes into no block");
        Limits.text(corner, 10, "corner");
        Limits.text(block, 60, "block");
        Limits.texts(cloths, MOST_PATCHES, 60, "cloths");
        quarterTurns = Math.floorMod(quarterTurns, 4);
        cloths = List.copyOf(cloths);
    }

    /** {@code plain("a")} is a plain piece of cloth a. */
    public static UnitDesign plain(String cloth) {
        return of(UnitKind.PLAIN, 0, cloth);
    }

    /** A unit with what is usual of its kind: so many rows, such a dressing. */
    public static UnitDesign of(UnitKind kind, int quarterTurns, String... cloths) {
        return new UnitDesign(kind, kind.usualCount(), "1/2", "", quarterTurns, false, List.of(cloths));
    }

    /** The same unit in other cloths. */
    public UnitDesign inCloths(UnaryOperator<String> exchange) {
        return dressed(cloths.stream().map(exchange).toList());
    }

    UnitDesign undressed() {
        return dressed(List.of());
    }

    private UnitDesign dressed(List<String> others) {
        return new UnitDesign(kind, count, corner, block, quarterTurns, mirrored, others);
    }

    /** The cloth of a patch; empty where it is not dressed. */
    String cloth(int patch) {
        return patch < cloths.size() ? cloths.get(patch) : "";
    }

    /** Side of a flipped corner as a share of the base's shorter side; empty where it says no share. */
    Optional<CornerShare> cornerShare() {
        return CornerShare.read(corner);
    }
}
