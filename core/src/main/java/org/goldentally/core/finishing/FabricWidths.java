package org.goldentally.core.finishing;

import java.util.Optional;
import org.goldentally.core.measure.Length;

/**
 * Usable widths of the fabrics that finish a quilt, where they are on the shelf as yardage.
 *
 * @param binding empty where it is not chosen, or not there
 * @param backing the same; what the quilter typed counts then
 */
public record FabricWidths(Optional<Length> binding, Optional<Length> backing) {

    /** Nothing is known of either. */
    public static final FabricWidths UNKNOWN = new FabricWidths(Optional.empty(), Optional.empty());
}
