/**
 * The methods by which units are made, one small class each: what is cut for one set, what comes off the machine, what it
 * is trimmed to.
 *
 * <p>Four sizes are kept apart everywhere: <b>finished</b> (what shows in the sewn quilt), <b>unfinished</b> or
 * <b>trimmed</b> (finished and a seam allowance all round), <b>raw</b> (what comes off the machine, before trimming) and
 * <b>cut</b> (what is cut from cloth before anything is sewn). {@link org.goldentally.core.method.Methods} lists them.
 */
@NullMarked
package org.goldentally.core.method;

import org.jspecify.annotations.NullMarked;
