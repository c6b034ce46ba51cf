package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.design.MakingDesign.OddOnes;
import org.goldentally.core.making.HalvesChoice.Crossing;
import org.goldentally.core.making.Trails.Trail;
import org.goldentally.core.method.Chain;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.Hourglass;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.method.TwoAtATime;
import org.goldentally.core.problem.Known;

/**
 * The sets of a plan, once each group has its way of being made.
 *
 * <ol>
 *   <li>Every part that a group takes goes into one pool. For each crossing it is chosen which halves it is sewn of.
 *   <li>Of a kind of half or unit that is sewn in pairs, an odd one is sewn of loose triangles; but as a pair, with one to
 *       spare, where both its squares would have a triangle left over anyway.
 *   <li>What is sewn in sets takes its pieces out of the pool; the rest is cut into loose parts, rounded up once for each
 *       cloth and size.
 * </ol>
 */
final class SetBuilder {

    private final Workroom room;
    private final Map<Wanted, UnitPlan> plans;
    private final PartsPool pool = new PartsPool();
    private final List<MadeSet> halves = new ArrayList<>();
    private final List<MadeSet> sets = new ArrayList<>();
    private final Map<Wanted, UnitPlan> settled = new LinkedHashMap<>();

    private SetBuilder(Workroom room, Map<Wanted, UnitPlan> plans) {
        this.room = room;
        this.plans = plans;
    }

    /** The sets, the loose parts, and each group's plan as it is settled in the end. */
    record Built(List<MadeSet> sets, List<LooseParts> parts, Map<Wanted, UnitPlan> plans) {}

    static Built build(Workroom room, Map<Wanted, UnitPlan> plans) {
        return new SetBuilder(room, plans).build();
    }

    private Built build() {
        plans.forEach((units, plan) -> {
            if (!SharedSets.shares(plan.method())) {
                pool.add(room.parts(units, plan.method()), units);
            }
        });
        plans.forEach((units, plan) -> {
            if (plan.method() instanceof TwoAtATime) {
                pairs(units, plan);
            }
        });
        crossings();
        plans.forEach((units, plan) -> {
            boolean done = plan.method() instanceof TwoAtATime || plan.method().crosses();
            if (!done && !SharedSets.shares(plan.method())) {
                whole(units, plan);
            }
        });
        sharedSets();
        List<MadeSet> all = new ArrayList<>(halves);
        all.addAll(sets);
        plans.forEach(settled::putIfAbsent);
        return new Built(all, pool.pieces(), settled);
    }

    /**
     * Whether the odd one of a kind is sewn of loose triangles. As one of a pair it takes the second triangle of both its
     * squares too.
     */
    private boolean isLoose(Half half, long count) {
        if (count % 2 == 0) {
            return false;
        }
        boolean bothHaveOneLeft =
                !half.isOfOneCloth() && pool.wanted(half.ofOne()) % 2 == 1 && pool.wanted(half.ofOther()) % 2 == 1;
        boolean loose = room.oddOnes() == OddOnes.SHARED && !bothHaveOneLeft;
        if (!loose) {
            pool.add(triangles(half, 1));
        }
        return loose;
    }

    private static Map<PieceParts, Long> triangles(Half half, long halves) {
        Map<PieceParts, Long> triangles = new HashMap<>();
        triangles.merge(half.ofOne(), halves, Long::sum);
        triangles.merge(half.ofOther(), halves, Long::sum);
        return triangles;
    }

    private void pairs(Wanted units, UnitPlan plan) {
        Half half = room.half(units, plan.recipe());
        boolean loose = isLoose(half, units.all());
        long pairs = loose ? units.all() / 2 : Math.ceilDiv(units.all(), 2);
        UnitPlan now = plan.settled(pairs, loose ? 1 : 0);
        settled.put(units, now);
        if (pairs > 0) {
            long used = Math.min(units.needed(), 2 * pairs);
            sets.add(new MadeSet.Whole(now, pairs, used, squares(half, pairs, List.of(units))));
        }
        if (loose) {
            sets.add(new MadeSet.Single(
                    now, 1, Math.min(1, units.needed() - Math.min(units.needed(), 2 * pairs)), true));
        }
    }

    /** The squares of so many pairs, taken out of the pool. */
    private List<ClothCut> squares(Half half, long pairs, List<Wanted> groups) {
        pool.remove(triangles(half, 2 * pairs));
        List<Use> uses =
                groups.stream().<Use>map(units -> new Use.ForUnits(units.key())).toList();
        String label =
                String.join("; ", groups.stream().map(Wanted::label).distinct().toList());
        List<ClothCut> cuts = new ArrayList<>();
        cuts.add(new ClothCut(half.one(), half.ofOne().size(), "square", pairs, uses, label));
        cuts.add(new ClothCut(half.other(), half.ofOther().size(), "square", pairs, uses, label));
        return cuts;
    }

    /** Halves of all crossings first, since several crossings share them; then the crossings. */
    private void crossings() {
        List<Crossing> hourglasses = new ArrayList<>();
        Map<Half, Long> wanted = new LinkedHashMap<>();
        Map<Half, Set<Wanted>> groups = new LinkedHashMap<>();
        Map<Wanted, List<Half>> halvesOf = new LinkedHashMap<>();
        plans.forEach((units, plan) -> {
            if (plan.method() instanceof Hourglass) {
                hourglasses.add(Crossing.round(
                        units, round(units), plan.recipe().cuts().getFirst().size(), units.crossings()));
            } else if (plan.method().crosses()) {
                Half half = room.half(units, plan.recipe());
                halvesOf.put(units, List.of(half));
                wanted.merge(half, units.crossings(), Long::sum);
            }
        });
        HalvesChoice.of(hourglasses, wanted).forEach((crossing, chosen) -> {
            halvesOf.put(crossing.units(), chosen);
            chosen.forEach(half -> wanted.merge(half, crossing.count(), Long::sum));
        });
        halvesOf.forEach((units, chosen) -> chosen.forEach(half ->
                groups.computeIfAbsent(half, any -> new LinkedHashSet<>()).add(units)));
        wanted.forEach((half, count) -> halves(half, count, List.copyOf(Known.of(groups, half))));
        halvesOf.forEach((units, chosen) -> {
            UnitPlan plan = Known.of(plans, units);
            sets.add(new MadeSet.Crossed(plan, units.crossings(), units.needed(), chosen, plainSquares(units, plan)));
        });
    }

    /** The cloths of the quarters of an hourglass in the order in which they go round. */
    private static List<String> round(Wanted units) {
        return units.key().cloths();
    }

    private void halves(Half half, long count, List<Wanted> groups) {
        UnitPlan plan = Known.of(plans, groups.getFirst());
        boolean loose = isLoose(half, count);
        long pairs = loose ? count / 2 : Math.ceilDiv(count, 2);
        List<UnitsKey> keys = groups.stream().map(Wanted::key).toList();
        if (pairs > 0) {
            halves.add(new MadeSet.Halves(
                    half, plan, keys, false, pairs, Math.min(count, 2 * pairs), squares(half, pairs, groups)));
        }
        if (loose) {
            halves.add(new MadeSet.Halves(half, plan, keys, true, 1, 1, List.of()));
        }
    }

    /** What a half is crossed with where it is no other half: the plain squares of split quarters, taken out of the pool. */
    private List<ClothCut> plainSquares(Wanted units, UnitPlan plan) {
        return plan.method() instanceof Hourglass ? List.of() : ownPieces(units, plan);
    }

    /** Pieces that are parts of nothing else, taken out of the pool. */
    private List<ClothCut> ownPieces(Wanted units, UnitPlan plan) {
        List<ClothCut> own = new ArrayList<>();
        room.parts(units, plan.method()).forEach((part, count) -> {
            if (part.perPiece() == 1) {
                pool.remove(Map.of(part, count));
                own.add(new ClothCut(
                        part.cloth(), part.size(), part.name(), count, new Use.ForUnits(units.key()), units.label()));
            }
        });
        return own;
    }

    private void whole(Wanted units, UnitPlan plan) {
        if (Workroom.sharesParts(plan.method())) {
            sets.add(new MadeSet.Single(plan, plan.runs(), units.needed(), false));
        } else {
            sets.add(new MadeSet.Whole(plan, plan.runs(), units.needed(), ownPieces(units, plan)));
        }
    }

    private void sharedSets() {
        room.sets().families().forEach((family, members) -> {
            if (members.isEmpty()) {
                return;
            }
            UnitPlan first = Known.of(plans, members.getFirst());
            if (family.method() instanceof Chain chain) {
                chains(chain, members, first);
                return;
            }
            List<ClothCut> cuts = new ArrayList<>();
            List<Use> uses = members.stream()
                    .<Use>map(units -> new Use.ForUnits(units.key()))
                    .toList();
            room.sets()
                    .pieces(family.method(), members)
                    .forEach((cut, count) -> cuts.add(new ClothCut(
                            cut.cloth(), cut.piece().size(), cut.piece().name(), count, uses, labels(members))));
            if (family.method() instanceof StripSetTriangles) {
                TriangleSets shared = room.sets().triangleSets(members);
                members.forEach(
                        units -> settled.put(units, Known.of(plans, units).from(shared)));
            }
            for (Wanted units : members) {
                UnitPlan plan = settled.getOrDefault(units, Known.of(plans, units));
                sets.add(new MadeSet.Whole(
                        plan, plan.runs(), units.needed(), units.equals(members.getFirst()) ? cuts : List.of()));
            }
        });
    }

    private static String labels(List<Wanted> members) {
        return String.join("; ", members.stream().map(Wanted::label).distinct().toList());
    }

    private void chains(Chain chain, List<Wanted> members, UnitPlan first) {
        CutPiece square = first.recipe().cuts().getFirst();
        int number = 0;
        for (Trail trail : room.sets().trails(chain, members)) {
            number++;
            List<UnitsKey> groups = groupsOf(trail, members);
            List<Use> uses = groups.stream().<Use>map(Use.ForUnits::new).toList();
            Map<String, Long> squares = new LinkedHashMap<>();
            trail.squares().forEach(cloth -> squares.merge(cloth, 1L, Long::sum));
            List<ClothCut> cuts = new ArrayList<>();
            squares.forEach((cloth, count) ->
                    cuts.add(new ClothCut(cloth, square.size(), square.name(), count, uses, labels(members))));
            sets.add(new MadeSet.Joined(
                    first.unit(), chain, first.recipe(), number, trail.squares(), trail.closed(), groups, cuts));
        }
    }

    /** The groups whose units a chain gives. */
    private static List<UnitsKey> groupsOf(Trail trail, List<Wanted> members) {
        Set<Set<String>> joined = new LinkedHashSet<>();
        List<String> squares = trail.squares();
        for (int i = 1; i < squares.size(); i++) {
            joined.add(Set.copyOf(new LinkedHashSet<>(List.of(squares.get(i - 1), squares.get(i)))));
        }
        if (trail.closed()) {
            joined.add(Set.copyOf(new LinkedHashSet<>(List.of(squares.getLast(), squares.getFirst()))));
        }
        return members.stream()
                .filter(units -> joined.contains(Set.copyOf(units.key().cloths())))
                .map(Wanted::key)
                .toList();
    }
}
