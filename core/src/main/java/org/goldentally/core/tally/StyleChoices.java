package org.goldentally.core.tally;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * One cloth cut plainly, tidily and thriftily, side by side, so that the quilter sees what trouble saves.
 *
 * @param accounts the account in each style
 */
public record StyleChoices(Map<CuttingStyle, ClothLedger> accounts, MeasureSystem system) {

    /** All three styles; the effort of the choice counts for its own style only. */
    public static StyleChoices of(CuttingRequest request, TopTally.ClothCutter cutter) {
        Map<CuttingStyle, ClothLedger> accounts = new LinkedHashMap<>();
        for (CuttingStyle style : CuttingStyle.values()) {
            int effort = style == request.choice().style() ? request.choice().effort() : PlanDesign.USUAL_EFFORT;
            accounts.put(style, cutter.account(request.with(new CuttingChoice(request.cloth(), style, effort))));
        }
        return new StyleChoices(accounts, request.system());
    }

    /** How good what is to be bought is known to be; nothing is claimed where nothing is proven. */
    public static String proof(ClothLedger ledger, MeasureSystem system) {
        if (ledger.toBuy().isEmpty()) {
            return "";
        }
        Purchase purchase = ledger.toBuy().get().purchase();
        Optional<Length> atLeast = ledger.toBuy().get().atLeast();
        if (atLeast.isEmpty()) {
            return "";
        }
        if (atLeast.get().equals(purchase.exact())) {
            return "no plan in strips is shorter";
        }
        if (Purchase.of(atLeast.get(), system).bought().equals(purchase.bought())) {
            return "no plan in strips buys less";
        }
        return "at most " + system.writer().writeWithUnit(purchase.exact().minus(atLeast.get()))
                + " over what is proven to be needed";
    }
}
