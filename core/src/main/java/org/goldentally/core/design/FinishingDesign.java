package org.goldentally.core.design;

import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * What goes round and behind the top.
 *
 * @param bindingCloth key of its cloth; empty is not chosen yet
 * @param bindingStrip width of the strips as cut, as typed
 * @param backingCloth key of its cloth; empty is not chosen yet
 * @param backingWidth usable width of the backing's cloth, as typed
 * @param overhang how much larger backing and batting are on every side, as typed
 * @param scrappyBinding whether the binding comes from leftover strips as far as they go
 * @param panels which way the panels of the backing run
 */
public record FinishingDesign(
        @LeftOut("\"\"") String bindingCloth,
        String bindingStrip,
        @LeftOut("\"\"") String backingCloth,
        String backingWidth,
        String overhang,
        @LeftOut("false") boolean scrappyBinding,
        @LeftOut("\"LEAST\"") Panels panels) {

    /** Which way the panels of a backing run. */
    public enum Panels {
        /** As takes less cloth. */
        LEAST,
        /** From top to bottom. */
        UPRIGHT,
        /** From side to side. */
        LYING
    }

    public FinishingDesign {
        Limits.text(bindingCloth, 60, "bindingCloth");
        Limits.text(bindingStrip, 40, "bindingStrip");
        Limits.text(backingCloth, 60, "backingCloth");
        Limits.text(backingWidth, 40, "backingWidth");
        Limits.text(overhang, 40, "overhang");
        Limits.required(panels, "panels");
    }

    /** The backing as takes less cloth. */
    public FinishingDesign(
            String bindingCloth,
            String bindingStrip,
            String backingCloth,
            String backingWidth,
            String overhang,
            boolean scrappyBinding) {
        this(bindingCloth, bindingStrip, backingCloth, backingWidth, overhang, scrappyBinding, Panels.LEAST);
    }

    /** A binding of its own cloth, and a backing whose panels run as takes less. */
    public FinishingDesign(
            String bindingCloth, String bindingStrip, String backingCloth, String backingWidth, String overhang) {
        this(bindingCloth, bindingStrip, backingCloth, backingWidth, overhang, false);
    }

    /** The same with the binding pieced of leftovers, or not. */
    public FinishingDesign boundFromLeftovers(boolean fromLeftovers) {
        return new FinishingDesign(
                bindingCloth, bindingStrip, backingCloth, backingWidth, overhang, fromLeftovers, panels);
    }

    /** The same with the panels of the backing run another way. */
    public FinishingDesign withPanels(Panels other) {
        return new FinishingDesign(
                bindingCloth, bindingStrip, backingCloth, backingWidth, overhang, scrappyBinding, other);
    }

    /** No binding: its strips are not wide. */
    public FinishingDesign without() {
        return new FinishingDesign("", "", "", backingWidth, overhang, false);
    }

    /** Binding strips of 2 1/2 in, backing 4 in larger on every side (common practice, no source). */
    public static FinishingDesign usual(MeasureSystem system) {
        UsualSizes usual = UsualSizes.of(system);
        LengthWriter writer = system.writer();
        return new FinishingDesign(
                "",
                writer.write(usual.bindingStrip()),
                "",
                writer.write(usual.widthOfFabric()),
                writer.write(usual.overhang()));
    }
}
