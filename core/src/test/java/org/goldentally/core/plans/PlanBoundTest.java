package org.goldentally.core.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.PlanDesign.CutSizeChoice;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** What is said to be proven of plans, against every plan there is of small tops. */
class PlanBoundTest {

    /** Tidy cutting takes long, so not every plan is cut so too. */
    private static final int EVERY_SO_MANY = 5;

    private static final Pattern MORE_SEWING =
            Pattern.compile("Proven: at most (\\d+) % more sewing than the least there can be\\.");
    private static final Pattern CUTS = Pattern.compile("Proven: every plan takes at least (\\d+) cuts\\.");

    /** Every plan: each group by each usual way, cut by each school, borders joined in each way, cut plainly, some tidily too. */
    private static List<PlanCosts> all(QuiltTop top, Map<String, List<ShelfPieces>> shelf) {
        List<QuiltDesign> designs = List.of(top.design());
        for (UnitPlans.Choice choice : TopTally.of(top, shelf).choices()) {
            List<QuiltDesign> more = new ArrayList<>();
            for (UnitPlan way : choice.ways()) {
                for (QuiltDesign design : designs) {
                    List<MethodChoice> methods = new ArrayList<>(design.methods());
                    methods.add(
                            new MethodChoice(way.key().choice(), way.method().key(), false));
                    QuiltDesign by = design.withMethods(methods);
                    more.add(by);
                    if (way.recipe().cutWithRoom().isPresent()) {
                        List<CutSizeChoice> sizes =
                                new ArrayList<>(design.plan().cutSizes());
                        sizes.add(new CutSizeChoice(
                                way.key().choice(), way.method().key(), "exact", false));
                        more.add(by.withPlan(by.plan().withCutSizes(sizes)));
                    }
                }
            }
            designs = more.isEmpty() ? designs : more;
        }
        List<PlanCosts> costs = new ArrayList<>();
        for (QuiltDesign design : designs) {
            for (Join join : top.design().borders().isEmpty() ? List.of(Join.STRAIGHT) : List.of(Join.values())) {
                QuiltDesign joined = PlanMoves.joined(design, top.design(), join);
                costs.add(costs(joined, shelf));
                if (costs.size() % EVERY_SO_MANY != 0) {
                    continue;
                }
                costs.add(costs(
                        joined.withPlan(
                                joined.plan().withCutting(List.of(new CuttingChoice("", CuttingStyle.TIDY, 1)))),
                        shelf));
            }
        }
        return costs;
    }

    private static PlanCosts costs(QuiltDesign design, Map<String, List<ShelfPieces>> shelf) {
        return PlanCosts.of(TopTally.of(QuiltTop.of(design), shelf));
    }

    @Tries(3)
    void nothingThereIsDoesWithLessThanTheBound(Chance chance) {
        Tops tops = Tops.of(
                chance.between(1, 3),
                chance.between(1, 3),
                chance.of(List.of("6", "8", "9")),
                chance.of(List.of("pinwheel", "churn-dash", "dutchmans-puzzle", "big-dipper")));
        if (chance.between(0, 1) == 1) {
            tops.border(BorderDesign.plain(chance.of(List.of("2", "4")), "c", Corners.BUTTED));
        }
        QuiltTop top = tops.top();
        Map<String, List<ShelfPieces>> shelf = shelf(chance);
        ShelfAnswer answer = ShelfAnswer.of(top, shelf, new KnownAccounts());
        PlanBound bound = answer.bound();
        List<PlanCosts> all = all(top, shelf);
        assertThat(all).as(chance.toString()).allSatisfy(costs -> {
            bound.bought().ifPresent(least -> assertThat(costs.bought()).isGreaterThanOrEqualTo(least));
            assertThat(costs.sewingMinutes()).isGreaterThanOrEqualTo(bound.sewingMinutes() - 1e-9);
            assertThat((double) costs.cuts()).isGreaterThanOrEqualTo(bound.cuts() - 1e-9);
        });
        // Whoever finds a yes among all plans finds it among these, and the other way round.
        boolean anyIsEnough = all.stream().anyMatch(costs -> costs.bought().isZero() && costs.impossible() == 0);
        assertThat(answer.isEnough()).as("enough: " + chance).isEqualTo(anyIsEnough);
        for (Aim aim : Aim.values()) {
            PlanCosts found = answer.plans().get(aim).costs();
            holds(
                    aim,
                    bound.proof(aim, found, MeasureSystem.INCH),
                    figure(aim, found),
                    all.stream().mapToDouble(costs -> figure(aim, costs)).min().orElseThrow());
        }
    }

    private static double figure(Aim aim, PlanCosts costs) {
        return switch (aim) {
            case BUYS_LEAST -> costs.bought().toDoubleSquareInches();
            case SEWS_LEAST -> costs.sewingMinutes();
            case CUTS_SIMPLEST -> costs.cuts();
        };
    }

    /** The sentence on the page, of the plan and of the best there is. */
    private static void holds(Aim aim, String proof, double plan, double best) {
        Matcher more = MORE_SEWING.matcher(proof);
        Matcher cuts = CUTS.matcher(proof);
        if (proof.startsWith("Proven: no plan")) {
            assertThat(plan).as(proof).isLessThanOrEqualTo(best + 1e-6);
        } else if (more.matches()) {
            assertThat(plan).as(proof).isLessThanOrEqualTo(best * (1 + Integer.parseInt(more.group(1)) / 100.0) + 1e-6);
        } else if (cuts.matches()) {
            assertThat(best).as(proof).isGreaterThanOrEqualTo(Integer.parseInt(cuts.group(1)));
        } else if (!proof.isEmpty()) {
            assertThat(aim).as(proof).isEqualTo(Aim.BUYS_LEAST);
        }
    }

    private static Map<String, List<ShelfPieces>> shelf(Chance chance) {
        Map<String, List<ShelfPieces>> shelf = new LinkedHashMap<>();
        for (String cloth : List.of("a", "b", "c")) {
            switch (chance.between(0, 2)) {
                case 0 ->
                    shelf.put(
                            cloth,
                            List.of(new ShelfPieces(
                                    "s",
                                    chance.between(1, 12),
                                    ClothPiece.square(Length.inches(chance.between(4, 10))))));
                case 1 ->
                    shelf.put(
                            cloth,
                            List.of(new ShelfPieces(
                                    "y",
                                    1,
                                    new ClothPiece(
                                            PieceForm.YARDAGE,
                                            Length.inches(40),
                                            Length.inches(chance.between(3, 18)),
                                            ClothPiece.Edge.STRAIGHT))));
                default -> {
                    // There is none of it.
                }
            }
        }
        return shelf;
    }

    /**
     * 16 half-squares of 4 in want 8 squares of each cloth whatever the way: by the exact school, 4 7/8 in square, that is
     * 190.1 square inches, more than 1/8 yd of 40 in (180) and less than 1/4 yd (360); so 1/4 yd of each at least, and the
     * plan that buys just that is proven (counting).
     */
    @Test
    void aPlanThatBuysNoMoreThanItsAreaIsProven() {
        QuiltTop top = Tops.of(2, 2, "8", "pinwheel").top();
        ShelfAnswer answer = ShelfAnswer.of(top, Map.of(), new KnownAccounts());
        assertThat(answer.bound().bought())
                .hasValue(Length.inches(40).times(Length.inches(9)).times(2));
        PlanCosts buys = answer.plans().get(Aim.BUYS_LEAST).costs();
        assertThat(answer.bound().proof(Aim.BUYS_LEAST, buys, MeasureSystem.INCH))
                .isEqualTo("Proven: no plan buys less.");
    }
}
