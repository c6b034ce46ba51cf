/** What finishes a top: long strips of borders and sashing joined into runs, binding and backing. */
@NullMarked
package org.goldentally.core.finishing;

import org.jspecify.annotations.NullMarked;
