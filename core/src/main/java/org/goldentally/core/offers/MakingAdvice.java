package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.QuiltDesign.MethodChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.MakingPlan;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.offers.Offer.Kind;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;

/**
 * What could be made otherwise over the whole top: every other block mirrored, so that both hands of each crossing are used;
 * a chain through all combinations instead of loose triangles or half pairs. Each is planned in full before it is offered.
 */
final class MakingAdvice {

    /** Fewer odd units than this are no chain worth laying out (our own limit). */
    private static final int LEAST_FOR_A_CHAIN = 4;

    private final TopTally tally;
    private final QuiltDesign design;
    private final Map<String, List<ShelfPieces>> shelf;
    private final ClothCutter cutter;

    MakingAdvice(TopTally tally, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        this.tally = tally;
        this.design = tally.top().design();
        this.shelf = shelf;
        this.cutter = cutter;
    }

    List<Offer> all() {
        List<Offer> all = new ArrayList<>();
        mirrorEveryOther().ifPresent(all::add);
        chain().ifPresent(all::add);
        exchange().ifPresent(all::add);
        return all;
    }

    /** Odd units of four combinations become pairs where two blocks change a print. */
    private Optional<Offer> exchange() {
        ExchangeAdvice advice = new ExchangeAdvice(tally);
        return advice.best().flatMap(found -> {
            QuiltDesign exchanged = advice.with(found);
            return better(
                    Kind.EXCHANGE,
                    "exchange",
                    "exchange " + name(found.from()) + " in "
                            + found.one().where() + " and " + name(found.to()) + " in "
                            + found.other().where() + ": " + found.saved() + " odd units fewer are left over",
                    exchanged,
                    TopTally.of(QuiltTop.of(exchanged), shelf, cutter));
        });
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(each -> each.name()).orElse("fabric not chosen");
    }

    /** A field of one-handed crossings wastes every second unit; mirrored by turns it wastes none. */
    private Optional<Offer> mirrorEveryOther() {
        Set<UnitsKey> oneHanded = new HashSet<>();
        for (MadeSet set : tally.making().sets()) {
            if (set instanceof MadeSet.Crossed crossed
                    && crossed.plan().left() != crossed.plan().right()) {
                oneHanded.add(crossed.plan().key());
            }
        }
        if (oneHanded.isEmpty()) {
            return Optional.empty();
        }
        Set<PartId> parts = new HashSet<>();
        for (TopCount.Group group : tally.count().units()) {
            if (oneHanded.contains(org.goldentally.core.making.UnitPlans.key(group))) {
                parts.addAll(group.partIds());
            }
        }
        QuiltDesign mirrored = everyOtherMirrored(parts);
        return better(
                Kind.MIRRORING,
                "mirror",
                "mirror every other block: a crossing gives one unit of each hand, and only one of them is used now",
                mirrored,
                TopTally.of(QuiltTop.of(mirrored), shelf, cutter));
    }

    private QuiltDesign everyOtherMirrored(Set<PartId> parts) {
        Map<List<Integer>, PlaceDesign> places = new HashMap<>();
        design.places().forEach(place -> places.put(List.of(place.row(), place.column()), place));
        boolean other = false;
        for (TopPart part : tally.top().parts()) {
            if (part.kind() != TopPart.Kind.BLOCK || !parts.contains(part.id())) {
                continue;
            }
            List<Integer> at = List.of(part.row(), part.column());
            PlaceDesign place =
                    places.getOrDefault(at, new PlaceDesign(part.row(), part.column(), "", 0, false, List.of()));
            places.put(
                    at,
                    new PlaceDesign(
                            place.row(),
                            place.column(),
                            place.block(),
                            place.quarterTurns(),
                            other,
                            place.exchanges(),
                            place.locked()));
            other = !other;
        }
        return design.withPlaces(List.copyOf(places.values()));
    }

    /** Odd half-square triangles in many combinations are a chain from cloth to cloth. */
    private Optional<Offer> chain() {
        List<UnitPlan> odd = tally.choices().stream()
                .map(choice -> choice.chosen())
                .filter(plan -> plan.unit() instanceof HalfSquareTriangleUnit)
                .filter(plan -> isInPairsOrLoose(plan.method().id()))
                .filter(plan -> plan.loose() > 0
                        || plan.method().id() == MethodId.LOOSE_HALF_SQUARES
                        || plan.spare() > plan.extra())
                .toList();
        if (odd.size() < LEAST_FOR_A_CHAIN) {
            return Optional.empty();
        }
        Set<String> keys = new HashSet<>();
        odd.forEach(plan -> keys.add(plan.key().choice()));
        List<MethodChoice> methods = new ArrayList<>(design.methods());
        methods.removeIf(choice -> keys.contains(choice.units()));
        keys.stream().sorted().forEach(key -> methods.add(new MethodChoice(key, MethodId.CLOSED_RING.key())));
        QuiltDesign chained = design.withMethods(methods);
        TopTally then =
                TopTally.of(tally.top(), tally.count(), tally.top().read().madeAs(chained), shelf, cutter);
        return better(
                Kind.CHAIN,
                "chain",
                "chains or rings from cloth to cloth for " + odd.size()
                        + " combinations of half-square triangles, instead of loose triangles and half pairs",
                chained,
                then);
    }

    private static boolean isInPairsOrLoose(MethodId method) {
        return method == MethodId.TWO_AT_A_TIME || method == MethodId.LOOSE_HALF_SQUARES;
    }

    /** An offer that needs no more pieces than now, and fewer of them or fewer batches. */
    private Optional<Offer> better(Kind kind, String key, String what, QuiltDesign other, TopTally then) {
        long piecesNow = pieces(tally.making());
        long piecesThen = pieces(then.making());
        int setsNow = tally.making().sets().size();
        int setsThen = then.making().sets().size();
        if (piecesThen > piecesNow || (piecesThen == piecesNow && setsThen >= setsNow)) {
            return Optional.empty();
        }
        String effect = piecesNow + " pieces to cut become " + piecesThen + ", " + setsNow + " batches " + setsThen
                + "; " + Bought.of(then).against(Bought.of(tally), design.cloths(), design.system());
        return Optional.of(new Offer(kind, key, what, effect, other));
    }

    private static long pieces(MakingPlan plan) {
        return plan.cuts().stream().mapToLong(ClothCut::count).sum();
    }
}
