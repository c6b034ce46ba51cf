@NullMarked
package org.goldentally.app.quilts;

import org.jspecify.annotations.NullMarked;
