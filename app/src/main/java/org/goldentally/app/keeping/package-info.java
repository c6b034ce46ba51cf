/** How what is kept fares: its database, its copies, and everything as one file. */
@NullMarked
package org.goldentally.app.keeping;

import org.jspecify.annotations.NullMarked;
