/** What is printed: sheets and booklets as PDF, with vector drawings, legible without colour. */
@NullMarked
package org.goldentally.app.print;

import org.jspecify.annotations.NullMarked;
