/** Patchwork units, by the trade's names: what they are, how they look, when two of them are the same. */
@NullMarked
package org.goldentally.core.unit;

import org.jspecify.annotations.NullMarked;
