package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.UnitSymmetry;
import org.goldentally.core.work.Work;

/**
 * Looks for two blocks that would better change a print: where oat with rose is needed an odd number of times, and so are
 * three other combinations of theirs, exchanging rose for teal in one block and teal for rose in another makes pairs of
 * halves.
 *
 * <p>Only prints of one pack change places, and only where no unit becomes close in value by it; so the top looks the same
 * from a step away.
 */
final class ExchangeAdvice {

    /** More different blocks than this are looked at by hand only (our own limit): each is set beside each. */
    private static final int MOST_DRESSINGS = 300;

    /** A pair is saved where two odd units fewer are left over. */
    private static final int WORTH_IT = 2;

    private final TopTally tally;
    private final QuiltDesign design;
    /** Units that are made as pairs, and how many of each: the odd ones cost half a pair. */
    private final Map<UnitsKey, Long> paired = new HashMap<>();
    /** Units made in some other way, of which one more or less leaves nothing over that is half a pair. */
    private final Set<UnitsKey> otherwise = new HashSet<>();

    ExchangeAdvice(TopTally tally) {
        this.tally = tally;
        this.design = tally.top().design();
        for (UnitPlans.Choice choice : tally.choices()) {
            UnitPlan plan = choice.chosen();
            if (plan.unit() instanceof HalfSquareTriangleUnit && plan.method().id() == MethodId.TWO_AT_A_TIME) {
                paired.put(plan.key(), plan.needed() + plan.extra());
            } else {
                otherwise.add(plan.key());
            }
        }
    }

    /** A print changes places between two blocks. */
    record Exchanged(TopPart one, String from, TopPart other, String to, int saved) {}

    /** The exchange that makes most pairs whole; empty where none does. */
    Optional<Exchanged> best() {
        if (paired.values().stream().filter(count -> count % 2 == 1).count() < WORTH_IT) {
            return Optional.empty();
        }
        Exchanged best = null;
        List<TopPart> blocks = differentBlocks();
        for (int i = 0; i < blocks.size(); i++) {
            for (int j = i + 1; j < blocks.size(); j++) {
                Work.spend(1);
                for (Exchanged each : between(blocks.get(i), blocks.get(j))) {
                    best = best == null || each.saved > best.saved ? each : best;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** The design with it done. */
    QuiltDesign with(Exchanged exchange) {
        Map<List<Integer>, PlaceDesign> places = new LinkedHashMap<>();
        design.places().forEach(place -> places.put(List.of(place.row(), place.column()), place));
        dress(places, exchange.one, exchange.from, exchange.to);
        dress(places, exchange.other, exchange.to, exchange.from);
        return design.withPlaces(List.copyOf(places.values()));
    }

    /** What a block shows as a print it may have by an exchange already; that exchange is what changes. */
    private static void dress(Map<List<Integer>, PlaceDesign> places, TopPart part, String shown, String to) {
        List<Integer> at = List.of(part.row(), part.column());
        PlaceDesign place =
                places.getOrDefault(at, new PlaceDesign(part.row(), part.column(), "", 0, false, List.of()));
        List<Exchange> exchanges = new ArrayList<>();
        boolean found = false;
        for (Exchange each : place.exchanges()) {
            boolean shows = each.to().equals(shown);
            found |= shows;
            exchanges.add(shows ? new Exchange(each.from(), to) : each);
        }
        if (!found) {
            exchanges.add(new Exchange(shown, to));
        }
        places.put(at, place.with(exchanges));
    }

    private List<TopPart> differentBlocks() {
        Map<Object, TopPart> first = new LinkedHashMap<>();
        for (TopPart part : tally.top().parts()) {
            boolean locked = design.places().stream()
                    .anyMatch(place -> place.locked() && place.row() == part.row() && place.column() == part.column());
            if (part.kind() == TopPart.Kind.BLOCK && !locked) {
                first.putIfAbsent(
                        List.of(part.blockKey(), cloths(part), part.placing().mirrored()), part);
            }
        }
        return first.values().stream().limit(MOST_DRESSINGS).toList();
    }

    private static List<List<String>> cloths(TopPart part) {
        return part.figure().units().stream().map(FigureUnit::cloths).toList();
    }

    private List<Exchanged> between(TopPart one, TopPart other) {
        List<Exchanged> found = new ArrayList<>();
        Set<String> ofOne = prints(one);
        Set<String> ofOther = prints(other);
        for (String from : ofOne) {
            for (String to : ofOther) {
                boolean may = !ofOne.contains(to) && !ofOther.contains(from) && isOfOnePack(from, to);
                if (may && !becomesClose(one, from, to) && !becomesClose(other, to, from)) {
                    int saved = saved(one, from, other, to);
                    if (saved >= WORTH_IT) {
                        found.add(new Exchanged(one, from, other, to, saved));
                    }
                }
            }
        }
        return found;
    }

    /** In the order of their keys, so that the same top gets the same advice. */
    private Set<String> prints(TopPart part) {
        Set<String> prints = new TreeSet<>();
        part.figure()
                .units()
                .forEach(unit -> unit.cloths().stream()
                        .filter(cloth -> design.cloth(cloth)
                                .filter(each -> !each.pack().isEmpty() && !each.dealt())
                                .isPresent())
                        .forEach(prints::add));
        return prints;
    }

    private boolean isOfOnePack(String one, String other) {
        return design.cloth(one)
                .map(ClothInHand::pack)
                .equals(design.cloth(other).map(ClothInHand::pack));
    }

    private boolean becomesClose(TopPart part, String from, String to) {
        return part.figure().units().stream()
                .filter(unit -> unit.cloths().contains(from))
                .flatMap(unit -> unit.cloths().stream())
                .filter(cloth -> !cloth.equals(from))
                .anyMatch(cloth -> isClose(to, cloth) && !isClose(from, cloth));
    }

    private boolean isClose(String one, String other) {
        Optional<ClothInHand> first = design.cloth(one).filter(ClothInHand::canBeJudged);
        Optional<ClothInHand> second = design.cloth(other).filter(ClothInHand::canBeJudged);
        return first.isPresent()
                && second.isPresent()
                && Math.abs(first.get().judgedLightness() - second.get().judgedLightness()) < design.closeInValue();
    }

    /** How many odd units fewer there are after it. */
    private int saved(TopPart one, String from, TopPart other, String to) {
        Map<UnitsKey, Integer> change = new HashMap<>();
        change(change, one, from, to);
        change(change, other, to, from);
        int saved = 0;
        change.keySet().removeAll(otherwise);
        for (Map.Entry<UnitsKey, Integer> each : change.entrySet()) {
            long was = paired.getOrDefault(each.getKey(), 0L);
            saved += (int) (was % 2 - (was + each.getValue()) % 2);
        }
        return saved;
    }

    private static void change(Map<UnitsKey, Integer> change, TopPart part, String from, String to) {
        for (FigureUnit unit : part.figure().units()) {
            if (unit.unit() instanceof HalfSquareTriangleUnit && unit.cloths().contains(from)) {
                change.merge(key(unit, unit.cloths()), -1, Integer::sum);
                List<String> exchanged = unit.cloths().stream()
                        .map(cloth -> cloth.equals(from) ? to : cloth)
                        .toList();
                change.merge(key(unit, exchanged), 1, Integer::sum);
            }
        }
    }

    private static UnitsKey key(FigureUnit unit, List<String> cloths) {
        UnitSymmetry.Counted counted = UnitSymmetry.counted(unit.unit(), cloths, unit.isMirrored());
        return new UnitsKey(counted.unit(), counted.cloths());
    }
}
