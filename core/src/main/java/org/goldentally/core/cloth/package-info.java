/** Cloths and the pieces of them: precut forms, yardage and scraps, as typed in one line. */
@NullMarked
package org.goldentally.core.cloth;

import org.jspecify.annotations.NullMarked;
