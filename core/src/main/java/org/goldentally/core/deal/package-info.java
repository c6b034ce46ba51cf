/** Dealing the prints of a pack to the places of a scrappy top. */
@NullMarked
package org.goldentally.core.deal;

import org.jspecify.annotations.NullMarked;
