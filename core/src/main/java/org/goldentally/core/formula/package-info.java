/** The arithmetic of the trade as values that can be evaluated, read and printed: each rule is written once. */
@NullMarked
package org.goldentally.core.formula;

import org.jspecify.annotations.NullMarked;
