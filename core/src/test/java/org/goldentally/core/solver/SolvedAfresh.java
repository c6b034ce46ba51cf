package org.goldentally.core.solver;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.cutting.yardage.Demand;
import org.goldentally.core.cutting.yardage.Demand.Item;
import org.goldentally.core.cutting.yardage.PiecePlanner;
import org.goldentally.core.plans.ShelfAnswer;
import org.goldentally.core.quilt.SomeQuilts;
import org.goldentally.core.quilt.Tops;

/** Begins the solver in a virtual machine of its own, and then has it solve what the application has it solve. */
final class SolvedAfresh {

    private SolvedAfresh() {}

    /** Set up between the two, for whoever reads what was set up when. */
    static final class SinceThen {
        static final long AT = System.nanoTime();

        private SinceThen() {}
    }

    public static void main(String[] args) {
        Programs.amounts();
        System.out.println("begun before " + SinceThen.AT);
        for (int sizes : List.of(1, 4, 12)) {
            Chance chance = new Chance(sizes);
            List<Item> items = new ArrayList<>();
            for (int i = 0; i < sizes; i++) {
                items.add(new Item(chance.between(2, 20), chance.between(2, 20), chance.between(1, 30), true));
            }
            PiecePlanner.plan(new Demand(40, 36, items, 40), 9, CuttingStyle.THRIFTY);
        }
        for (Tops tops : SomeQuilts.tops().values().stream().limit(3).toList()) {
            ShelfAnswer.of(tops.top(), SomeQuilts.SHELF, ClothLedger::of, tries -> tries < 2);
        }
    }
}
