package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Input;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * Two large pieces with a grid of cells drawn on them, sewn on both sides of the diagonals, which alternate from cell to
 * cell so that one seam runs on: two units a cell. The sheet is as large as the cloth and the hands allow.
 */
public final class GridOfCells implements PiecingMethod {

    /** A sheet larger than this is cut into several: 22 in, the longer side of a fat quarter (common practice, no source). */
    static final Length LARGEST_SHEET = Length.inches(22);

    @Override
    public MethodId id() {
        return MethodId.GRID_OF_CELLS;
    }

    @Override
    public boolean makes(PatchworkUnit unit) {
        return unit instanceof HalfSquareTriangleUnit;
    }

    @Override
    public Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece) {
        Length finished = unit.finishedWidth();
        Length trimmed = settings.unfinished(finished);
        CutRule rule = Sizes.halfSquare("Cell", finished, Sizes.roomForOneSeam(settings), settings)
                .orOwn(settings);
        Length cell = rule.cut(settings);
        long across = cellsAlong(piece.width(), cell);
        long down = cellsAlong(piece.length(), cell);
        Figures sewn = Sizes.figures(Input.CUT, cell, settings).and(Input.TRIMMED, trimmed);
        Length raw = Rules.RAW_ONE_SEAM.exactly(sewn);
        Length width = cell.times(across);
        Length height = cell.times(down);
        int cells = Math.toIntExact(across * down);
        String cellText = Sizes.write(cell, settings);
        return Recipe.forA("sheet")
                .takes(CutPiece.rectangles(ClothRole.A, "print", "sheet", width, height, 1))
                .takes(CutPiece.rectangles(ClothRole.B, "background", "sheet", width, height, 1))
                .rulerSetTo(cell)
                .gives(2 * cells)
                .sizes(UnitSizes.square(raw, trimmed, finished))
                .sewn(
                        Math.toIntExact(across - 1 + down - 1) + cells,
                        cell.timesRootTwo()
                                .minus(settings.seamAllowance().times(2))
                                .times(2L * cells))
                .widestSeam(Rules.WIDEST_ONE_SEAM.exactly(sewn))
                .cutBy(rule, settings)
                .because("Cut sheet", () -> across + " × " + down + " cells of " + cellText)
                .because(() -> Sizes.rawWorking(Rules.RAW_ONE_SEAM, sewn, settings))
                .because(() -> Sizes.trimmedWorking(finished, settings))
                .because("Units", () -> across + " × " + down + " cells × 2 = " + 2 * cells)
                .build();
    }

    private static long cellsAlong(Length side, Length cell) {
        return Math.max(1, Length.min(side, LARGEST_SHEET).wholeTimes(cell));
    }
}
