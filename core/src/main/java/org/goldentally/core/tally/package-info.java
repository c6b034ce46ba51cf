/** What a top needs of each cloth, what is on the shelf, what is short and what is left, with the working behind it. */
@NullMarked
package org.goldentally.core.tally;

import org.jspecify.annotations.NullMarked;
