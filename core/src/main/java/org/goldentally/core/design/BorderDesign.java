package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * A border round the top.
 *
 * @param width finished, as typed; the least width of a {@link Kind#SPACER}
 * @param cloth key of the cloth of a plain border
 * @param units of a pieced border, as they stand in the upper side with the outside up; they take turns along it
 * @param unitLength how long a plain or striped unit is along the border, finished, as typed; empty is as long as wide
 * @param mirrorAtMiddle whether the second half of each side mirrors the first
 * @param middle the unit in the middle of a mirrored side of an odd number of units; the next in turn where nothing is said
 * @param corner what stands in the corners, where they are {@link Corners#UNITS}
 * @param join how strips of a plain border longer than the cloth is wide come about, where a side says nothing else
 * @param sides those that are unlike the others, each at most once
 * @param sideJoins sides whose strips come about otherwise than {@code join} says, each at most once
 */
public record BorderDesign(
        Kind kind,
        String width,
        @LeftOut("\"\"") String cloth,
        @LeftOut("[]") List<UnitDesign> units,
        @LeftOut("\"\"") String unitLength,
        @LeftOut("false") boolean mirrorAtMiddle,
        @LeftOut("\"BUTTED\"") Corners corners,
        @LeftOut("[]") List<UnitDesign> corner,
        @LeftOut("\"STRAIGHT\"") Join join,
        @LeftOut("[]") List<BorderSideDesign> sides,
        @LeftOut("[]") List<SideJoin> sideJoins,
        @LeftOut("[]") List<UnitDesign> middle) {

    /** What a border is made of. */
    public enum Kind {
        PLAIN,
        /** A plain border just wide enough that the pieced one outside it comes out even. */
        SPACER,
        PIECED
    }

    /** How strips come to be longer than the cloth is wide. */
    public enum Join {
        /** Strips across the width, end to end. */
        STRAIGHT,
        /** Strips across the width, joined on the diagonal, which shows less. */
        DIAGONAL,
        /** Cut along the length of the cloth in one piece. */
        ALONG_LENGTH
    }

    /** How the strip of one side comes about. */
    public record SideJoin(Side side, Join join) {
        public SideJoin {
            Limits.required(side, "side");
            Limits.required(join, "join");
        }
    }

    /** How its sides meet. */
    public enum Corners {
        /** The long sides first, then the short ones over them. */
        BUTTED,
        /** On the diagonal. */
        MITRED,
        /** A square, or unit, in each corner. */
        UNITS
    }

    public BorderDesign {
        Limits.required(kind, "kind");
        Limits.text(width, 40, "width");
        Limits.text(cloth, 60, "cloth");
        Limits.list(units, 24, "units");
        Limits.text(unitLength, 40, "unitLength");
        Limits.required(corners, "corners");
        Limits.list(corner, 1, "corner");
        Limits.required(join, "join");
        Limits.list(sides, Side.values().length, "sides");
        Limits.list(middle, 1, "middle");
        middle = List.copyOf(middle);
        Limits.list(sideJoins, Side.values().length, "sideJoins");
        boolean twice = sides.stream().map(BorderSideDesign::side).distinct().count() < sides.size()
                || sideJoins.stream().map(SideJoin::side).distinct().count() < sideJoins.size();
        if (twice) {
            throw new RefusedException(
                    new Problem("sides", "a side of a border is said twice", "say each unlike side once"));
        }
        units = List.copyOf(units);
        corner = List.copyOf(corner);
        sides = List.copyOf(sides);
        sideJoins = List.copyOf(sideJoins);
    }

    /** A border whose four sides are alike. */
    public BorderDesign(
            Kind kind,
            String width,
            String cloth,
            List<UnitDesign> units,
            String unitLength,
            boolean mirrorAtMiddle,
            Corners corners,
            List<UnitDesign> corner) {
        this(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                corners,
                corner,
                Join.STRAIGHT,
                List.of(),
                List.of(),
                List.of());
    }

    /** The same with its strips joined in another way. */
    public BorderDesign joined(Join otherJoin) {
        return new BorderDesign(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                corners,
                corner,
                otherJoin,
                sides,
                sideJoins,
                middle);
    }

    /** The same, with the strips of these sides in a way of their own. */
    public BorderDesign joinedBySide(SideJoin... others) {
        return new BorderDesign(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                corners,
                corner,
                join,
                sides,
                List.of(others),
                middle);
    }

    /** The same, with this unit in the middle of its mirrored sides. */
    public BorderDesign withMiddle(UnitDesign unit) {
        return new BorderDesign(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                corners,
                corner,
                join,
                sides,
                sideJoins,
                List.of(unit));
    }

    /** How the strip of a side comes about. */
    public Join joinOn(Side side) {
        return sideJoins.stream()
                .filter(each -> each.side == side)
                .map(SideJoin::join)
                .findFirst()
                .orElse(join);
    }

    /** The same, finished as wide as typed. */
    public BorderDesign ofWidth(String typed) {
        return new BorderDesign(
                kind, typed, cloth, units, unitLength, mirrorAtMiddle, corners, corner, join, sides, sideJoins, middle);
    }

    /** The same, with these sides unlike the others. */
    public BorderDesign unlike(BorderSideDesign... others) {
        return new BorderDesign(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                corners,
                corner,
                join,
                List.of(others),
                sideJoins,
                middle);
    }

    /** The sides that are unlike the others; all of a spacer are alike. */
    public List<BorderSideDesign> unlike() {
        return kind == Kind.SPACER ? List.of() : sides;
    }

    /** What is on one side. */
    public BorderSideDesign on(Side side) {
        return unlike().stream()
                .filter(unlike -> unlike.side() == side)
                .findFirst()
                .orElseGet(() -> new BorderSideDesign(
                        side,
                        kind == Kind.PIECED ? BorderSideDesign.Kind.PIECED : BorderSideDesign.Kind.PLAIN,
                        width,
                        cloth,
                        units,
                        unitLength,
                        mirrorAtMiddle,
                        middle));
    }

    /** With a unit in each corner. */
    public BorderDesign withCorner(UnitDesign unit) {
        return new BorderDesign(
                kind,
                width,
                cloth,
                units,
                unitLength,
                mirrorAtMiddle,
                Corners.UNITS,
                List.of(unit),
                join,
                sides,
                sideJoins,
                middle);
    }

    /** A border of one cloth, without corner squares of its own. */
    public static BorderDesign plain(String width, String cloth, Corners corners) {
        return new BorderDesign(Kind.PLAIN, width, cloth, List.of(), "", false, corners, List.of());
    }
}
