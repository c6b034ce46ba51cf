/** How pieces are cut from a piece of cloth: straight cuts through the whole of what remains, strips first. */
@NullMarked
package org.goldentally.core.cutting;

import org.jspecify.annotations.NullMarked;
