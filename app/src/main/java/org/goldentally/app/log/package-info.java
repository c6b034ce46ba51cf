/** The bench log of each quilt, which only grows. */
@NullMarked
package org.goldentally.app.log;

import org.jspecify.annotations.NullMarked;
