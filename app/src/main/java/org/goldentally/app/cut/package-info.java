@NullMarked
package org.goldentally.app.cut;

import org.jspecify.annotations.NullMarked;
