package org.goldentally.core.quilt;

import java.util.List;
import org.goldentally.core.measure.Length;

/** The blocks as set, with their sashing and setting triangles, before any border goes round them. */
record Centre(Length width, Length height, List<TopPart> parts) {}
