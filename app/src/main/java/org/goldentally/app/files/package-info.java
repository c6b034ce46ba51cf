/** A whole quilt as one file: out, and in again. */
@NullMarked
package org.goldentally.app.files;

import org.jspecify.annotations.NullMarked;
