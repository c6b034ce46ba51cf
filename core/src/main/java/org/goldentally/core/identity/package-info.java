/**
 * How identities are written as text: one codec for everything that is found again in logs, documents and ticks. What a thing
 * is goes in as typed fields in a fixed order; how it is said, drawn or where it stands never does.
 */
@NullMarked
package org.goldentally.core.identity;

import org.jspecify.annotations.NullMarked;
