package org.goldentally.app.plan;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.StyleChoices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.measure.MeasureSystem;

/** A cloth cut plainly, tidily and thriftily, side by side. */
record StylesView(String cloth, List<StyleView> styles) {

    /**
     * One style.
     *
     * @param effort how long it is searched for, in multiples of the usual
     * @param buys what is to be bought
     * @param opens how many pieces on hand are cut into
     * @param layouts how many differently cut strips there are
     * @param proof how good what is bought is known to be; empty where nothing is proven
     */
    record StyleView(
            CuttingStyle style,
            boolean chosen,
            int effort,
            String name,
            String meaning,
            String buys,
            String exactly,
            String opens,
            int layouts,
            String leftOver,
            String proof) {}

    static StylesView of(String cloth, StyleChoices choices, CuttingStyle chosen) {
        List<StyleView> styles = new ArrayList<>();
        choices.accounts()
                .forEach((style, ledger) -> styles.add(view(style, ledger, style == chosen, choices.system())));
        return new StylesView(cloth, styles);
    }

    static StyleView view(CuttingStyle style, ClothLedger ledger, boolean chosen, MeasureSystem system) {
        return new StyleView(
                style,
                chosen,
                ledger.choice().effort(),
                style.label(),
                ledger.choice().style() == style
                        ? style.meaning()
                        : "the cut sizes lie on no common ruler: cut plainly all the same",
                ledger.toBuy().map(buy -> buy.purchase().write()).orElse("nothing"),
                ledger.toBuy()
                        .map(ClothLedger.ToBuy::purchase)
                        .map(Purchase::exact)
                        .map(system.writer()::writeWithUnit)
                        .orElse(""),
                opens(ledger, system),
                ledger.layouts(),
                system.writeArea(ledger.left()),
                StyleChoices.proof(ledger, system));
    }

    private static String opens(ClothLedger ledger, MeasureSystem system) {
        List<String> said = new ArrayList<>();
        ledger.openedPieces().forEach((piece, count) -> said.add(piece.describe(Math.toIntExact(count), system)));
        return said.isEmpty() ? "nothing on hand" : String.join("; ", said);
    }
}
