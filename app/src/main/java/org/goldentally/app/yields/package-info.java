/** What a piece of cloth gives and what some units need, asked without a quilt. */
@NullMarked
package org.goldentally.app.yields;

import org.jspecify.annotations.NullMarked;
