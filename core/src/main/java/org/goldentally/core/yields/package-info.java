/** What a piece of cloth gives of a unit, by each method that makes it, or why it gives none. */
@NullMarked
package org.goldentally.core.yields;

import org.jspecify.annotations.NullMarked;
