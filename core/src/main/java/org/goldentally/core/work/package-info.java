/** How much one question may cost, and how it is called off. */
@NullMarked
package org.goldentally.core.work;

import org.jspecify.annotations.NullMarked;
