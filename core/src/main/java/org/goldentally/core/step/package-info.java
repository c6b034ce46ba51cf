/**
 * How a unit is made, step by step, as drawings in exact geometry: the pieces as they lie, the lines to mark, stitch and
 * cut, the opened unit, the square to trim to.
 */
@NullMarked
package org.goldentally.core.step;

import org.jspecify.annotations.NullMarked;
