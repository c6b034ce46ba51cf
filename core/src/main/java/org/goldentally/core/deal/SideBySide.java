package org.goldentally.core.deal;

import org.goldentally.core.design.SettingDesign;

/**
 * Which places lie side by side, as steps of row and column downwards and to the right, by how the rows are set: straight
 * rows above each other, every other row shifted by half a block, or on point, where the rows between stand in the gaps.
 *
 * @param touching blocks with an edge in common, or with sashing between
 * @param nearby blocks that are the next nearest
 */
@SuppressWarnings("ArrayRecordComponent")
record SideBySide(int[][] touching, int[][] nearby) {

    static SideBySide of(SettingDesign.Kind setting, int row) {
        boolean even = row % 2 == 0;
        return switch (setting) {
            case STRAIGHT ->
                new SideBySide(new int[][] {{0, 1}, {1, 0}}, new int[][] {{1, 1}, {1, -1}, {0, 2}, {2, 0}});
            case HALF_DROP ->
                new SideBySide(new int[][] {{0, 1}, {1, 0}, {1, even ? 1 : -1}}, new int[][] {{0, 2}, {2, 0}});
            case ON_POINT -> new SideBySide(new int[][] {{1, 0}, {1, even ? -1 : 1}}, new int[][] {{0, 1}, {2, 0}});
        };
    }
}
