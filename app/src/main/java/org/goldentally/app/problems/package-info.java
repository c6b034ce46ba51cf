@NullMarked
package org.goldentally.app.problems;

import org.jspecify.annotations.NullMarked;
