package org.goldentally.core.block;

import org.goldentally.core.problem.Limits;

/** A unit at its place in the block's grid: from this column and row on, over so many of them. */
public record BlockPart(int column, int row, int columns, int rows, UnitDesign unit) {

    public BlockPart {
        Limits.required(unit, "unit");
        Limits.between(column, 0, Block.MOST_LINES - 1, "column");
        Limits.between(row, 0, Block.MOST_LINES - 1, "row");
        Limits.between(columns, 1, Block.MOST_LINES, "columns");
        Limits.between(rows, 1, Block.MOST_LINES, "rows");
    }

    BlockPart withUnit(UnitDesign other) {
        return new BlockPart(column, row, columns, rows, other);
    }
}
