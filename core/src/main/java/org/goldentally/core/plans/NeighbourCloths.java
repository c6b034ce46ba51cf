package org.goldentally.core.plans;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;

/**
 * A cloth that is short, in a few blocks another instead: one of the quilt that is near it in value and lies on the shelf.
 * The last blocks of the top change, so few as are enough; a block that has the two already, or where the other would come
 * close in value to its neighbour, stays as it is, and so does a locked one.
 */
final class NeighbourCloths {

    /** Where more cloths than this are short, one of them instead of another is no way out. */
    private static final int MOST_SHORT = 4;

    private static final int MOST_NEIGHBOURS = 2;
    private static final int MOST_BLOCKS = 12;

    /** Blocks named one by one. */
    private static final int MOST_NAMED = 4;

    private final BestPlans.Tried least;
    private final QuiltDesign design;
    private final Map<String, List<ShelfPieces>> shelf;
    private final ClothCutter cutter;

    NeighbourCloths(BestPlans.Tried least, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        this.least = least;
        this.design = least.design();
        this.shelf = shelf;
        this.cutter = cutter;
    }

    /** A cloth instead of another in some blocks. */
    record Neighbour(String key, String what, QuiltDesign design) {}

    List<Neighbour> all() {
        List<ClothLedger> lacking = least.tally().ledgers().stream()
                .filter(ledger ->
                        ledger.toBuy().isPresent() && ledger.tooLarge().isEmpty())
                .toList();
        if (lacking.size() > MOST_SHORT) {
            return List.of();
        }
        List<Neighbour> all = new ArrayList<>();
        for (ClothLedger ledger : lacking) {
            for (ClothInHand other : near(ledger.cloth())) {
                instead(ledger, other).ifPresent(all::add);
            }
        }
        return all;
    }

    private List<ClothInHand> near(String key) {
        Optional<ClothInHand> cloth = design.cloth(key).filter(ClothInHand::canBeJudged);
        if (cloth.isEmpty()) {
            return List.of();
        }
        return design.cloths().stream()
                .filter(other -> !other.key().equals(key)
                        && !other.dealt()
                        && other.background() == cloth.get().background()
                        && !shelf.getOrDefault(other.key(), List.of()).isEmpty()
                        && isClose(other, cloth.get()))
                .sorted(Comparator.comparingDouble(
                        other -> Math.abs(other.judgedLightness() - cloth.get().judgedLightness())))
                .limit(MOST_NEIGHBOURS)
                .toList();
    }

    private boolean isClose(ClothInHand one, ClothInHand other) {
        return one.canBeJudged()
                && other.canBeJudged()
                && Math.abs(one.judgedLightness() - other.judgedLightness()) < design.closeInValue();
    }

    private Optional<Neighbour> instead(ClothLedger lacking, ClothInHand other) {
        List<TopPart> blocks = least.tally().top().parts().stream()
                .filter(part -> part.kind() == TopPart.Kind.BLOCK && mayChange(part, lacking.cloth(), other))
                .sorted(Comparator.comparingInt(TopPart::row)
                        .thenComparingInt(TopPart::column)
                        .reversed())
                .toList();
        List<TopPart> changed = blocks.subList(0, fewest(blocks, lacking.cloth(), other.key()));
        Changed tried = changed(changed, lacking.cloth(), other.key());
        return tried.isEnough(lacking.cloth()) && tried.isEnough(other.key())
                ? Optional.of(new Neighbour(
                        "neighbour-" + lacking.cloth() + "-" + other.key(),
                        other.name() + " instead of " + name(lacking.cloth()) + " in " + blocks(changed),
                        tried.design))
                : Optional.empty();
    }

    /** The more blocks change, the less of the cloth is wanted; so half of those that come into question are left out each time. */
    private int fewest(List<TopPart> blocks, String from, String to) {
        int tooFew = 0;
        int most = Math.min(MOST_BLOCKS, blocks.size());
        while (most - tooFew > 1) {
            int middle = (tooFew + most) / 2;
            if (changed(blocks.subList(0, middle), from, to).isEnough(from)) {
                most = middle;
            } else {
                tooFew = middle;
            }
        }
        return most;
    }

    /** The quilt with some blocks changed. */
    private record Changed(QuiltDesign design, TopTally tally) {
        boolean isEnough(String cloth) {
            return tally.ledgers().stream()
                    .filter(ledger -> ledger.cloth().equals(cloth))
                    .allMatch(ClothLedger::isEnough);
        }
    }

    private Changed changed(List<TopPart> blocks, String from, String to) {
        QuiltDesign with = with(blocks, from, to);
        return new Changed(with, TopTally.of(QuiltTop.of(with), shelf, cutter));
    }

    private String name(String cloth) {
        return design.cloth(cloth).map(ClothInHand::name).orElse(cloth);
    }

    private static String blocks(List<TopPart> changed) {
        if (changed.size() > MOST_NAMED) {
            return "the last " + changed.size() + " blocks that have it";
        }
        List<String> said = changed.reversed().stream()
                .map(part -> "block " + (part.column() + 1) + " of row " + (part.row() + 1))
                .toList();
        return String.join(", ", said);
    }

    private boolean mayChange(TopPart part, String from, ClothInHand to) {
        boolean locked = design.places().stream()
                .anyMatch(place -> place.locked() && place.row() == part.row() && place.column() == part.column());
        List<FigureUnit> units = part.figure().units().stream()
                .filter(unit -> unit.cloths().contains(from))
                .toList();
        boolean hasBoth =
                part.figure().units().stream().anyMatch(unit -> unit.cloths().contains(to.key()));
        boolean comesClose = units.stream()
                .flatMap(unit -> unit.cloths().stream())
                .anyMatch(cloth -> !cloth.equals(from) && comesClose(cloth, from, to));
        return !locked && !units.isEmpty() && !hasBoth && !comesClose;
    }

    private boolean comesClose(String neighbour, String from, ClothInHand to) {
        Optional<ClothInHand> beside = design.cloth(neighbour);
        return beside.filter(cloth -> isClose(cloth, to)).isPresent()
                && design.cloth(from)
                        .filter(before -> !isClose(before, beside.get()))
                        .isPresent();
    }

    private QuiltDesign with(List<TopPart> blocks, String from, String to) {
        Map<List<Integer>, PlaceDesign> places = new LinkedHashMap<>();
        design.places().forEach(place -> places.put(List.of(place.row(), place.column()), place));
        blocks.forEach(part -> places.compute(
                List.of(part.row(), part.column()),
                (at, before) -> dressed(
                        before == null ? new PlaceDesign(part.row(), part.column(), "", 0, false, List.of()) : before,
                        from,
                        to)));
        return design.withPlaces(List.copyOf(places.values()));
    }

    /** What shows as the cloth by an exchange already is exchanged for the other; so is the cloth itself. */
    private static PlaceDesign dressed(PlaceDesign place, String shown, String to) {
        List<Exchange> exchanges = new ArrayList<>();
        boolean itself = true;
        for (Exchange each : place.exchanges()) {
            exchanges.add(each.to().equals(shown) ? new Exchange(each.from(), to) : each);
            itself &= !each.from().equals(shown);
        }
        if (itself) {
            exchanges.add(new Exchange(shown, to));
        }
        return place.with(exchanges);
    }
}
