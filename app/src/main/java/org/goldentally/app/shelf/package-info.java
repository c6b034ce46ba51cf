@NullMarked
package org.goldentally.app.shelf;

import org.jspecify.annotations.NullMarked;
