/**
 * The formats that quilt documents were ever written in, each brought to the next one. They work on JSON alone and know none
 * of today's classes, so that a change of these cannot change what an old document becomes.
 */
@NullMarked
package org.goldentally.app.quilts.formats;

import org.jspecify.annotations.NullMarked;
