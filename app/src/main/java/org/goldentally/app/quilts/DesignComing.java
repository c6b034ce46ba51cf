package org.goldentally.app.quilts;

import java.util.UUID;
import org.goldentally.core.design.QuiltDesign;

/**
 * Said while a design is being kept: whoever keeps it will ask for its picture and its tally next.
 *
 * @param design with its cloths called and coloured as on the shelf now
 */
public record DesignComing(UUID quilt, QuiltDesign design) {}
