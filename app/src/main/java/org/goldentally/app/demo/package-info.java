@NullMarked
package org.goldentally.app.demo;

import org.jspecify.annotations.NullMarked;
