/** Making many of a quilt: kits for a class or a shop, cut together, in one colourway or several. */
@NullMarked
package org.goldentally.core.kits;

import org.jspecify.annotations.NullMarked;
