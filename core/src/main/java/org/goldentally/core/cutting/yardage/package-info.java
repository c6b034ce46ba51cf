/** The thrifty way to cut many pieces of several sizes from one length of cloth: strips, segments, one more cut. */
@NullMarked
package org.goldentally.core.cutting.yardage;

import org.jspecify.annotations.NullMarked;
