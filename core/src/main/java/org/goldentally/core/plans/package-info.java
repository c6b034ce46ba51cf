/** The best plan for this shelf: methods and ways of cutting chosen together, and what would make the cloth do. */
@NullMarked
package org.goldentally.core.plans;

import org.jspecify.annotations.NullMarked;
