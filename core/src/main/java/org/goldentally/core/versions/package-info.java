/** Versions of a quilt side by side: what differs between them. */
@NullMarked
package org.goldentally.core.versions;

import org.jspecify.annotations.NullMarked;
