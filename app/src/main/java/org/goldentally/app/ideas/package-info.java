/** Where a quilt begins: tops that the shelf makes, and quilts of our own. */
@NullMarked
package org.goldentally.app.ideas;

import org.jspecify.annotations.NullMarked;
