package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.BorderSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;

/**
 * One border: its sides and, where they are apart, its corners. A side that is not there leaves its place to its
 * neighbours.
 */
final class BorderRing {

    /** How wide its sides are, finished; nothing where there is none. */
    record Widths(Length upper, Length right, Length lower, Length left) {

        /** As they were typed. */
        static Widths of(BorderSizes sizes) {
            return new Widths(
                    sizes.on(Side.UPPER).width(),
                    sizes.on(Side.RIGHT).width(),
                    sizes.on(Side.LOWER).width(),
                    sizes.on(Side.LEFT).width());
        }

        Length of(Side side) {
            return switch (side) {
                case UPPER -> upper;
                case RIGHT -> right;
                case LOWER -> lower;
                case LEFT -> left;
            };
        }

        boolean areAlike() {
            return Arrays.stream(Side.values()).map(this::of).distinct().count() == 1;
        }
    }

    /** What it goes round, and where. */
    record Inside(Length x, Length y, Length width, Length height) {

        /** The same with a border round it. */
        Inside within(Widths widths) {
            return new Inside(
                    x.minus(widths.left),
                    y.minus(widths.upper),
                    width.plus(widths.left).plus(widths.right),
                    height.plus(widths.upper).plus(widths.lower));
        }
    }

    private final QuiltDesign design;
    private final BlockFigures blocks;
    private final int index;
    private final BorderDesign border;
    private final BorderSizes sizes;
    private final Widths widths;
    private final Inside inside;
    private final Corners corners;
    private final List<TopPart> parts = new ArrayList<>();
    private final List<Flaw> flaws = new ArrayList<>();

    /**
     * @param index from 0
     */
    BorderRing(QuiltDesign design, BlockFigures blocks, int index, BorderSizes sizes, Widths widths, Inside inside) {
        this.design = design;
        this.blocks = blocks;
        this.index = index;
        this.border = design.borders().get(index);
        this.sizes = sizes;
        this.widths = widths;
        this.inside = inside;
        Optional<String> unmitred = border.corners() == Corners.MITRED ? whyNotMitred() : Optional.empty();
        unmitred.ifPresent(why -> flaws.add(new Flaw(
                new PartId.BorderSide(index + 1, 1),
                new Problem("Border " + (index + 1), why, "choose butted sides or a unit in each corner"))));
        this.corners = unmitred.isPresent() ? Corners.BUTTED : border.corners();
        lay();
    }

    private Optional<String> whyNotMitred() {
        if (Arrays.stream(Side.values()).anyMatch(side -> border.on(side).madeOfUnits())) {
            return Optional.of("a pieced border cannot be mitred: its units would be cut through");
        }
        if (widths.areAlike()) {
            return Optional.empty();
        }
        return Optional.of(
                border.kind() == BorderDesign.Kind.SPACER
                        ? "a spacer of two widths cannot be mitred"
                        : "sides of unlike widths cannot be mitred: their ends do not meet on the diagonal");
    }

    List<TopPart> parts() {
        return parts;
    }

    /** What is outside it now. */
    Inside outside() {
        return inside.within(widths);
    }

    List<Flaw> flaws() {
        return flaws;
    }

    private void lay() {
        boolean sidesFirst = !inside.width().isLongerThan(inside.height());
        boolean butted = corners == Corners.BUTTED;
        boolean mitred = corners == Corners.MITRED;
        Inside outside = outside();
        boolean lyingOver = mitred || (butted && sidesFirst);
        boolean standingOver = mitred || (butted && !sidesFirst);
        Length lying = lyingOver ? outside.width() : inside.width();
        Length standing = standingOver ? outside.height() : inside.height();
        Length left = lyingOver ? outside.x() : inside.x();
        Length top = standingOver ? outside.y() : inside.y();
        Length right = inside.x().plus(inside.width());
        Length low = inside.y().plus(inside.height());
        side(Side.UPPER, lying, left, outside.y());
        side(Side.RIGHT, standing, right, top);
        side(Side.LOWER, lying, left, low);
        side(Side.LEFT, standing, outside.x(), top);
        if (corners == Corners.UNITS) {
            corner(1, "upper left corner", Side.LEFT, Side.UPPER, outside.x(), outside.y());
            corner(2, "upper right corner", Side.UPPER, Side.RIGHT, right, outside.y());
            corner(3, "lower right corner", Side.RIGHT, Side.LOWER, right, low);
            corner(4, "lower left corner", Side.LOWER, Side.LEFT, outside.x(), low);
        }
    }

    private void side(Side side, Length length, Length right, Length low) {
        Length deep = widths.of(side);
        if (deep.isZero()) {
            return;
        }
        PartId id = new PartId.BorderSide(index + 1, side.number());
        String where = "border " + (index + 1) + ", " + side.words();
        BorderSideDesign made = border.on(side);
        Figure figure;
        Kind kind;
        if (made.madeOfUnits()) {
            kind = Kind.PIECED_BORDER;
            figure = row(made, side, id, where, length, deep);
        } else if (corners == Corners.MITRED) {
            kind = Kind.MITRED_BORDER;
            figure = blocks.edges().dressed(mitred(length, deep, made.cloth()), id);
        } else {
            kind = Kind.BORDER;
            figure = blocks.edges().dressed(Figure.plain(length, deep, made.cloth()), id);
        }
        add(kind, id, where, figure, Placing.turned(length, deep, false, side.number() - 1, right, low));
    }

    private static Figure mitred(Length length, Length deep, String cloth) {
        Polygon outline = Polygon.of(
                Point.ORIGIN, Point.at(length, Length.ZERO), Point.at(length.minus(deep), deep), Point.at(deep, deep));
        return Figure.outline(outline, new PlainPatch(length, deep), length, deep, cloth);
    }

    private Figure row(BorderSideDesign made, Side side, PartId id, String where, Length length, Length deep) {
        RowOfUnits row =
                new RowOfUnits(made.units(), sizes.on(side).unitLength(), made.mirrorAtMiddle(), made.middle());
        Length over = row.remainder(length, deep);
        List<Problem> blank = over.isZero() ? List.of() : List.of(uneven(where, row, length, deep, over));
        Map<Integer, Map<String, String>> others = blocks.edges().at(id);
        return row.figure(
                length, deep, where, blocks::block, design.system(), blank, i -> others.getOrDefault(i, Map.of()));
    }

    private Problem uneven(String where, RowOfUnits row, Length length, Length deep, Length over) {
        LengthWriter writer = design.system().writer();
        return new Problem(
                where.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + where.substring(1),
                "is shorter than its units: steps of " + writer.writeWithUnit(row.step(deep))
                        + " finished do not divide " + writer.writeWithUnit(length) + "; " + writer.writeWithUnit(over)
                        + " stays blank",
                border.unlike().isEmpty()
                        ? "take a spacer before it or another size, as offered beside the border"
                        : "take another width of this side, or of a plain border inside it");
    }

    /** A corner between two sides, of which the first is as wide as it is long before it is turned into its place. */
    private void corner(int number, String name, Side before, Side after, Length right, Length low) {
        Length boxWidth = widths.of(before);
        Length boxHeight = widths.of(after);
        if (boxWidth.isZero() || boxHeight.isZero()) {
            return;
        }
        PartId id = new PartId.BorderCorner(index + 1, number);
        String where = "border " + (index + 1) + ", " + name;
        UnitDesign unit = border.corner().isEmpty()
                ? UnitDesign.plain(border.cloth())
                : border.corner().getFirst();
        Figure figure =
                blocks.edges().dressed(Figure.of(unit, boxWidth, boxHeight, where, blocks::block, design.system()), id);
        add(Kind.BORDER_CORNER, id, where, figure, Placing.turned(boxWidth, boxHeight, false, number - 1, right, low));
    }

    private void add(Kind kind, PartId id, String where, Figure figure, Placing placing) {
        parts.add(new TopPart(kind, id, where, -1, -1, kind.label(), "", figure, placing, index));
        figure.flaws().forEach(problem -> flaws.add(new Flaw(id, problem)));
    }

    /** What would make a row all round come out even; nothing where it does, or where the sides are unlike. */
    Optional<BorderFit> fit(SewingSettings settings) {
        BorderSideDesign upper = border.on(Side.UPPER);
        if (!border.unlike().isEmpty() || !upper.madeOfUnits()) {
            return Optional.empty();
        }
        RowOfUnits row =
                new RowOfUnits(upper.units(), sizes.alike().unitLength(), upper.mirrorAtMiddle(), upper.middle());
        return BorderFit.of(index, row, corners, sizes.width(), inside.width(), inside.height(), settings);
    }
}
