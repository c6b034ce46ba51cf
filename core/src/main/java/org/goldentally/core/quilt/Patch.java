package org.goldentally.core.quilt;

import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.piecing.ClothRole;

/** A patch as it shows in the finished quilt: its outline and the part its cloth plays. */
public record Patch(Polygon outline, ClothRole cloth) {}
