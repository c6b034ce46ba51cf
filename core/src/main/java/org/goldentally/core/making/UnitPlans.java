package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopCount.Group;
import org.goldentally.core.unit.PatchworkUnit;

/**
 * How everything in a top is made: for each group of units the ways there are, the one that is taken, and the sets that
 * follow from all of them together.
 *
 * <p>Unless the quilter chooses, the way that buys least is taken: fabric on the shelf goes before fabric to buy. No way is
 * shut out for its bias edges, or for the sheets it draws; such a way is taken only where
 * it saves a length that shops cut. Among equals it is the way that adds least to what is cut of all the rest, then the
 * one with fewer sets (our own rule). Each group is looked at twice, since what one adds depends on what the others take
 * and leave over.
 */
public final class UnitPlans {

    private static final int ROUNDS = 2;

    private final WorkChoices work;
    private final SewingSettings settings;
    private final Workroom room;
    private final ShelfUse shelf;
    /** What the chosen ways cut, as far as it is counted in the use of the shelf. */
    private final Map<Wanted, List<ClothCut>> counted = new IdentityHashMap<>();

    private UnitPlans(ReadDesign design, Length widthOfFabric, Supply supply) {
        this.work = design.work();
        this.settings = design.sizes().settings();
        this.shelf = new ShelfUse(
                supply, Purchase.step(settings.system()).times(widthOfFabric).toDoubleSquareInches());
        this.room = new Workroom(
                settings,
                work,
                widthOfFabric,
                supply,
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
     * @param supply what there is of each fabric
     */
    public static MakingPlan of(TopCount count, ReadDesign design, Length widthOfFabric, Supply supply) {
        UnitPlans plans = new UnitPlans(design, widthOfFabric, supply);
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
            List<PiecingMethod> offered = offered(making);
            taken.put(units, byQuilter.orElseGet(() -> best(units, offered)));
            if (byQuilter.isEmpty()) {
                open.put(units, offered);
            }
        });
        taken.forEach(this::take);
        takeTogether(open, taken);
        for (int round = 0; round < ROUNDS; round++) {
            open.forEach((units, making) -> takeBest(units, making, taken));
        }
        return plan(methods, taken, open.keySet());
    }

    private void take(Wanted units, PiecingMethod method) {
        List<ClothCut> cuts = room.plan(units, method).cuts();
        counted.put(units, cuts);
        shelf.add(cuts);
        room.add(units, method);
    }

    private void takeBest(Wanted units, List<PiecingMethod> offered, Map<Wanted, PiecingMethod> taken) {
        if (offered.size() > 1) {
            room.remove(units, Known.of(taken, units));
            shelf.remove(Known.of(counted, units));
            PiecingMethod better = best(units, offered);
            taken.put(units, better);
            take(units, better);
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
        return wanted(units.key().choice(), making).or(() -> wanted(units.key().kindChoice(), making));
    }

    private Optional<PiecingMethod> wanted(String units, List<PiecingMethod> making) {
        return Optional.ofNullable(work.methods().get(units))
                .flatMap(id ->
                        making.stream().filter(method -> method.id() == id).findFirst());
    }

    /** The ways that are taken by themselves: all but those that join many fabrics, where there are others. */
    private static List<PiecingMethod> offered(List<PiecingMethod> making) {
        List<PiecingMethod> offered =
                making.stream().filter(method -> !method.isOnlyByChoice()).toList();
        return offered.isEmpty() ? making : offered;
    }

    private PiecingMethod best(Wanted units, List<PiecingMethod> offered) {
        return offered.size() == 1
                ? offered.getFirst()
                : offered.stream()
                        .map(method -> room.plan(units, method))
                        .min(Comparator.comparingLong((UnitPlan plan) -> shelf.lengthsToBuy(plan.cuts()))
                                .thenComparing(UnitPlans::wantsCare)
                                .thenComparing(UnitPlan::clothCut)
                                .thenComparingLong(UnitPlan::sets))
                        .orElseThrow()
                        .method();
    }

    /** Whether it leaves bias edges, or wants a sheet to be drawn. */
    private static boolean wantsCare(UnitPlan plan) {
        return plan.hasBias() || plan.method().isForMany();
    }

    /**
     * One way for all groups of a kind, where that buys less than each by its own best: of a pack whose prints meet in many
     * pairs, no single pair gains by four at a time, all of them together do.
     */
    private void takeTogether(Map<Wanted, List<PiecingMethod>> open, Map<Wanted, PiecingMethod> taken) {
        Map<PatchworkUnit, List<Wanted>> kinds = new LinkedHashMap<>();
        open.keySet()
                .forEach(units -> kinds.computeIfAbsent(units.key().unit(), any -> new ArrayList<>())
                        .add(units));
        kinds.values().stream().filter(kind -> kind.size() > 1).forEach(kind -> {
            for (PiecingMethod method : Known.of(open, kind.getFirst())) {
                long before = shelf.lengthsToBuy();
                if (before == 0) {
                    return;
                }
                Map<Wanted, PiecingMethod> were = new LinkedHashMap<>();
                kind.stream()
                        .filter(units -> Known.of(open, units).contains(method))
                        .forEach(units -> were.put(units, change(units, method, taken)));
                if (shelf.lengthsToBuy() >= before) {
                    were.forEach((units, was) -> change(units, was, taken));
                }
            }
        });
    }

    /** Answers how it was made before. */
    private PiecingMethod change(Wanted units, PiecingMethod method, Map<Wanted, PiecingMethod> taken) {
        PiecingMethod was = Known.of(taken, units);
        if (was != method) {
            room.remove(units, was);
            shelf.remove(Known.of(counted, units));
            taken.put(units, method);
            take(units, method);
        }
        return was;
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
