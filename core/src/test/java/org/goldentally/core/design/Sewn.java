package org.goldentally.core.design;

import org.goldentally.core.measure.Grid;

/** A design sewn and judged otherwise, for tests: what the pages change in the document itself. */
public final class Sewn {

    private Sewn() {}

    public static QuiltDesign sewn(QuiltDesign was, String seam, Grid grid, int closeInValue) {
        return new QuiltDesign(
                was.format(),
                was.system(),
                seam,
                grid,
                was.allowance(),
                was.cloths(),
                was.blocks(),
                was.blockSize(),
                was.setting(),
                was.places(),
                was.sashing(),
                was.borders(),
                was.edgePlaces(),
                was.finishing(),
                closeInValue,
                was.methods(),
                was.plan());
    }
}
