/** The methods by which units are made, one small class each, and what they share. */
@NullMarked
package org.goldentally.core.piecing.method;

import org.jspecify.annotations.NullMarked;
