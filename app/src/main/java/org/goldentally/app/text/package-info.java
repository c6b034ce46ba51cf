/** The one place where typed text enters, and is cleaned. */
@NullMarked
package org.goldentally.app.text;

import org.jspecify.annotations.NullMarked;
