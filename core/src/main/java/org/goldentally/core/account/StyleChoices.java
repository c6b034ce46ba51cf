package org.goldentally.core.account;

import java.util.LinkedHashMap;
import java.util.Map;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
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
    public static StyleChoices of(CuttingRequest request, ClothCutter cutter) {
        Map<CuttingStyle, ClothLedger> accounts = new LinkedHashMap<>();
        for (CuttingStyle style : CuttingStyle.values()) {
            int effort = style == request.choice().style() ? request.choice().effort() : PlanDesign.USUAL_EFFORT;
            accounts.put(style, cutter.account(request.with(new CuttingChoice(request.cloth(), style, effort))));
        }
        return new StyleChoices(accounts, request.system());
    }

    /**
     * How good what is to be bought is known to be; nothing is claimed where nothing is proven. The bound is of plans of
     * the same style ({@link CuttingStyle}), and of what the shelf does not give: another style may buy less, and so may
     * other use of what is on the shelf.
     */
    public static String proof(ClothLedger ledger, MeasureSystem system) {
        if (ledger.toBuy().isEmpty() || ledger.toBuy().get().atLeast().isEmpty()) {
            return "";
        }
        Purchase purchase = ledger.toBuy().get().purchase();
        Length atLeast = ledger.toBuy().get().atLeast().get();
        CuttingStyle style = ledger.choice().style();
        // Only stacked strips could be taller than what is looked at.
        String which = style == CuttingStyle.THRIFTY
                ? " plan in strips of up to "
                        + system.writer().writeWithUnit(UsualSizes.of(system).tallestStrip())
                : " plan";
        String plan = "no " + style.label() + which;
        String ofWhat = ledger.opened().isEmpty() ? "" : " for what the shelf does not give";
        if (atLeast.equals(purchase.exact())) {
            return plan + ofWhat + " is shorter";
        }
        if (Purchase.of(atLeast, system).bought().equals(purchase.bought())) {
            return plan + ofWhat + " buys less";
        }
        return "at most " + system.writer().writeWithUnit(purchase.exact().minus(atLeast)) + " over what any "
                + style.label() + which + ofWhat + " needs";
    }
}
