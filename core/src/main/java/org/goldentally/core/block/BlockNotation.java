package org.goldentally.core.block;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Known;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.UnitKind;

/**
 * Writes a block down in few letters, for the shelf of traditional blocks and for tests.
 *
 * <p>A grid is a line of columns and a line of rows ({@code 1 2 1}); then each row of cells has a word a cell:
 *
 * <ul>
 *   <li>the letter of the unit: {@code h} half-square, {@code q} hourglass, {@code s} split quarter, {@code g} goose,
 *       {@code c} corner flip, {@code l} segment of a strip set, {@code z} strip-set triangle square, {@code r} pieced
 *       half, {@code p} plain, {@code b} smaller block,
 *   <li>its count of corners, strips or rows, if any; {@code ~1/3} for the size of a corner,
 *   <li>{@code .1} to {@code .3} quarter turns, {@code m} mirrored first,
 *   <li>{@code *2x1} where it takes more cells; those it covers are a single {@code .},
 *   <li>after a colon a letter for the cloth of each patch, the last one going on; for a pieced half a letter for each
 *       part; for a smaller block its key.
 * </ul>
 */
final class BlockNotation {

    private static final Pattern WORD = Pattern.compile(
            "([hqsgclzrpb])(\\d)?(?:~(\\d/\\d))?" + "(?:\\.([0-3]))?(m)?(?:\\*(\\d+)x(\\d+))?:([a-z0-9-]+)");

    private static final Map<String, UnitKind> KINDS = Map.of(
            "h", UnitKind.HALF_SQUARE,
            "q", UnitKind.HOURGLASS,
            "s", UnitKind.SPLIT_QUARTER,
            "g", UnitKind.FLYING_GOOSE,
            "c", UnitKind.CORNER_FLIP,
            "l", UnitKind.STRIP_SET_SEGMENT,
            "z", UnitKind.STRIP_SET_TRIANGLE,
            "r", UnitKind.PIECED_HALF,
            "p", UnitKind.PLAIN,
            "b", UnitKind.BLOCK);

    private BlockNotation() {}

    static Block read(String key, String name, String columns, String rows, String... cells) {
        List<BlockPart> parts = new ArrayList<>();
        for (int r = 0; r < cells.length; r++) {
            String[] words = cells[r].strip().split("\\s+");
            for (int c = 0; c < words.length; c++) {
                if (!words[c].equals(".")) {
                    parts.add(part(words[c], c, r));
                }
            }
        }
        return new Block(key, name, numbers(columns), numbers(rows), parts);
    }

    private static List<Integer> numbers(String line) {
        return Stream.of(line.split(" ")).map(Integer::valueOf).toList();
    }

    private static BlockPart part(String word, int column, int row) {
        Matcher matcher = WORD.matcher(word);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("cannot read the cell " + word);
        }
        UnitKind kind = Known.of(KINDS, matcher.group(1));
        int count = matcher.group(2) == null ? kind.usualCount() : Integer.parseInt(matcher.group(2));
        String corner = matcher.group(3) == null ? "1/2" : matcher.group(3);
        int turns = matcher.group(4) == null ? 0 : Integer.parseInt(matcher.group(4));
        boolean mirrored = matcher.group(5) != null;
        int columns = matcher.group(6) == null ? 1 : Integer.parseInt(matcher.group(6));
        int rows = matcher.group(7) == null ? 1 : Integer.parseInt(matcher.group(7));
        String last = matcher.group(8);
        UnitDesign unit = kind == UnitKind.BLOCK
                ? new UnitDesign(kind, 0, "1/2", last, turns, mirrored, List.of())
                : new UnitDesign(kind, count, corner, "", turns, mirrored, cloths(kind, count, last));
        return new BlockPart(column, row, columns, rows, unit);
    }

    private static List<String> cloths(UnitKind kind, int count, String letters) {
        List<String> cloths = new ArrayList<>();
        if (kind == UnitKind.PIECED_HALF) {
            UnitDrawing.of(kind.unit(Length.inches(1), Length.inches(1), count, 1, 2, List.of()))
                    .forEach(patch -> cloths.add(letter(letters, patch.cloth().place())));
        } else {
            for (int i = 0; i < kind.patches(count); i++) {
                cloths.add(letter(letters, i));
            }
        }
        return cloths;
    }

    private static String letter(String letters, int index) {
        return letters.substring(Math.min(index, letters.length() - 1), Math.min(index, letters.length() - 1) + 1);
    }
}
