/** The account of a cloth: what is cut of it from which pieces, what is left over and what must be bought. */
@NullMarked
package org.goldentally.core.account;

import org.jspecify.annotations.NullMarked;
