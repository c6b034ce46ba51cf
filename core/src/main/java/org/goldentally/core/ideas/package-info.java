/** Tops that the cloth at hand makes: blocks of the shelf dressed, set and sized for it, each a quilt to start from. */
@NullMarked
package org.goldentally.core.ideas;

import org.jspecify.annotations.NullMarked;
