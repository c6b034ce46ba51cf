package org.goldentally.app.tally;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.tally.CutSizeFacts;
import org.jspecify.annotations.Nullable;

/** How large the pieces of a group are cut, in words. */
final class CutSizeViews {

    private CutSizeViews() {}

    static TallyView.@Nullable CutSizeView of(UnitPlan way, Map<String, List<ShelfPieces>> pieces, QuiltDesign design) {
        LengthWriter writer = design.system().writer();
        return CutSizeFacts.of(way, pieces, design.system())
                .map(facts -> new TallyView.CutSizeView(
                        facts.cut().what(),
                        writer.writeWithUnit(facts.cut().cut()),
                        writer.writeWithUnit(facts.cut().least()),
                        typed(way, design),
                        follows(way, facts, design),
                        facts.asItComes().stream().map(writer::write).toList()))
                .orElse(null);
    }

    private static String typed(UnitPlan way, QuiltDesign design) {
        return design.plan()
                .cutSizeOf(way.method().key(), way.key().choice(), way.key().kindChoice())
                .map(PlanDesign.CutSizeChoice::typed)
                .orElse("");
    }

    private static List<String> follows(UnitPlan way, CutSizeFacts facts, QuiltDesign design) {
        LengthWriter writer = design.system().writer();
        String unit = " " + design.system().abbreviation();
        List<String> said = new ArrayList<>();
        facts.toTrim().ifPresent(trim -> {
            String off = trim.width().equals(trim.height())
                    ? writer.writeDecimal(trim.width()) + unit
                    : writer.writeDecimal(trim.width()) + unit + " of the width and "
                            + writer.writeDecimal(trim.height()) + unit + " of the height";
            said.add("raw " + writer.writeDecimal(trim.raw()) + unit + ", to trim " + off
                    + (trim.little() ? ": hardly any, so sew a true seam" : ""));
        });
        way.recipe()
                .sewing()
                .widestSeam()
                .ifPresent(seam -> said.add("big enough with a seam up to "
                        + writer.write(design.system().seamOnARuler(seam)) + unit));
        if (facts.ofStrip() > 0) {
            said.add(
                    "a strip across the fabric gives " + facts.ofStrip() + (facts.ofStrip() == 1 ? " unit" : " units"));
        }
        facts.tightIn()
                .forEach(side -> said.add("tight in your " + writer.writeWithUnit(side) + " squares: only "
                        + writer.writeWithUnit(side.minus(facts.cut().cut())) + " to cut off"));
        return said;
    }
}
