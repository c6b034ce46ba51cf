/** The work at the machine: batches, what is made and spoiled, how seams are pressed, how long it takes. */
@NullMarked
package org.goldentally.core.sew;

import org.jspecify.annotations.NullMarked;
