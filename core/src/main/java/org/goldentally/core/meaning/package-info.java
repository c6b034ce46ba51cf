/**
 * What a design means: every text that the quilter typed is read here, once, with all its problems; everything above works
 * with lengths, counts and methods.
 */
@NullMarked
package org.goldentally.core.meaning;

import org.jspecify.annotations.NullMarked;
