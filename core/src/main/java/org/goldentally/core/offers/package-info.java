/** What else could be done with the cloth and the plan, each with its effect before it is taken. */
@NullMarked
package org.goldentally.core.offers;

import org.jspecify.annotations.NullMarked;
