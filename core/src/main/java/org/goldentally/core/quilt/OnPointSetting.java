package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.meaning.TopSizes;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.PartId.Slant;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.UnitDrawing;

/**
 * Blocks standing on their corners: rows of so many across, and between them rows of one less. 3 across and 4 down are
 * 3 × 4 and 2 × 3 blocks, 10 side triangles and 4 corner triangles.
 *
 * <p>Centres of blocks lie a pitch {@code p = (block + sashing)·√2} apart, and the edges of the top run through the
 * centres of the blocks that are missing there. So a side triangle is half a block's square and a corner triangle a
 * quarter of it, with sashing or without; cornerstones on the edge are cut in half.
 */
final class OnPointSetting {

    private final QuiltDesign design;
    private final TopSizes sizes;
    private final BlockFigures blocks;
    private final List<Flaw> flaws;
    private final List<TopPart> parts = new ArrayList<>();
    private final Length side;
    private final Length pitch;
    private final int across;
    private final int down;

    OnPointSetting(QuiltDesign design, TopSizes sizes, BlockFigures blocks, List<Flaw> flaws) {
        this.design = design;
        this.sizes = sizes;
        this.blocks = blocks;
        this.flaws = flaws;
        this.side = sizes.blockWidth();
        this.pitch = side.plus(sizes.sashing()).timesRootTwo();
        this.across = design.setting().across();
        this.down = design.setting().down();
    }

    Centre lay() {
        for (int r = 0; r < 2 * down - 1; r++) {
            for (int c = 0; c < blocksIn(r); c++) {
                String where = "row " + (r + 1) + ", block " + (c + 1);
                TopPart part = blocks.part(r, c, where, Length.ZERO, Length.ZERO, flaws);
                parts.add(onPoint(part, centre(r, c)));
            }
        }
        if (sizes.sashing().isPositive()) {
            sash();
        }
        triangles();
        return new Centre(pitch.times(across), pitch.times(down), parts);
    }

    private int blocksIn(int row) {
        return row % 2 == 0 ? across : across - 1;
    }

    private boolean isBlock(int row, int column) {
        return row >= 0 && row < 2 * down - 1 && column >= 0 && column < blocksIn(row);
    }

    private Point centre(int row, int column) {
        return Point.at(
                pitch.times(2L * column + 1 + row % 2).dividedBy(2),
                pitch.times(row + 1L).dividedBy(2));
    }

    private static TopPart onPoint(TopPart part, Point centre) {
        Placing placing = part.placing();
        return new TopPart(
                part.kind(),
                part.id(),
                part.where(),
                part.row(),
                part.column(),
                part.name(),
                part.blockKey(),
                part.figure(),
                onPoint(placing.boxWidth(), placing.boxHeight(), placing.mirrored(), placing.quarterTurns(), centre));
    }

    /** Turned by 45 degrees about its own centre, which comes to lie where told. */
    private static Placing onPoint(Length width, Length height, boolean mirrored, int turns, Point centre) {
        Placing flat = new Placing(width, height, mirrored, turns, true, Length.ZERO, Length.ZERO);
        Length w = flat.turnedWidth();
        Length h = flat.turnedHeight();
        Length dx = w.minus(h).dividedBy(2).dividedByRootTwo();
        Length dy = w.plus(h).dividedBy(2).dividedByRootTwo();
        return flat.movedBy(centre.x().minus(dx), centre.y().minus(dy));
    }

    private void triangles() {
        PatchworkUnit sideTriangle = new SideSettingTriangle(side);
        Length w = sideTriangle.finishedWidth();
        Length h = sideTriangle.finishedHeight();
        Length right = pitch.times(across).minus(h);
        Length bottom = pitch.times(down).minus(h);
        Figure figure = loose(sideTriangle, design.setting().cloth());
        for (int i = 1; i < across; i++) {
            Length x = pitch.times(i).minus(w.dividedBy(2));
            triangle(
                    new PartId.SideTriangle(PartId.Side.TOP, i),
                    "top, triangle " + i,
                    figure,
                    Placing.turned(w, h, false, 2, x, Length.ZERO));
            triangle(
                    new PartId.SideTriangle(PartId.Side.BOTTOM, i),
                    "bottom, triangle " + i,
                    figure,
                    Placing.turned(w, h, false, 0, x, bottom));
        }
        for (int i = 1; i < down; i++) {
            Length y = pitch.times(i).minus(w.dividedBy(2));
            triangle(
                    new PartId.SideTriangle(PartId.Side.LEFT, i),
                    "left side, triangle " + i,
                    figure,
                    Placing.turned(w, h, false, 1, Length.ZERO, y));
            triangle(
                    new PartId.SideTriangle(PartId.Side.RIGHT, i),
                    "right side, triangle " + i,
                    figure,
                    Placing.turned(w, h, false, 3, right, y));
        }
        corners();
    }

    private void corners() {
        PatchworkUnit cornerTriangle = new CornerSettingTriangle(side);
        Length leg = cornerTriangle.finishedWidth();
        Figure corner = loose(cornerTriangle, design.setting().cloth());
        Length right = pitch.times(across).minus(leg);
        Length low = pitch.times(down).minus(leg);
        triangle(
                new PartId.CornerTriangle(1),
                "upper left corner",
                corner,
                Placing.turned(leg, leg, false, 1, Length.ZERO, Length.ZERO));
        triangle(
                new PartId.CornerTriangle(2),
                "upper right corner",
                corner,
                Placing.turned(leg, leg, false, 2, right, Length.ZERO));
        triangle(
                new PartId.CornerTriangle(3),
                "lower right corner",
                corner,
                Placing.turned(leg, leg, false, 3, right, low));
        triangle(
                new PartId.CornerTriangle(4),
                "lower left corner",
                corner,
                Placing.turned(leg, leg, false, 0, Length.ZERO, low));
    }

    private static Figure loose(PatchworkUnit triangle, String cloth) {
        return Figure.outline(
                UnitDrawing.of(triangle).getFirst().outline(),
                triangle,
                triangle.finishedWidth(),
                triangle.finishedHeight(),
                cloth);
    }

    private void triangle(PartId id, String where, Figure figure, Placing placing) {
        parts.add(new TopPart(
                Kind.SETTING_TRIANGLE,
                id,
                where,
                -1,
                -1,
                "setting triangle",
                "",
                blocks.edges().dressed(figure, id),
                placing));
    }

    /** A strip on every side of every block, and a square, or half a square at the edge, where they meet. */
    private void sash() {
        SashingFigures figures = new SashingFigures(design, sizes, blocks);
        Set<Point> corners = new HashSet<>();
        Length quarter = pitch.dividedBy(4);
        Length half = pitch.dividedBy(2);
        for (int r = 0; r < 2 * down - 1; r++) {
            for (int c = 0; c < blocksIn(r); c++) {
                Point at = centre(r, c);
                int shift = r % 2;
                strip(figures, r, c, Slant.LOWER_RIGHT, 1, at.plus(quarter, quarter));
                strip(figures, r, c, Slant.LOWER_LEFT, 0, at.plus(quarter.negated(), quarter));
                if (!isBlock(r - 1, c - 1 + shift)) {
                    strip(figures, r, c, Slant.UPPER_LEFT, 1, at.plus(quarter.negated(), quarter.negated()));
                }
                if (!isBlock(r - 1, c + shift)) {
                    strip(figures, r, c, Slant.UPPER_RIGHT, 0, at.plus(quarter, quarter.negated()));
                }
                corners.add(at.plus(half, Length.ZERO));
                corners.add(at.plus(half.negated(), Length.ZERO));
                corners.add(at.plus(Length.ZERO, half));
                corners.add(at.plus(Length.ZERO, half.negated()));
            }
        }
        corners.stream()
                .sorted((a, b) -> a.y().equals(b.y()) ? a.x().compareTo(b.x()) : a.y().compareTo(b.y()))
                .forEach(at -> cornerstone(figures, at));
    }

    private void strip(SashingFigures figures, int row, int column, Slant slant, int turns, Point centre) {
        PartId id = new PartId.SlantingSash(row, column, slant);
        Figure strip = figures.strip(side, id);
        parts.add(new TopPart(
                Kind.SASHING,
                id,
                "row " + (row + 1) + ", block " + (column + 1) + ", " + slant.words(),
                -1,
                -1,
                Kind.SASHING.label(),
                "",
                strip,
                onPoint(side, sizes.sashing(), false, turns, centre)));
        for (Problem flaw : strip.flaws()) {
            flaws.add(new Flaw(id, flaw));
        }
    }

    private void cornerstone(SashingFigures figures, Point at) {
        Length s = sizes.sashing();
        boolean top = at.y().isZero();
        boolean left = at.x().isZero();
        boolean right = at.x().equals(pitch.times(across));
        PartId id = new PartId.CornerstoneOnPoint(parts.size());
        Placing placing;
        Figure figure;
        if (top || left || right || at.y().equals(pitch.times(down))) {
            PatchworkUnit halfStone = new QuarterSquareTriangle(s.timesRootTwo());
            Length w = halfStone.finishedWidth();
            Length h = halfStone.finishedHeight();
            figure = blocks.edges().dressed(loose(halfStone, figures.cornerstoneCloth()), id);
            Length x = left ? Length.ZERO : at.x().minus(h);
            Length y = top ? Length.ZERO : at.y().minus(h);
            placing = Placing.turned(w, h, false, top ? 2 : left ? 1 : right ? 3 : 0, x, y);
        } else {
            figure = figures.cornerstone(id);
            placing = onPoint(s, s, false, 0, at);
        }
        parts.add(new TopPart(
                Kind.CORNERSTONE, id, "between the blocks", -1, -1, Kind.CORNERSTONE.label(), "", figure, placing));
    }
}
