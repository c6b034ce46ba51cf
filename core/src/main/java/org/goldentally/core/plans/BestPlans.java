package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.KnownAccounts;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.FinishingDesign.Panels;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.habits.Allowance;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.CutSizeFacts;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKeys;

/**
 * Chooses the methods of all groups and the way of cutting together, for one aim.
 *
 * <ol>
 *   <li>It starts with what is planned now, and with every group by its own best way.
 *   <li>Every method is tried for all groups of one kind of unit at once: "four at a time for all" may need nothing though
 *       no single group by itself gets better. No method is left out; bias edges are a cost ({@link PlanCosts#biasUnits}).
 *   <li>Then group by group, the ones that take most cloth first, as long as anything gets better.
 *   <li>Then the cut sizes of each kind of unit: by a school that takes less, or of precut squares as they come; and how
 *       strips of borders are joined and panels of the backing run, where the quilter left it as is usual.
 *   <li>All of that again, until nothing gets better.
 *   <li>Where something is still bought, every combination of ways is tried too of a top of few choices ({@link EveryWay});
 *       and of all of these, or else of the best few plans, each fabric by itself is cut in the style that buys least of it.
 * </ol>
 *
 * <p>Each try is worked out in full: the making plan of the whole top, every account. What it costs is kept, the accounts
 * only as long as there is room. What the quilter chose by hand stays. It is a search; so many tries are made at most, the
 * same ones each time. How far what it finds can be from the best is told by {@link PlanBound}.
 */
public final class BestPlans {

    /** More groups than this are only tried all of a kind at once (our own limit). */
    private static final int MOST_GROUPS = 16;

    /** Tries are as many as a top of its size allows, so that its time stays bounded (our own figures). */
    private static final int TRIES_TIMES_SIZE = 6_000;

    private static final int FEWEST_TRIES = 16;
    private static final int MOST_TRIES = 200;
    private static final int A_CLOTH_WEIGHS = 4;

    /** Plans that are cut in every style in the end (our own figure). */
    private static final int MOST_FINALISTS = 6;

    /** Fabrics to be cut in every style, over all combinations of ways, where all are cut (our own figure). */
    private static final int MOST_CUT_EVERY_WAY = 200;

    /** Fabrics that are cut thriftily, which takes a tenth of a second each (our own figure). */
    private static final int MOST_THRIFTY = 15;

    private static final List<CuttingStyle> QUICK_STYLES = List.of(CuttingStyle.PLAIN, CuttingStyle.TIDY);

    /** Sizes of precut squares that are tried as they come, for each kind of unit. */
    private static final int MOST_PRECUTS = 3;

    private final QuiltTop top;
    private final TopCount count;
    private final Map<String, List<ShelfPieces>> shelf;
    private final ClothCutter cutter;
    /** What each try costs; the tally of a large top is too large to be kept of every one. */
    private final Map<QuiltDesign, PlanCosts> tried = new HashMap<>();

    private final Map<Aim, Tried> found = new EnumMap<>(Aim.class);

    private final int mostTries;
    private final Going going;
    private final Set<String> cutByHand;
    private int everyWay;

    /** The ways that each group may be made, by its choice key; what was chosen by hand is not among them. */
    private final Map<String, List<PiecingMethod>> open = new LinkedHashMap<>();
    /** Units of one kind and size, made by one method. */
    private record CutOf(PatchworkUnit unit, PiecingMethod method) {}

    /** Groups, by their choice keys, and other cut sizes for them than by the school of the quilt. */
    private record CutSizesOf(Set<String> groups, Set<String> typed) {}

    private final Map<CutOf, CutSizesOf> cutSizes = new LinkedHashMap<>();
    /** Choice keys of each kind of unit. */
    private final Map<String, List<String>> kinds = new LinkedHashMap<>();

    /** A plan that was worked out. */
    public record Tried(QuiltDesign design, TopTally tally, PlanCosts costs) {}

    /**
     * Told of every try that is worked out.
     */
    @FunctionalInterface
    public interface Going {
        /** Nobody stops it. */
        Going TO_THE_END = tries -> true;

        /**
         * Whether to go on; a search that is stopped keeps the best that it has.
         *
         * @param tries worked out so far
         */
        boolean goesOn(int tries);
    }

    /** A search that has not begun. */
    public BestPlans(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter, Going going) {
        this.going = going;
        this.top = top;
        this.count = TopCount.of(top);
        this.shelf = shelf;
        this.cutter = new KnownAccounts(cutter);
        Tried now = now();
        int size = now.tally.choices().size()
                + A_CLOTH_WEIGHS * now.tally.ledgers().size();
        this.mostTries = Math.clamp(TRIES_TIMES_SIZE / Math.max(1, size), FEWEST_TRIES, MOST_TRIES);
        Set<String> byHand = top.design().methods().stream()
                .filter(MethodChoice::byHand)
                .map(MethodChoice::units)
                .collect(Collectors.toSet());
        this.cutByHand =
                top.design().plan().cutting().stream().map(CuttingChoice::cloth).collect(Collectors.toSet());
        now.tally.choices().stream()
                .sorted(Comparator.comparing(
                                (UnitPlans.Choice choice) -> choice.chosen().clothCut())
                        .reversed())
                .forEach(choice -> mayChoose(choice, byHand));
        now.tally.choices().forEach(this::mayCut);
    }

    /** By a school that takes less, or of precut squares of the shelf as they come. */
    private void mayCut(UnitPlans.Choice choice) {
        MeasureSystem system = top.design().system();
        for (UnitPlan way : choice.ways()) {
            String kind = way.key().kindChoice();
            boolean byHand = top.design().plan().cutSizes().stream()
                    .anyMatch(each -> each.byHand()
                            && (each.units().equals(kind)
                                    || each.units().equals(way.key().choice())));
            if (way.recipe().cutWithRoom().isPresent() && !byHand) {
                CutSizesOf sizes = cutSizes.computeIfAbsent(
                        new CutOf(way.unit(), way.method()),
                        any -> new CutSizesOf(new LinkedHashSet<>(), new LinkedHashSet<>()));
                sizes.groups.add(way.key().choice());
                for (Allowance school : Allowance.values()) {
                    if (school.compareTo(top.design().allowance()) < 0) {
                        sizes.typed.add(school.label());
                    }
                }
                CutSizeFacts.of(way, shelf, system).stream()
                        .flatMap(facts -> facts.asItComes().stream())
                        .limit(MOST_PRECUTS)
                        .forEach(side -> sizes.typed.add(system.writer().write(side)));
            }
        }
    }

    private void mayChoose(UnitPlans.Choice choice, Set<String> byHand) {
        UnitPlan plan = choice.chosen();
        String key = plan.key().choice();
        List<PiecingMethod> ways = choice.ways().stream().map(UnitPlan::method).toList();
        if (ways.size() > 1
                && !byHand.contains(key)
                && !byHand.contains(plan.key().kindChoice())) {
            open.put(key, ways);
            kinds.computeIfAbsent(plan.key().kindChoice(), any -> new ArrayList<>())
                    .add(key);
        }
    }

    /** What no plan can do with less than. */
    public PlanBound bound() {
        return PlanBound.of(now().tally, open, shelf);
    }

    /**
     * How many combinations of ways there are, if each of them was cut in every style before it was said what buys least; 0
     * where there are too many for that, a style was chosen by hand, or it was stopped.
     */
    public int everyWayTried() {
        return everyWay;
    }

    /** How many tries it makes at most for one aim. */
    public int mostTries() {
        return mostTries;
    }

    /** What is planned now. */
    public Tried now() {
        return tryOut(top.design());
    }

    /** The best plan that is found for an aim. */
    public Tried best(Aim aim) {
        return found.computeIfAbsent(aim, this::search);
    }

    private Tried search(Aim aim) {
        Search search = new Search(aim, mostTries);
        search.offer(now());
        Tried before;
        do {
            before = search.best;
            search.kinds(true);
            search.groups();
            search.cutSizes();
            search.joins();
            search.backing();
            search.styles();
        } while (aim.isBetter(search.best.costs, before.costs));
        if (aim == Aim.BUYS_LEAST && search.best.costs.buysSomething()) {
            search.cutFinalists();
        }
        return search.best;
    }

    /** Each fabric that is bought cut in the style that buys least of it; the simplest of those that do. */
    private Tried cutBest(Tried plan, List<CuttingStyle> styles) {
        List<CuttingChoice> cutting = new ArrayList<>(plan.design.plan().cutting());
        for (ClothLedger ledger : plan.tally.ledgers()) {
            if (!cutByHand.contains(ledger.cloth()) && ledger.toBuy().isPresent()) {
                CuttingChoice least = styles.stream()
                        .map(style -> new CuttingChoice(ledger.cloth(), style, PlanDesign.USUAL_EFFORT))
                        .min(Comparator.comparing(
                                choice -> bought(cutter.account(ledger.request().with(choice)))))
                        .orElseThrow();
                cutting.removeIf(choice -> choice.cloth().equals(ledger.cloth()));
                cutting.add(least);
            }
        }
        return tryOut(plan.design.withPlan(plan.design.plan().withCutting(cutting)));
    }

    /** What the areas of the pieces alone want beyond the shelf, in whole lengths that shops sell: no cutting buys less. */
    private static Area leastByArea(TopTally tally) {
        Area least = Area.ZERO;
        for (ClothLedger ledger : tally.ledgers()) {
            Area onShelf = Area.ZERO;
            for (ShelfPieces pieces : ledger.request().shelf()) {
                onShelf = onShelf.plus(
                        pieces.piece().width().times(pieces.piece().length()).times(pieces.count()));
            }
            if (ledger.needed().compareTo(onShelf) > 0) {
                Length width = ledger.widthToBuy();
                Length one = Length.inches(1);
                Length length = one.scaledBy(ledger.needed().minus(onShelf), one.times(width));
                least = least.plus(
                        Purchase.of(length, ledger.request().system()).bought().times(width));
            }
        }
        return least;
    }

    private static Length bought(ClothLedger ledger) {
        return ledger.toBuy().map(buy -> buy.purchase().bought()).orElse(Length.ZERO);
    }

    /** A good one, found by trying each method for all groups of a kind only. */
    public Tried quick(Aim aim) {
        Search search = new Search(aim, FEWEST_TRIES);
        search.offer(now());
        search.kinds(false);
        boolean few = search.best.tally.ledgers().size() <= MOST_THRIFTY;
        if (few && aim == Aim.BUYS_LEAST && search.best.costs.buysSomething() && going.goesOn(tried.size())) {
            search.offer(cutBest(search.best, QUICK_STYLES));
        }
        return search.best;
    }

    private Tried tryOut(QuiltDesign design) {
        TopTally tally = TopTally.of(top, count, top.read().madeAs(design), shelf, cutter);
        PlanCosts costs = tried.computeIfAbsent(design, any -> PlanCosts.of(tally));
        return new Tried(design, tally, costs);
    }

    private final class Search {
        private final Aim aim;
        /** The best few, best first. */
        private final List<Tried> finalists = new ArrayList<>();

        private Tried best = tryOut(PlanMoves.freed(top.design()));
        private int left;

        Search(Aim aim, int tries) {
            this.aim = aim;
            this.left = tries;
        }

        /** Takes it where it is better than all before; what was worked out already costs no try. */
        private void tryIt(QuiltDesign design) {
            PlanCosts known = tried.get(design);
            if (known != null) {
                if (aim.isBetter(known, best.costs)) {
                    best = tryOut(design);
                }
                return;
            }
            if (left > 0 && going.goesOn(tried.size())) {
                left--;
                offer(tryOut(design));
            }
        }

        private void offer(Tried other) {
            if (aim.isBetter(other.costs, best.costs)) {
                best = other;
            }
            finalists.add(other);
            finalists.sort(Comparator.comparing(Tried::costs, aim.order()));
            if (finalists.size() > MOST_FINALISTS) {
                finalists.removeLast();
            }
        }

        /** The best few cut as well as can be, and of a small top those of all combinations of ways. */
        private void cutFinalists() {
            List<QuiltDesign> every = EveryWay.of(open, best.design);
            every.forEach(this::tryIt);
            long bought = best.tally.ledgers().stream()
                    .filter(ledger -> ledger.toBuy().isPresent())
                    .count();
            if (!every.isEmpty() && bought * every.size() <= MOST_CUT_EVERY_WAY) {
                cutEveryWay(every);
                return;
            }
            // A scrappy top buys of dozens of prints: the best plan of it alone, and not thriftily.
            List<CuttingStyle> styles = bought > MOST_THRIFTY ? QUICK_STYLES : List.of(CuttingStyle.values());
            for (Tried each : finalists.subList(0, bought > MOST_THRIFTY ? 1 : finalists.size()).stream()
                    .toList()) {
                if (going.goesOn(tried.size()) && leastByArea(each.tally).compareTo(best.costs.bought()) < 0) {
                    offer(cutBest(each, styles));
                }
            }
        }

        /** Each combination cut as well as can be, unless its areas alone want as much as the best one buys. */
        private void cutEveryWay(List<QuiltDesign> every) {
            for (QuiltDesign design : every) {
                if (!going.goesOn(tried.size())) {
                    return;
                }
                Tried each = tryOut(design);
                offer(each);
                if (leastByArea(each.tally).compareTo(best.costs.bought()) < 0) {
                    offer(cutBest(each, List.of(CuttingStyle.values())));
                }
            }
            everyWay = cutByHand.isEmpty() ? every.size() : 0;
        }

        private void kinds(boolean withCutSizes) {
            kinds.forEach((kind, keys) -> methodsOf(keys).forEach(method -> {
                List<String> made = keys.stream()
                        .filter(key -> open.getOrDefault(key, List.of()).contains(method))
                        .toList();
                tryIt(PlanMoves.by(best.design, made, method));
                if (withCutSizes) {
                    cutSizes.forEach((of, sizes) -> {
                        if (of.method == method && UnitKeys.codeOf(of.unit).equals(kind)) {
                            QuiltDesign by = PlanMoves.by(best.design, made, method);
                            sizes.typed.forEach(
                                    typed -> tryIt(PlanMoves.cut(by, List.copyOf(sizes.groups), method, typed)));
                        }
                    });
                }
            }));
        }

        private Set<PiecingMethod> methodsOf(List<String> keys) {
            Set<PiecingMethod> methods = new LinkedHashSet<>();
            keys.forEach(key -> methods.addAll(open.getOrDefault(key, List.of())));
            return methods;
        }

        private void groups() {
            for (Map.Entry<String, List<PiecingMethod>> group :
                    open.entrySet().stream().limit(MOST_GROUPS).toList()) {
                for (PiecingMethod method : group.getValue()) {
                    tryIt(PlanMoves.by(best.design, List.of(group.getKey()), method));
                }
            }
        }

        /** Units whose method stands. */
        private void cutSizes() {
            cutSizes.forEach((of, sizes) -> {
                boolean made = best.tally.choices().stream()
                        .map(UnitPlans.Choice::chosen)
                        .anyMatch(way -> way.unit().equals(of.unit) && way.method() == of.method);
                if (made) {
                    sizes.typed.forEach(
                            typed -> tryIt(PlanMoves.cut(best.design, List.copyOf(sizes.groups), of.method, typed)));
                }
            });
        }

        /** The outer borders joined otherwise, or cut along the length of the cloth. */
        private void joins() {
            if (aim != Aim.SEWS_LEAST && best.tally.strips().stream().anyMatch(StripPlan::joined)) {
                for (Join join : Join.values()) {
                    tryIt(PlanMoves.joined(best.design, top.design(), join));
                }
            }
        }

        /** The backing the other way round may fit what lies on the shelf. */
        private void backing() {
            boolean chosen = top.design().finishing().panels() != Panels.LEAST;
            boolean backed = best.tally.strips().stream().anyMatch(strip -> strip.kind() == StripPlan.Kind.BACKING);
            if (!chosen && backed && aim != Aim.SEWS_LEAST) {
                for (Panels way : Panels.values()) {
                    tryIt(PlanMoves.backed(best.design, way));
                }
            }
        }

        /** What is cut most simply is cut plainly; what is bought least of is cut at the end; the sewing is always the same. */
        private void styles() {
            if (aim == Aim.CUTS_SIMPLEST) {
                tryIt(PlanMoves.plainly(best.design));
            }
        }
    }
}
