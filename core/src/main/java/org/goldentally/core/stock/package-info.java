/**
 * What becomes of fabric that is cut: which pieces go to the quilt, what goes back on the shelf, what is gone. Values only; who keeps
 * them is not its business.
 */
@org.jspecify.annotations.NullMarked
package org.goldentally.core.stock;
