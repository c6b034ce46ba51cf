/** How much is done at once, and for whom: bodies, turns of heavy work, and what is called off. */
@NullMarked
package org.goldentally.app.load;

import org.jspecify.annotations.NullMarked;
