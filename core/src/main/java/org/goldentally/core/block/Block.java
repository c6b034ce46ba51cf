package org.goldentally.core.block;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.goldentally.core.problem.Limits;

/**
 * A block as designed: a grid whose columns and rows may differ in width, with units in its cells. It has no size of its
 * own; it is laid out at one by {@link Figure#of}.
 *
 * @param key how the quilt refers to it
 * @param columns relative widths of the columns: {@code 1, 2, 1}
 * @param rows relative heights of the rows
 */
public record Block(String key, String name, List<Integer> columns, List<Integer> rows, List<BlockPart> parts) {

    /** Columns or rows of a grid, at most (our own limit). */
    public static final int MOST_LINES = 24;

    /** The widest column for its neighbours (our own limit). */
    private static final int WIDEST = 48;

    public Block {
        Limits.text(key, 60, "key");
        Limits.text(name, 80, "name");
        checkLines(columns, "columns");
        checkLines(rows, "rows");
        Limits.list(parts, MOST_LINES * MOST_LINES, "parts");
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
        parts = List.copyOf(parts);
    }

    private static void checkLines(List<Integer> lines, String field) {
        Limits.list(lines, MOST_LINES, field);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException(field + " has no entry");
        }
        lines.forEach(line -> Limits.between(line, 1, WIDEST, field));
    }

    /** The block over so many equal columns and rows, with nothing in it yet. */
    public static Block empty(String key, String name, int columns, int rows) {
        return new Block(
                key,
                name,
                java.util.Collections.nCopies(columns, 1),
                java.util.Collections.nCopies(rows, 1),
                List.of());
    }

    /** The same units without their cloths. */
    public Block undressed() {
        return withUnits(UnitDesign::undressed);
    }

    /** The block with each of its units changed. */
    public Block withUnits(UnaryOperator<UnitDesign> change) {
        return new Block(
                key,
                name,
                columns,
                rows,
                parts.stream()
                        .map(part -> part.withUnit(change.apply(part.unit())))
                        .toList());
    }

    /** The sum of the column widths: 1:2:1 is 4. */
    public int across() {
        return sum(columns, columns.size());
    }

    public int down() {
        return sum(rows, rows.size());
    }

    static int sum(List<Integer> lines, int first) {
        return lines.subList(0, first).stream().mapToInt(Integer::intValue).sum();
    }

    /** {@code 3 × 3}, or {@code 1:2:1 × 1:2:1} where the columns or rows differ. */
    public String grid() {
        return lines(columns) + " × " + lines(rows);
    }

    private static String lines(List<Integer> lines) {
        if (lines.stream().distinct().count() == 1) {
            return String.valueOf(lines.size());
        }
        return String.join(":", lines.stream().map(String::valueOf).toList());
    }

    /** The left half as a block of its own; empty where no seam runs down the middle. */
    public Optional<Block> leftHalf() {
        return half(0);
    }

    public Optional<Block> rightHalf() {
        return half(1);
    }

    private Optional<Block> half(int which) {
        int middle = middleLine();
        if (middle < 0
                || parts.stream().anyMatch(part -> part.column() < middle && part.column() + part.columns() > middle)) {
            return Optional.empty();
        }
        int from = which == 0 ? 0 : middle;
        int to = which == 0 ? middle : columns.size();
        List<BlockPart> kept = new ArrayList<>();
        for (BlockPart part : parts) {
            if (part.column() >= from && part.column() < to) {
                kept.add(new BlockPart(part.column() - from, part.row(), part.columns(), part.rows(), part.unit()));
            }
        }
        String name = (which == 0 ? "left" : "right") + " half of " + this.name;
        return Optional.of(
                new Block(key + (which == 0 ? "<" : ">"), clip(name), columns.subList(from, to), rows, kept));
    }

    private static String clip(String name) {
        return name.length() > 80 ? name.substring(0, 80) : name;
    }

    private int middleLine() {
        for (int line = 1; line < columns.size(); line++) {
            if (2 * sum(columns, line) == across()) {
                return line;
            }
        }
        return -1;
    }
}
