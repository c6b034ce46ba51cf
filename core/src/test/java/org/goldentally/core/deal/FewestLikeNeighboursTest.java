package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.Tops;
import org.junit.jupiter.api.Test;

/**
 * Plain squares of a few prints, so few that like ones must touch: OR-Tools, a general solver, proves the fewest pairs that
 * do, and the layout has hardly more.
 */
class FewestLikeNeighboursTest {

    private static final int SQUARES_A_SIDE = 4;
    private static final int TRIES = 25;

    @Test
    void likePrintsTouchHardlyMoreThanTheyMust() {
        Loader.loadNativeLibraries();
        long found = 0;
        long fewest = 0;
        for (int seed = 0; seed < TRIES; seed++) {
            int[] prints = prints(new Chance(seed));
            int proved = proved(prints);
            int laid = ScrappyDeal.deal(
                            design(prints), Stock.UNKNOWN, new Wish(seed, Wish.What.LAY_OUT, false, 0, Set.of()))
                    .neighbours();
            assertThat(laid).as("seed " + seed).isGreaterThanOrEqualTo(proved);
            found += laid;
            fewest += proved;
        }
        assertThat(fewest).as("some must touch").isGreaterThan(TRIES);
        assertThat(found).as(found + " laid out, " + fewest + " proved").isLessThanOrEqualTo(fewest + fewest / 20);
    }

    /** More than half are of one print, so that it cannot but touch itself. */
    private static int[] prints(Chance chance) {
        int[] prints = new int[SQUARES_A_SIDE * SQUARES_A_SIDE];
        int ofFirst = chance.between(9, 12);
        for (int i = ofFirst; i < prints.length; i++) {
            prints[i] = chance.between(1, 2);
        }
        return prints;
    }

    private static int proved(int[] prints) {
        CpModel model = new CpModel();
        int kinds = 3;
        BoolVar[][] lies = new BoolVar[prints.length][kinds];
        for (int place = 0; place < prints.length; place++) {
            for (int print = 0; print < kinds; print++) {
                lies[place][print] = model.newBoolVar("");
            }
            model.addExactlyOne(lies[place]);
        }
        for (int print = 0; print < kinds; print++) {
            int kind = print;
            Literal[] all = new Literal[prints.length];
            for (int place = 0; place < prints.length; place++) {
                all[place] = lies[place][print];
            }
            model.addEquality(
                    LinearExpr.sum(all),
                    java.util.Arrays.stream(prints).filter(each -> each == kind).count());
        }
        List<BoolVar> touching = new ArrayList<>();
        for (int place = 0; place < prints.length; place++) {
            if (place % SQUARES_A_SIDE < SQUARES_A_SIDE - 1) {
                touching.add(alike(model, lies[place], lies[place + 1]));
            }
            if (place + SQUARES_A_SIDE < prints.length) {
                touching.add(alike(model, lies[place], lies[place + SQUARES_A_SIDE]));
            }
        }
        model.minimize(LinearExpr.sum(touching.toArray(Literal[]::new)));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model).name()).isEqualTo("OPTIMAL");
        return (int) Math.round(solver.objectiveValue());
    }

    private static BoolVar alike(CpModel model, BoolVar[] one, BoolVar[] other) {
        BoolVar alike = model.newBoolVar("");
        for (int print = 0; print < one.length; print++) {
            model.addBoolOr(new Literal[] {one[print].not(), other[print].not(), alike});
        }
        return alike;
    }

    private static QuiltDesign design(int[] prints) {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(new ClothInHand("b", "any", "#808080", "", false, "", false, "dusk", StandsFor.ANY_PRINT));
        for (int i = 0; i < 3; i++) {
            cloths.add(new ClothInHand(
                    "p" + i, "dusk " + i, "#40608" + i, "", false, "", false, "dusk", StandsFor.ITSELF));
        }
        List<PlaceDesign> places = new ArrayList<>();
        for (int i = 0; i < prints.length; i++) {
            places.add(new PlaceDesign(
                    i / SQUARES_A_SIDE, i % SQUARES_A_SIDE, "", 0, false, List.of(new Exchange("b", "p" + prints[i]))));
        }
        return Tops.of(SQUARES_A_SIDE, SQUARES_A_SIDE, "4", "plain-square")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .design()
                .withPlaces(places);
    }
}
