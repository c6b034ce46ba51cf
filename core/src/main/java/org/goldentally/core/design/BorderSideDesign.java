package org.goldentally.core.design;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * One side of a border, where it is unlike the others: wider, of another cloth, pieced where they are plain, or not there.
 *
 * @param width finished, as typed; says nothing of a side that is not there
 * @param cloth key of the cloth of a plain side
 * @param units of a pieced side, with the outside up
 * @param unitLength how long a plain or striped unit is along it, finished, as typed; empty is as long as wide
 * @param mirrorAtMiddle whether its second half mirrors the first
 * @param middle the unit in the middle of a mirrored row of an odd number; the next in turn where nothing is said
 */
public record BorderSideDesign(
        Side side,
        Kind kind,
        @LeftOut("\"\"") String width,
        @LeftOut("\"\"") String cloth,
        @LeftOut("[]") List<UnitDesign> units,
        @LeftOut("\"\"") String unitLength,
        @LeftOut("false") boolean mirrorAtMiddle,
        @LeftOut("[]") List<UnitDesign> middle) {

    /** Clockwise from the upper one. */
    public enum Side {
        UPPER(1),
        RIGHT(2),
        LOWER(3),
        LEFT(4);

        private final int number;

        Side(int number) {
            this.number = number;
        }

        /** {@code upper side}. */
        public String words() {
            return name().toLowerCase(Locale.ROOT) + " side";
        }

        /** The one of this number, from 1 on. */
        public static Side of(int number) {
            return Arrays.stream(values())
                    .filter(side -> side.number == number)
                    .findFirst()
                    .orElseThrow();
        }

        /** From 1 on. */
        public int number() {
            return number;
        }
    }

    /** What a side is made of. */
    public enum Kind {
        /** There is no border on this side. */
        NONE,
        PLAIN,
        PIECED
    }

    public BorderSideDesign {
        Limits.required(side, "side");
        Limits.required(kind, "kind");
        Limits.text(width, 40, "width");
        Limits.text(cloth, 60, "cloth");
        Limits.list(units, 24, "units");
        Limits.text(unitLength, 40, "unitLength");
        Limits.list(middle, 1, "middle");
        units = List.copyOf(units);
        middle = List.copyOf(middle);
    }

    /** No border on this side. */
    public static BorderSideDesign none(Side side) {
        return new BorderSideDesign(side, Kind.NONE, "", "", List.of(), "", false, List.of());
    }

    /** A side of one cloth, unlike the others. */
    public static BorderSideDesign plain(Side side, String width, String cloth) {
        return new BorderSideDesign(side, Kind.PLAIN, width, cloth, List.of(), "", false, List.of());
    }

    /** A side of units in turn, unlike the others. */
    public static BorderSideDesign pieced(Side side, String width, UnitDesign... units) {
        return new BorderSideDesign(side, Kind.PIECED, width, "", List.of(units), "", false, List.of());
    }

    /** Whether it is made of units; one that lacks them is still plain. */
    public boolean madeOfUnits() {
        return kind == Kind.PIECED && !units.isEmpty();
    }
}
