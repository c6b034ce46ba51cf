/** Exact geometry as the numbers that SVG wants. */
@NullMarked
package org.goldentally.app.drawing;

import org.jspecify.annotations.NullMarked;
