/**
 * Patchwork units and the methods by which they are made: what is cut, what comes off the machine, what it is trimmed
 * to, and how many a piece of cloth gives.
 *
 * <p>Four sizes are kept apart everywhere: <b>finished</b> (what shows in the sewn quilt), <b>unfinished</b> or
 * <b>trimmed</b> (finished and a seam allowance all round), <b>raw</b> (what comes off the machine, before trimming) and
 * <b>cut</b> (what is cut from cloth before anything is sewn). The methods themselves are in {@code method}, one small
 * class each; {@link org.goldentally.core.piecing.Methods} lists them and {@link
 * org.goldentally.core.piecing.YieldEngine} asks them.
 */
@NullMarked
package org.goldentally.core.piecing;

import org.jspecify.annotations.NullMarked;
