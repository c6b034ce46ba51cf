/** Exact points and polygons for patches, cuts and seams, all at right angles or 45 degrees. */
@NullMarked
package org.goldentally.core.geometry;

import org.jspecify.annotations.NullMarked;
