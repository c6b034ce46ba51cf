package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ExtraCount;
import org.goldentally.core.meaning.WorkChoices;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.UnitSymmetry.Hand;
import org.jspecify.annotations.Nullable;

/**
 * Units of one size in the same cloths that a top wants, both hands of them.
 *
 * @param name of the units without their size
 * @param label the same with their size: border and sashing pieces keep their own names
 * @param needed both hands together
 * @param extra made beyond that for mishaps, as the quilter asked
 * @param left of those needed, left hands, where hands differ
 * @param extraLeft of those for mishaps, left hands; of a hand that is not needed none are made
 * @param cloths for each role the cloths that play it, and how many patches of a unit are of each
 */
public record Wanted(
        UnitsKey key,
        String name,
        String label,
        long needed,
        long extra,
        long left,
        long right,
        long extraLeft,
        long extraRight,
        Map<ClothRole, Map<String, Integer>> cloths) {

    /** All that is to be made of a top: units, pieces and loose triangles; strips of sashing and borders are no units. */
    static List<Wanted> of(TopCount count, WorkChoices work, SewingSettings settings) {
        Map<UnitsKey, List<TopCount.Group>> byKey = new LinkedHashMap<>();
        all(count)
                .forEach(group -> byKey.computeIfAbsent(key(group), any -> new ArrayList<>())
                        .add(group));
        List<Wanted> wanted = new ArrayList<>();
        byKey.forEach((key, hands) -> wanted.add(of(key, hands, work, settings)));
        return wanted;
    }

    static List<TopCount.Group> all(TopCount count) {
        List<TopCount.Group> groups = new ArrayList<>(count.units());
        groups.addAll(count.pieces());
        groups.addAll(count.triangles());
        return groups;
    }

    /** Both hands of a unit in the same cloths are one group: one set gives both. */
    static UnitsKey key(TopCount.Group group) {
        return new UnitsKey(group.unit(), group.cloths());
    }

    private static Wanted of(UnitsKey key, List<TopCount.Group> hands, WorkChoices work, SewingSettings settings) {
        TopCount.Group first = hands.getFirst();
        long needed = hands.stream().mapToLong(TopCount.Group::count).sum();
        long left = count(hands, Hand.LEFT);
        long right = count(hands, Hand.RIGHT);
        Optional<ExtraCount> typed = work.extraOf(key.choice(), key.kindChoice(), "");
        return new Wanted(
                key,
                first.label(),
                first.label() + ", " + finished(key.unit(), settings),
                needed,
                typed.map(each -> each.of(needed)).orElse(0L),
                left,
                right,
                left == 0 ? 0 : typed.map(each -> each.of(left)).orElse(0L),
                right == 0 ? 0 : typed.map(each -> each.of(right)).orElse(0L),
                roles(key));
    }

    private static Map<ClothRole, Map<String, Integer>> roles(UnitsKey key) {
        Map<ClothRole, Map<String, Integer>> roles = new EnumMap<>(ClothRole.class);
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(key.unit());
        for (int i = 0; i < patches.size(); i++) {
            roles.computeIfAbsent(patches.get(i).cloth(), any -> new LinkedHashMap<>())
                    .merge(key.cloths().get(i), 1, Integer::sum);
        }
        return roles;
    }

    private static long count(List<TopCount.Group> hands, Hand hand) {
        return hands.stream()
                .filter(group -> group.hand() == hand)
                .mapToLong(TopCount.Group::count)
                .sum();
    }

    /** {@code 3 in finished}; of what is oblong both sides: {@code 2 × 3 1/2 in finished}. */
    private static String finished(PatchworkUnit unit, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        boolean oblong = !unit.isTriangle() && !unit.finishedWidth().equals(unit.finishedHeight());
        return (oblong
                        ? writer.write(unit.finishedWidth()) + " × " + writer.writeWithUnit(unit.finishedHeight())
                        : writer.writeWithUnit(unit.namedSize()))
                + " finished";
    }

    /** Those for mishaps among them. */
    long all() {
        return needed + extra;
    }

    /** Whether its hands are counted apart. */
    boolean isHanded() {
        return left + right > 0;
    }

    /** Whether patches of one role are of several cloths. */
    boolean isMixed() {
        return cloths.values().stream().anyMatch(each -> each.size() > 1);
    }

    /** The cloths of a role, with how many patches of one unit are of each. */
    Map<String, Integer> clothsOf(ClothRole role) {
        return cloths.getOrDefault(role, Map.of());
    }

    /** The cloth of a role that only one cloth plays. */
    String cloth(ClothRole role) {
        return clothsOf(role).keySet().iterator().next();
    }

    /** How many runs make it that give so many of each hand, or so many in all where hands are alike. */
    long runs(long lefts, long rights, long inAll) {
        return isHanded() && lefts + rights > 0
                ? Math.max(
                        Math.ceilDiv(left + extraLeft, Math.max(1, lefts)),
                        Math.ceilDiv(right + extraRight, Math.max(1, rights)))
                : Math.ceilDiv(all(), inAll);
    }

    /** Crossings, each of which gives two units, one of each hand where hands differ. */
    long crossings() {
        return runs(1, 1, 2);
    }

    /** A plan wants each group once. */
    @Override
    public boolean equals(@Nullable Object other) {
        return this == other || (other instanceof Wanted wanted && key.equals(wanted.key));
    }

    @Override
    public int hashCode() {
        return key.cloths().hashCode();
    }
}
