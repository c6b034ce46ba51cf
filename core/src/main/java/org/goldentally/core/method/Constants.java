package org.goldentally.core.method;

import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;

/**
 * What the seam adds on the diagonal, derived from the seam allowance {@code a} (geometry; docs/rules.md has the
 * derivations).
 */
final class Constants {

    private Constants() {}

    /** What one diagonal seam takes from a square's side: {@code a·√2}, 0.354 in for a 1/4 in seam. */
    static Length diagonalSeam(SewingSettings settings) {
        return settings.seamAllowance().timesRootTwo();
    }

    /**
     * Added to the finished size to get the square cut for two half-square triangles: {@code a·(2 + √2)}, for a 1/4 in
     * seam 0.854 in, which the trade rounds up to 7/8 in.
     */
    static Length halfSquare(SewingSettings settings) {
        return settings.seamAllowance().times(2).plus(diagonalSeam(settings));
    }

    /**
     * Added to the finished size to get the square cut for hourglasses and quarter-square triangles: {@code a·(2 +
     * 2·√2)}, for a 1/4 in seam 1.207 in, which the trade rounds up to 1 1/4 in.
     */
    static Length quarterSquare(SewingSettings settings) {
        return settings.seamAllowance().times(2).plus(diagonalSeam(settings).times(2));
    }
}
