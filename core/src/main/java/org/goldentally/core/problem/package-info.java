/** What a quilter has to put right: collected, placed and repairable. */
@NullMarked
package org.goldentally.core.problem;

import org.jspecify.annotations.NullMarked;
