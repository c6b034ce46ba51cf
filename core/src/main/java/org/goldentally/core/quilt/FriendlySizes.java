package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.goldentally.core.block.Block;
import org.goldentally.core.measure.Grid;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.problem.Problem;

/**
 * Block sizes that a ruler can cut: a block of three columns at 8 in has units of 2 2/3 in, at 7 1/2 or 9 in it is
 * friendly. A size is friendly if every column and row of every block in use falls on the ruler's marks.
 */
final class FriendlySizes {

    private FriendlySizes() {}

    static List<Problem> notices(QuiltTop top) {
        List<Problem> notices = new ArrayList<>();
        Set<Block> used = new LinkedHashSet<>();
        top.parts().stream()
                .filter(TopPart::isBlock)
                .map(TopPart::blockKey)
                .distinct()
                .forEach(key -> top.design().block(key).ifPresent(used::add));
        Length width = top.sizes().blockWidth();
        Length height = top.sizes().blockHeight();
        boolean square = width.equals(height);
        check(used, square ? "Block size" : "Block size, width", width, true, top, notices);
        if (!square || used.stream().anyMatch(block -> block.across() != block.down())) {
            check(used, square ? "Block size" : "Block size, height", height, false, top, notices);
        }
        return notices;
    }

    private static void check(
            Set<Block> used, String where, Length side, boolean across, QuiltTop top, List<Problem> notices) {
        Grid grid = top.settings().grid();
        long all = 1;
        Block awkward = null;
        for (Block block : used) {
            int lines = across ? block.across() : block.down();
            all = lcm(all, lines);
            if (awkward == null && !side.dividedBy(lines).isOn(grid)) {
                awkward = block;
            }
        }
        if (awkward == null) {
            return;
        }
        LengthWriter writer = top.settings().system().writer();
        int lines = across ? awkward.across() : awkward.down();
        Length friendly = grid.step().times(all);
        long whole = side.wholeTimes(friendly);
        String below = whole > 0 ? writer.write(friendly.times(whole)) + " and " : "";
        notices.add(new Problem(
                where,
                writer.writeWithUnit(side) + " over the " + lines + (across ? " columns of " : " rows of ")
                        + awkward.name() + " gives units of " + writer.writeWithUnit(side.dividedBy(lines))
                        + " finished, which is not on a ruler with marks every " + grid.label(),
                "friendly finished sizes nearby are " + below + writer.writeWithUnit(friendly.times(whole + 1))));
    }

    private static long lcm(long a, long b) {
        long x = a;
        long y = b;
        while (y != 0) {
            long rest = x % y;
            x = y;
            y = rest;
        }
        return a / x * b;
    }
}
