/**
 * HTTP, storage and printing around {@code core}. Each subpackage is one concern: {@code quilts} and {@code shelf} keep
 * what the quilter typed, {@code tally} asks the core and shows its answers, {@code problems} turns every refusal into
 * one shape. No rule of the trade is here.
 */
@NullMarked
package org.goldentally.app;

import org.jspecify.annotations.NullMarked;
