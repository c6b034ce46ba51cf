package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ExtraCount;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.UnitSymmetry.Hand;

/**
 * How everything in a top is made: for each group of units the ways there are, and the one that is taken.
 *
 * <p>Unless the quilter chooses: of the ways that leave straight outer edges and give eight units a set or fewer, the one
 * that cuts least cloth; among equals the one with fewer sets (our own rule).
 */
public final class UnitPlans {

    /** Sets of more units than this want whole strips or sheets, which a shelf of precuts does not have. */
    private static final int MOST_UNITS_A_SET = 8;

    private final WorkChoices work;
    private final SewingSettings settings;
    private final Length widthOfFabric;

    /** The many groups of one unit in other cloths are made by the same recipes. */
    private final Map<Made, Recipe> recipes = new HashMap<>();

    private record Made(PatchworkUnit unit, PiecingMethod method) {}

    /** @param widthOfFabric of what strips are cut across */
    public UnitPlans(ReadDesign design, Length widthOfFabric) {
        this.work = design.work();
        this.settings = design.sizes().settings();
        this.widthOfFabric = widthOfFabric;
    }

    /**
     * A group with the ways to make it.
     *
     * @param chosen the one that is taken
     * @param ways all of them, the chosen one among them
     */
    public record Choice(UnitPlan chosen, boolean byQuilter, List<UnitPlan> ways) {}

    /** A choice for every group of units, pieces and loose triangles; strips of sashing and borders are no units. */
    public List<Choice> of(TopCount count) {
        Map<UnitsKey, List<TopCount.Group>> byKey = new LinkedHashMap<>();
        List<TopCount.Group> groups = new ArrayList<>(count.units());
        groups.addAll(count.pieces());
        groups.addAll(count.triangles());
        groups.forEach(group ->
                byKey.computeIfAbsent(key(group), any -> new ArrayList<>()).add(group));
        List<Choice> choices = new ArrayList<>();
        byKey.forEach((key, hands) -> choice(key, hands).ifPresent(choices::add));
        return choices;
    }

    /** What no method makes, so that it is said and not left out in silence. */
    public static List<TopCount.Group> unplanned(TopCount count, List<Choice> choices) {
        Set<UnitsKey> planned =
                choices.stream().map(choice -> choice.chosen().key()).collect(java.util.stream.Collectors.toSet());
        List<TopCount.Group> groups = new ArrayList<>(count.units());
        groups.addAll(count.pieces());
        groups.addAll(count.triangles());
        return groups.stream().filter(group -> !planned.contains(key(group))).toList();
    }

    /** Both hands of a unit in the same cloths are one group: one set gives both. */
    public static UnitsKey key(TopCount.Group group) {
        return new UnitsKey(group.unit(), group.cloths());
    }

    private Optional<Choice> choice(UnitsKey key, List<TopCount.Group> hands) {
        List<UnitPlan> ways = new ArrayList<>();
        for (PiecingMethod method : Methods.making(hands.getFirst().unit())) {
            // A chain joins many cloths; a group knows its own two, and counts no cloth of others.
            if (!method.joinsManyCloths()) {
                plan(key, hands, method).ifPresent(ways::add);
            }
        }
        if (ways.isEmpty()) {
            return Optional.empty();
        }
        TopCount.Group first = hands.getFirst();
        Optional<UnitPlan> byQuilter =
                wanted(key.choice(), ways).or(() -> wanted(first.unit().name(), ways));
        return Optional.of(new Choice(byQuilter.orElseGet(() -> best(ways)), byQuilter.isPresent(), ways));
    }

    private Optional<UnitPlan> wanted(String units, List<UnitPlan> ways) {
        return Optional.ofNullable(work.methods().get(units))
                .flatMap(method ->
                        ways.stream().filter(way -> way.method().id() == method).findFirst());
    }

    private static UnitPlan best(List<UnitPlan> ways) {
        return ways.stream()
                .min(Comparator.comparing((UnitPlan way) -> !isUsual(way))
                        .thenComparing(UnitPlan::clothCut)
                        .thenComparingLong(UnitPlan::sets))
                .orElseThrow();
    }

    /** Whether a way leaves straight edges and needs no whole strips or sheets: such ways are taken by themselves. */
    public static boolean isUsual(UnitPlan way) {
        return way.recipe().unitsPerSet() <= MOST_UNITS_A_SET
                && way.recipe().sewing().edges() != OuterEdges.BIAS;
    }

    private Optional<UnitPlan> plan(UnitsKey key, List<TopCount.Group> hands, PiecingMethod method) {
        TopCount.Group group = hands.getFirst();
        Map<ClothRole, Map<String, Integer>> roles = new EnumMap<>(ClothRole.class);
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(group.unit());
        for (int i = 0; i < patches.size(); i++) {
            roles.computeIfAbsent(patches.get(i).cloth(), any -> new LinkedHashMap<>())
                    .merge(group.cloths().get(i), 1, Integer::sum);
        }
        boolean mixed = roles.values().stream().anyMatch(cloths -> cloths.size() > 1);
        if (mixed && !method.cutsEachPatchApart()) {
            return Optional.empty();
        }
        ClothPiece cloth = new ClothPiece(PieceForm.YARDAGE, widthOfFabric, widthOfFabric, ClothPiece.Edge.STRAIGHT);
        Recipe recipe = recipes.computeIfAbsent(
                new Made(group.unit(), method), made -> made.method.recipe(made.unit, settings, cloth));
        long needed = hands.stream().mapToLong(TopCount.Group::count).sum();
        long left = count(hands, Hand.LEFT);
        long right = count(hands, Hand.RIGHT);
        boolean handed = recipe.hands().differ() && left + right > 0;
        Optional<ExtraCount> typed = extra(group);
        long extra = typed.map(each -> each.of(needed)).orElse(0L);
        long sets = handed
                ? Math.max(
                        Math.ceilDiv(
                                left + extraOf(left, typed),
                                Math.max(1, recipe.hands().left())),
                        Math.ceilDiv(
                                right + extraOf(right, typed),
                                Math.max(1, recipe.hands().right())))
                : Math.ceilDiv(needed + extra, recipe.unitsPerSet());
        long made = sets * recipe.unitsPerSet();
        String label = label(group);
        List<ClothCut> cuts = new ArrayList<>();
        for (CutPiece cut : recipe.cuts()) {
            Map<String, Integer> cloths = roles.getOrDefault(cut.role(), Map.of());
            int all = cloths.values().stream().mapToInt(Integer::intValue).sum();
            cloths.forEach((clothKey, share) -> cuts.add(new ClothCut(
                    clothKey,
                    cut.size(),
                    cut.name(),
                    Math.ceilDiv(sets * cut.perSet() * share, all),
                    new Use.ForUnits(key),
                    label)));
        }
        return Optional.of(new UnitPlan(
                key,
                group.label(),
                label,
                group.unit(),
                group.cloths(),
                needed,
                extra,
                left,
                right,
                method,
                recipe,
                sets,
                made,
                cuts));
    }

    private Optional<ExtraCount> extra(TopCount.Group group) {
        return work.extraOf(key(group).choice(), group.unit().name(), "");
    }

    /** Of a hand that is not needed no extra ones are made. */
    private static long extraOf(long hand, Optional<ExtraCount> typed) {
        return hand == 0 ? 0 : typed.map(each -> each.of(hand)).orElse(0L);
    }

    /** Methods that the quilter chose for units that they do not make here; such units are made as is usual. */
    public static List<Problem> notTaken(ReadDesign design, List<Choice> choices) {
        List<Problem> problems = new ArrayList<>();
        design.work().methods().forEach((units, id) -> {
            PiecingMethod method = Methods.of(id);
            choices.stream()
                    .map(Choice::chosen)
                    .filter(plan -> method.joinsManyCloths())
                    .filter(plan -> units.equals(plan.key().choice())
                            || units.equals(plan.unit().name()))
                    .findFirst()
                    .ifPresent(plan -> problems.add(new Problem(
                            plan.label(),
                            "“" + method.displayName() + "”"
                                    + " joins squares of many cloths, which is not counted for one pair of them",
                            "it is counted as made " + plan.method().displayName()
                                    + "; choose another way beside it")));
        });
        return problems;
    }

    /** Border and sashing pieces keep their own names; a mere square of a block is a plain square. */
    private String label(TopCount.Group group) {
        return group.label() + ", " + finished(group);
    }

    /** {@code 3 in finished}; of what is oblong both sides: {@code 2 × 3 1/2 in finished}. */
    private String finished(TopCount.Group group) {
        PatchworkUnit unit = group.unit();
        LengthWriter writer = settings.system().writer();
        boolean oblong = !unit.isTriangle() && !unit.finishedWidth().equals(unit.finishedHeight());
        return (oblong
                        ? writer.write(unit.finishedWidth()) + " × " + writer.writeWithUnit(unit.finishedHeight())
                        : writer.writeWithUnit(unit.namedSize()))
                + " finished";
    }

    private static long count(List<TopCount.Group> hands, Hand hand) {
        return hands.stream()
                .filter(group -> group.hand() == hand)
                .mapToLong(TopCount.Group::count)
                .sum();
    }
}
