/** The general solver of linear and integer programs, and how it is begun. */
@NullMarked
package org.goldentally.core.solver;

import org.jspecify.annotations.NullMarked;
