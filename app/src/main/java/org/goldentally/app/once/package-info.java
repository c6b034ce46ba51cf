/** Calls that change something, and may be sent again. */
@NullMarked
package org.goldentally.app.once;

import org.jspecify.annotations.NullMarked;
