/** Many of a quilt: kits for a class or a shop, cut together. */
@NullMarked
package org.goldentally.app.kits;

import org.jspecify.annotations.NullMarked;
