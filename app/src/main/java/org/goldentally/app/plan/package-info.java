/** What could be done otherwise with a plan, what is to be bought for it, and plans for documents that are sent along. */
@NullMarked
package org.goldentally.app.plan;

import org.jspecify.annotations.NullMarked;
