/** The work at the bench: the log, the cards, what is left to do. */
@NullMarked
package org.goldentally.app.sew;

import org.jspecify.annotations.NullMarked;
