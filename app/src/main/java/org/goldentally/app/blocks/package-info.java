@NullMarked
package org.goldentally.app.blocks;

import org.jspecify.annotations.NullMarked;
