/**
 * The quilt document: what the quilter decided, sizes to the letter as typed. It is what is stored, exported and sent;
 * everything else is worked out from it. No field is ever null: nothing chosen is an empty text or {@code NONE}.
 */
@NullMarked
package org.goldentally.core.design;

import org.jspecify.annotations.NullMarked;
