package org.goldentally.core.piecing;

import org.goldentally.core.cutting.CutSize;

/**
 * A piece that a set takes: cloth A, 1 square cut 10 in.
 *
 * @param role which cloth of the unit
 * @param clothLabel what that cloth is called at the table: {@code print}, {@code background}
 * @param name {@code square}, {@code rectangle}, {@code strip}
 * @param size its cut size
 * @param perSet how many one set takes
 */
public record CutPiece(ClothRole role, String clothLabel, String name, CutSize size, int perSet) {}
