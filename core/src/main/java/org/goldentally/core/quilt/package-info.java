/** The whole top: blocks across and down, its sizes and its patches for drawing. */
@NullMarked
package org.goldentally.core.quilt;

import org.jspecify.annotations.NullMarked;
