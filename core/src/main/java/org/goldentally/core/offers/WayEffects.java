package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.tally.TopTally;

/** What each way of making a group of units would change at the shelf and at the shop, all else staying as it is. */
public final class WayEffects {

    private WayEffects() {}

    /**
     * One way.
     *
     * @param shelfAllows whether its cloths would all be enough on the shelf
     * @param effect what is bought otherwise than now
     */
    public record WayEffect(String method, boolean shelfAllows, String effect) {}

    /**
     * What each way of making a group would change.
     *
     * @param choiceKey of the group, {@link org.goldentally.core.making.UnitsKey#choice}
     */
    public static List<WayEffect> of(
            TopTally tally, String choiceKey, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        List<WayEffect> effects = new ArrayList<>();
        Bought now = Bought.of(tally);
        for (UnitPlans.Choice choice : tally.choices()) {
            if (!choice.chosen().key().choice().equals(choiceKey)) {
                continue;
            }
            for (UnitPlan way : choice.ways()) {
                TopTally other = with(tally, choiceKey, way.method().key(), shelf, cutter);
                boolean allows = other.ledgers().stream()
                        .filter(ledger -> way.cloths().contains(ledger.cloth()))
                        .allMatch(ClothLedger::isEnough);
                String effect = Bought.of(other)
                        .against(
                                now,
                                tally.top().design().cloths(),
                                tally.top().design().system());
                effects.add(new WayEffect(way.method().key(), allows, effect));
            }
        }
        return effects;
    }

    static TopTally with(
            TopTally tally, String choiceKey, String method, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return TopTally.of(
                tally.top(),
                tally.count(),
                tally.top().read().madeAs(choosing(tally.top().design(), choiceKey, method)),
                shelf,
                cutter);
    }

    static QuiltDesign choosing(QuiltDesign design, String choiceKey, String method) {
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        methods.removeIf(choice -> choice.units().equals(choiceKey));
        methods.add(new MethodChoice(choiceKey, method));
        return design.withMethods(methods);
    }
}
