@NullMarked
package org.goldentally.app.web;

import org.jspecify.annotations.NullMarked;
