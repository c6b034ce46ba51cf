/** What a top needs, what is on the shelf, what is short and what is left, with the working behind each figure. */
@NullMarked
package org.goldentally.core.tally;

import org.jspecify.annotations.NullMarked;
