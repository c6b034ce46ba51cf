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
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Area;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;

/**
 * A cloth that is short, in a few blocks another instead: one of the quilt that is near it in value and lies on the shelf.
 * The last blocks of the top change, so few as are enough; a block where the two would meet, or where the other would come
 * close in value to its neighbour, stays as it is, and so does a locked one.
 */
final class NeighbourCloths {

    /** Where more cloths than this are short, one of them instead of another is no way out. */
    private static final int MOST_SHORT = 4;

    private static final int MOST_NEIGHBOURS = 2;
    private static final int MOST_BLOCKS = 12;

    /** How many blocks are wanted is guessed by area; so many more are tried. */
    private static final int MORE_THAN_GUESSED = 2;

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

    private static Area missing(ClothLedger ledger) {
        return ledger.missing().stream().map(ClothCut::area).reduce(Area.ZERO, Area::plus);
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
        if (blocks.isEmpty()) {
            return Optional.empty();
        }
        Area all = least.tally().count().areas().getOrDefault(lacking.cloth(), Area.ZERO);
        double share = missing(lacking).percentOf(all) / 100;
        int guessed = Math.max(1, (int) Math.floor(share * blocks.size()));
        int most = Math.min(Math.min(MOST_BLOCKS, blocks.size()), guessed + MORE_THAN_GUESSED);
        for (int count = guessed; count <= most; count++) {
            List<TopPart> changed = blocks.subList(0, count);
            QuiltDesign with = with(changed, lacking.cloth(), other.key());
            TopTally tally = TopTally.of(QuiltTop.of(with), shelf, cutter);
            boolean enough = tally.ledgers().stream()
                    .filter(ledger -> ledger.cloth().equals(lacking.cloth())
                            || ledger.cloth().equals(other.key()))
                    .allMatch(ClothLedger::isEnough);
            if (enough) {
                return Optional.of(new Neighbour(
                        "neighbour-" + lacking.cloth() + "-" + other.key(),
                        other.name() + " instead of " + name(lacking.cloth()) + " in " + blocks(changed),
                        with));
            }
        }
        return Optional.empty();
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
        boolean meets = units.stream()
                .flatMap(unit -> unit.cloths().stream())
                .filter(cloth -> !cloth.equals(from))
                .anyMatch(cloth -> cloth.equals(to.key()) || comesClose(cloth, from, to));
        return !locked && !units.isEmpty() && !meets;
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
