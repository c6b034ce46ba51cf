/** A quilt at a glance, and versions of it side by side. */
@NullMarked
package org.goldentally.app.glance;

import org.jspecify.annotations.NullMarked;
