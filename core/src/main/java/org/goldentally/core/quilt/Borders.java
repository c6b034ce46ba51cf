package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;

/**
 * Borders round the centre, one after the other from the inside out.
 *
 * <p>Each side is laid out as if it were the upper one and then turned into its place, so that what points outwards there
 * does so on every side. Butted: the long sides first, then the short ones over their ends.
 */
final class Borders {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final List<Flaw> flaws;
    private final List<BorderFit> fits = new ArrayList<>();
    private final List<TopPart> parts;
    private Length x = Length.ZERO;
    private Length y = Length.ZERO;
    private Length width;
    private Length height;

    Borders(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws, Centre centre) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
        this.parts = new ArrayList<>(centre.parts());
        this.width = centre.width();
        this.height = centre.height();
    }

    /** Everything with the upper left corner of the outermost border at the origin. */
    Centre lay() {
        for (int i = 0; i < design.borders().size(); i++) {
            ring(i);
        }
        return new Centre(
                width,
                height,
                parts.stream()
                        .map(part -> part.movedBy(x.negated(), y.negated()))
                        .toList());
    }

    List<BorderFit> fits() {
        return fits;
    }

    private void ring(int index) {
        BorderDesign border = design.borders().get(index);
        Length across = sizes.borders().get(index);
        Length upright = across;
        if (border.kind() == BorderDesign.Kind.SPACER) {
            if (isFollowedByPieced(index)) {
                across = spacer(index, width, true);
                upright = spacer(index, height, false);
            } else {
                flaw(
                        index,
                        "a spacer makes a pieced border outside it come out even, and there is none",
                        "add a pieced border after it, or make this one plain");
            }
        }
        if (across.isZero() && upright.isZero()) {
            return;
        }
        // A spacer's sides are as wide as the row above them needs it, its upper and lower strips as the sides need it.
        new Ring(index, border, across, upright).lay();
        x = x.minus(across);
        y = y.minus(upright);
        width = width.plus(across.times(2));
        height = height.plus(upright.times(2));
    }

    private boolean isFollowedByPieced(int index) {
        return index + 1 < design.borders().size()
                && design.borders().get(index + 1).kind() == BorderDesign.Kind.PIECED
                && !design.borders().get(index + 1).units().isEmpty();
    }

    /** The width, on one pair of sides, that makes the next border's row a whole number of its steps long. */
    private Length spacer(int index, Length side, boolean lying) {
        Length least = sizes.borders().get(index);
        Length rowWidth = sizes.borders().get(index + 1);
        RowOfUnits row = row(index + 1);
        Length over = BorderFit.overhang(design.borders().get(index + 1).corners(), rowWidth, width, height, lying);
        return BorderFit.spacer(side.plus(over), row.step(rowWidth), least);
    }

    private RowOfUnits row(int index) {
        BorderDesign border = design.borders().get(index);
        return new RowOfUnits(border.units(), sizes.unitLengths().get(index), border.mirrorAtMiddle());
    }

    private void flaw(int index, String why, String fix) {
        flaws.add(new Flaw(new PartId.BorderSide(index + 1, 1), new Problem("Border " + (index + 1), why, fix)));
    }

    /** One border: four sides and, where they are apart, four corners. */
    private final class Ring {
        private final int index;
        private final BorderDesign border;
        private final Length across;
        private final Length upright;
        private final boolean pieced;
        private final Corners corners;

        /**
         * @param across width of the left and right sides
         * @param upright width of the upper and lower ones
         */
        Ring(int index, BorderDesign border, Length across, Length upright) {
            this.index = index;
            this.border = border;
            this.across = across;
            this.upright = upright;
            this.pieced =
                    border.kind() == BorderDesign.Kind.PIECED && !border.units().isEmpty();
            boolean unlike = pieced || !across.equals(upright);
            if (border.corners() == Corners.MITRED && unlike) {
                flaw(
                        index,
                        pieced
                                ? "a pieced border cannot be mitred: its units would be cut through"
                                : "a spacer of two widths cannot be mitred",
                        "choose butted sides or a unit in each corner");
                this.corners = Corners.BUTTED;
            } else {
                this.corners = border.corners();
            }
        }

        void lay() {
            boolean sidesFirst = !width.isLongerThan(height);
            boolean butted = corners == Corners.BUTTED;
            boolean mitred = corners == Corners.MITRED;
            Length lying = mitred || (butted && sidesFirst) ? width.plus(across.times(2)) : width;
            Length standing = mitred || (butted && !sidesFirst) ? height.plus(upright.times(2)) : height;
            Length left = lying.equals(width) ? x : x.minus(across);
            Length top = standing.equals(height) ? y : y.minus(upright);
            side(1, "upper side", lying, upright, across, 0, left, y.minus(upright));
            side(2, "right side", standing, across, upright, 1, x.plus(width), top);
            side(3, "lower side", lying, upright, across, 2, left, y.plus(height));
            side(4, "left side", standing, across, upright, 3, x.minus(across), top);
            if (corners == Corners.UNITS) {
                corner(1, "upper left corner", x.minus(across), y.minus(upright));
                corner(2, "upper right corner", x.plus(width), y.minus(upright));
                corner(3, "lower right corner", x.plus(width), y.plus(height));
                corner(4, "lower left corner", x.minus(across), y.plus(height));
            }
            if (pieced) {
                noteFit();
            }
        }

        /** @param end how far a mitre runs in at each end */
        private void side(
                int number, String name, Length length, Length deep, Length end, int turns, Length right, Length low) {
            PartId id = new PartId.BorderSide(index + 1, number);
            String where = "border " + (index + 1) + ", " + name;
            Figure figure;
            Kind kind;
            if (pieced) {
                kind = Kind.PIECED_BORDER;
                RowOfUnits row = row(index);
                Length over = row.remainder(length, deep);
                List<Problem> blank = over.isZero() ? List.of() : List.of(uneven(where, row, length, deep, over));
                Map<Integer, Map<String, String>> others = blocks.edges().at(id);
                figure = row.figure(
                        length,
                        deep,
                        where,
                        blocks::block,
                        design.system(),
                        blank,
                        i -> others.getOrDefault(i, Map.of()));
            } else if (corners == Corners.MITRED) {
                kind = Kind.MITRED_BORDER;
                Polygon outline = Polygon.of(
                        Point.ORIGIN,
                        Point.at(length, Length.ZERO),
                        Point.at(length.minus(end), deep),
                        Point.at(end, deep));
                figure = blocks.edges()
                        .dressed(
                                Figure.outline(outline, new PlainPatch(length, deep), length, deep, border.cloth()),
                                id);
            } else {
                kind = Kind.BORDER;
                figure = blocks.edges().dressed(Figure.plain(length, deep, border.cloth()), id);
            }
            add(kind, id, where, figure, Placing.turned(length, deep, false, turns, right, low));
        }

        private Problem uneven(String where, RowOfUnits row, Length length, Length deep, Length over) {
            LengthWriter writer = design.system().writer();
            return new Problem(
                    where.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + where.substring(1),
                    "is shorter than its units: steps of " + writer.writeWithUnit(row.step(deep))
                            + " finished do not divide " + writer.writeWithUnit(length) + "; "
                            + writer.writeWithUnit(over) + " stays blank",
                    "take a spacer before it or another size, as offered beside the border");
        }

        private void corner(int number, String name, Length right, Length low) {
            PartId id = new PartId.BorderCorner(index + 1, number);
            String where = "border " + (index + 1) + ", " + name;
            boolean turned = number % 2 == 0;
            Length boxWidth = turned ? upright : across;
            Length boxHeight = turned ? across : upright;
            UnitDesign unit = border.corner().isEmpty()
                    ? UnitDesign.plain(border.cloth())
                    : border.corner().getFirst();
            Figure figure = blocks.edges()
                    .dressed(Figure.of(unit, boxWidth, boxHeight, where, blocks::block, design.system()), id);
            add(
                    Kind.BORDER_CORNER,
                    id,
                    where,
                    figure,
                    Placing.turned(boxWidth, boxHeight, false, number - 1, right, low));
        }

        private void add(Kind kind, PartId id, String where, Figure figure, Placing placing) {
            parts.add(new TopPart(kind, id, where, -1, -1, kind.label(), "", figure, placing, index));
            figure.flaws().forEach(problem -> flaws.add(new Flaw(id, problem)));
        }

        private void noteFit() {
            BorderFit.of(index, row(index), corners, upright, width, height, sizes.settings())
                    .ifPresent(fits::add);
        }
    }
}
