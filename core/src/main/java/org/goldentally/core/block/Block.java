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
    static final int WIDEST = 48;

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

    /** Cells of its grid from top to bottom, a wide row counted as many: 4 for rows of 1, 2 and 1. */
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

    /** A half of a block. */
    public enum Half {
        LEFT("left", "<"),
        RIGHT("right", ">"),
        UPPER("upper", "^"),
        LOWER("lower", "_");

        private final String word;
        private final String mark;

        Half(String word, String mark) {
            this.word = word;
            this.mark = mark;
        }

        private boolean isUpright() {
            return this == LEFT || this == RIGHT;
        }

        private boolean isFirst() {
            return this == LEFT || this == UPPER;
        }

        /** Whether it is narrower than the block, and not lower. */
        public boolean isNarrow() {
            return isUpright();
        }

        /**
         * Which half of the block as designed is seen as this one once the block is mirrored, left to right, and then
         * turned so many quarters clockwise: of a block turned once the right half is what was its upper one.
         */
        public Half before(boolean mirrored, int quarterTurns) {
            Half[] clockwise = {RIGHT, LOWER, LEFT, UPPER};
            int at = java.util.Arrays.asList(clockwise).indexOf(this);
            Half turnedBack = clockwise[Math.floorMod(at - quarterTurns, 4)];
            if (!mirrored || !turnedBack.isUpright()) {
                return turnedBack;
            }
            return turnedBack == LEFT ? RIGHT : LEFT;
        }
    }

    /** A half as a block of its own; empty where no seam runs along the middle. */
    public Optional<Block> half(Half half) {
        List<Integer> lines = half.isUpright() ? columns : rows;
        int middle = middleLine(lines);
        if (middle < 0 || parts.stream().anyMatch(part -> crosses(part, half, middle))) {
            return Optional.empty();
        }
        int from = half.isFirst() ? 0 : middle;
        int to = half.isFirst() ? middle : lines.size();
        List<BlockPart> kept = new ArrayList<>();
        for (BlockPart part : parts) {
            int at = half.isUpright() ? part.column() : part.row();
            if (at >= from && at < to) {
                kept.add(new BlockPart(
                        half.isUpright() ? at - from : part.column(),
                        half.isUpright() ? part.row() : at - from,
                        part.columns(),
                        part.rows(),
                        part.unit()));
            }
        }
        String halfName = clip(half.word + " half of " + name);
        List<Integer> keptLines = lines.subList(from, to);
        return Optional.of(
                half.isUpright()
                        ? new Block(key + half.mark, halfName, keptLines, rows, kept)
                        : new Block(key + half.mark, halfName, columns, keptLines, kept));
    }

    private static boolean crosses(BlockPart part, Half half, int middle) {
        return half.isUpright()
                ? part.column() < middle && part.column() + part.columns() > middle
                : part.row() < middle && part.row() + part.rows() > middle;
    }

    static String clip(String name) {
        return name.length() > 80 ? name.substring(0, 80) : name;
    }

    private static int middleLine(List<Integer> lines) {
        for (int line = 1; line < lines.size(); line++) {
            if (2 * sum(lines, line) == sum(lines, lines.size())) {
                return line;
            }
        }
        return -1;
    }
}
