/** Blocks: grids of units with cloths, laid out at a size; and the shelf of traditional ones. */
@NullMarked
package org.goldentally.core.block;

import org.jspecify.annotations.NullMarked;
