@NullMarked
package org.goldentally.app.tally;

import org.jspecify.annotations.NullMarked;
