/** Which sets are made for the units of a top, by which method, and what cloth is cut for them. */
@NullMarked
package org.goldentally.core.making;

import org.jspecify.annotations.NullMarked;
