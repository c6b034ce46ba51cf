@NullMarked
package org.goldentally.app.top;

import org.jspecify.annotations.NullMarked;
