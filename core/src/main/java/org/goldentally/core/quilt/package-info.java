/** The whole top: blocks set, sashed and bordered, in exact geometry; its sizes, counts and judgement. */
@NullMarked
package org.goldentally.core.quilt;

import org.jspecify.annotations.NullMarked;
