package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.OuterEdges;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopCount.Group;

/**
 * How everything in a top is made: for each group of units the ways there are, the one that is taken, and the sets that
 * follow from all of them together.
 *
 * <p>Unless the quilter chooses: of the ways that leave straight outer edges and give eight units a set or fewer, the one
 * that adds least cloth to all the rest; among equals the one with fewer sets (our own rule). Each group is looked at twice,
 * since what one adds depends on what the others leave over.
 */
public final class UnitPlans {

    /** Sets of more units than this want whole strips or sheets, which a shelf of precuts does not have. */
    private static final int MOST_UNITS_A_SET = 8;

    private static final int ROUNDS = 2;

    private final WorkChoices work;
    private final SewingSettings settings;
    private final Workroom room;

    private UnitPlans(ReadDesign design, Length widthOfFabric) {
        this.work = design.work();
        this.settings = design.sizes().settings();
        this.room = new Workroom(
                settings,
                work,
                widthOfFabric,
                design.typed().plan().making().oddOnes(),
                design.typed().plan().making().mostSquaresAChain());
    }

    /**
     * A group with the ways to make it.
     *
     * @param chosen the one that is taken
     * @param ways all of them, the chosen one among them
     */
    public record Choice(UnitPlan chosen, boolean byQuilter, List<UnitPlan> ways) {}

    /**
     * The making plan of a top.
     *
     * @param widthOfFabric of what strips are cut across
     */
    public static MakingPlan of(TopCount count, ReadDesign design, Length widthOfFabric) {
        UnitPlans plans = new UnitPlans(design, widthOfFabric);
        return plans.plan(Wanted.of(count, plans.work, plans.settings));
    }

    private MakingPlan plan(List<Wanted> all) {
        Map<Wanted, List<PiecingMethod>> methods = new LinkedHashMap<>();
        all.forEach(units -> {
            List<PiecingMethod> making = Methods.making(units.key().unit()).stream()
                    .filter(method -> !units.isMixed() || method.cutsEachPatchApart())
                    .toList();
            if (!making.isEmpty()) {
                methods.put(units, making);
            }
        });
        Map<Wanted, PiecingMethod> taken = new LinkedHashMap<>();
        Map<Wanted, List<PiecingMethod>> open = new LinkedHashMap<>();
        methods.forEach((units, making) -> {
            Optional<PiecingMethod> byQuilter = byQuilter(units, making);
            List<PiecingMethod> usual = usual(units, making);
            taken.put(units, byQuilter.orElseGet(() -> best(units, usual)));
            if (byQuilter.isEmpty()) {
                open.put(units, usual);
            }
        });
        taken.forEach(room::add);
        for (int round = 0; round < ROUNDS; round++) {
            open.forEach((units, making) -> takeBest(units, making, taken));
        }
        return plan(methods, taken, open.keySet());
    }

    private void takeBest(Wanted units, List<PiecingMethod> usual, Map<Wanted, PiecingMethod> taken) {
        if (usual.size() > 1) {
            room.remove(units, Known.of(taken, units));
            PiecingMethod better = best(units, usual);
            taken.put(units, better);
            room.add(units, better);
        }
    }

    private MakingPlan plan(
            Map<Wanted, List<PiecingMethod>> methods, Map<Wanted, PiecingMethod> taken, Set<Wanted> open) {
        Map<Wanted, List<UnitPlan>> ways = new LinkedHashMap<>();
        Map<Wanted, UnitPlan> chosen = new LinkedHashMap<>();
        methods.forEach((units, making) -> {
            PiecingMethod method = Known.of(taken, units);
            room.remove(units, method);
            List<UnitPlan> all =
                    making.stream().map(each -> room.plan(units, each)).toList();
            room.add(units, method);
            ways.put(units, all);
            chosen.put(
                    units,
                    all.stream()
                            .filter(way -> way.method() == method)
                            .findFirst()
                            .orElseThrow());
        });
        SetBuilder.Built built = SetBuilder.build(room, chosen);
        List<Choice> choices = new ArrayList<>();
        ways.forEach((units, all) -> {
            UnitPlan settled = Known.of(built.plans(), units);
            choices.add(new Choice(
                    settled,
                    !open.contains(units),
                    all.stream()
                            .map(way -> way.method() == settled.method() ? settled : way)
                            .toList()));
        });
        List<Problem> refused = new ArrayList<>();
        taken.forEach((units, method) -> room.cutRefused(units, method).ifPresent(refused::add));
        return new MakingPlan(choices, built.sets(), built.parts(), refused);
    }

    private Optional<PiecingMethod> byQuilter(Wanted units, List<PiecingMethod> making) {
        return wanted(units.key().choice(), making)
                .or(() -> wanted(units.key().unit().name(), making));
    }

    private Optional<PiecingMethod> wanted(String units, List<PiecingMethod> making) {
        return Optional.ofNullable(work.methods().get(units))
                .flatMap(id ->
                        making.stream().filter(method -> method.id() == id).findFirst());
    }

    /** The ways that are taken by themselves; all of them, where there is none such. */
    private List<PiecingMethod> usual(Wanted units, List<PiecingMethod> making) {
        List<PiecingMethod> usual =
                making.stream().filter(method -> isUsual(units, method)).toList();
        return usual.isEmpty() ? making : usual;
    }

    private boolean isUsual(Wanted units, PiecingMethod method) {
        return isUsual(method, room.recipe(units, method));
    }

    private PiecingMethod best(Wanted units, List<PiecingMethod> usual) {
        return usual.size() == 1
                ? usual.getFirst()
                : usual.stream()
                        .map(method -> room.plan(units, method))
                        .min(Comparator.comparing(UnitPlan::clothCut).thenComparingLong(UnitPlan::sets))
                        .orElseThrow()
                        .method();
    }

    /** Whether a way leaves straight edges and needs no whole strips or sheets: such ways are taken by themselves. */
    public static boolean isUsual(UnitPlan way) {
        return isUsual(way.method(), way.recipe());
    }

    private static boolean isUsual(PiecingMethod method, Recipe recipe) {
        return recipe.unitsPerSet() <= MOST_UNITS_A_SET
                && recipe.sewing().edges() != OuterEdges.BIAS
                && !method.isOnlyByChoice();
    }

    /** What no method makes, so that it is said and not left out in silence. */
    public static List<Group> unplanned(TopCount count, List<Choice> choices) {
        Set<UnitsKey> planned =
                choices.stream().map(choice -> choice.chosen().key()).collect(Collectors.toSet());
        return Wanted.all(count).stream()
                .filter(group -> !planned.contains(Wanted.key(group)))
                .toList();
    }

    /** Both hands of a unit in the same cloths are one group: one set gives both. */
    public static UnitsKey key(Group group) {
        return Wanted.key(group);
    }
}
