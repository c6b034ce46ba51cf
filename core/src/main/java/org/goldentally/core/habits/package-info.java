/** How one quilter works: her seam, her ruler, her school of allowance, how she marks and presses. */
@NullMarked
package org.goldentally.core.habits;

import org.jspecify.annotations.NullMarked;
