@NullMarked
package org.goldentally.app.account;

import org.jspecify.annotations.NullMarked;
