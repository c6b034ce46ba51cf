package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.EdgePlaceDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;

/** The places of a top that are free to have any print of a pack, what they meet, and which prints they may have. */
final class FreePlaces {

    /** Lightness of what nothing is known of. */
    private static final double MIDDLE = 50;

    final QuiltDesign design;
    final List<ClothInHand> prints = new ArrayList<>();
    final double[] lightness;
    final Map<String, int[]> allowed = new HashMap<>();
    final List<Hand> hands = new ArrayList<>();
    private final Map<List<Integer>, PlaceDesign> asDesigned = new HashMap<>();
    private final Map<String, EdgePlaceDesign> edgesAsDesigned = new HashMap<>();

    /** @throws RefusedException if nothing is free, or a pack has too few prints */
    FreePlaces(QuiltDesign design) {
        this.design = design;
        design.cloths().stream()
                .filter(cloth -> !cloth.dealt() && !cloth.pack().isEmpty())
                .forEach(prints::add);
        // A colour that nobody has said is not judged by: it differs from nothing and is close to nothing.
        this.lightness = prints.stream()
                .mapToDouble(print -> print.canBeJudged() ? print.judgedLightness() : Double.NaN)
                .toArray();
        design.places().forEach(place -> asDesigned.put(List.of(place.row(), place.column()), place));
        design.edgePlaces().forEach(place -> edgesAsDesigned.put(edge(place.part(), place.unit()), place));
        allow();
        findHands();
        new Neighbours(design.setting().kind(), hands).meet();
        checkPrints();
    }

    private static String edge(String part, int unit) {
        return part + " " + unit;
    }

    private void allow() {
        for (ClothInHand place : design.cloths()) {
            if (!place.dealt()) {
                continue;
            }
            List<Integer> ofPack = new ArrayList<>(IntStream.range(0, prints.size())
                    .filter(i -> prints.get(i).pack().equals(place.pack()))
                    .boxed()
                    .toList());
            if (place.standsFor() == ClothInHand.StandsFor.LIGHT_PRINT
                    || place.standsFor() == ClothInHand.StandsFor.DARK_PRINT) {
                needColours(place, ofPack);
            }
            ofPack.sort(Comparator.comparingDouble(i -> lightness[i]));
            int half = ofPack.size() / 2;
            List<Integer> may = switch (place.standsFor()) {
                case LIGHT_PRINT -> ofPack.subList(half, ofPack.size());
                case DARK_PRINT -> ofPack.subList(0, half);
                case ANY_PRINT, ITSELF -> ofPack;
            };
            allowed.put(
                    place.key(),
                    may.stream()
                            .filter(i -> !place.but().contains(prints.get(i).key()))
                            .mapToInt(Integer::intValue)
                            .toArray());
        }
        if (allowed.isEmpty()) {
            throw new RefusedException(
                    new Problem(
                            "Free places",
                            "no patch is waiting for a print",
                            "take “any print” of a pack in hand and dress patches of a block, a border or the sashing in it first"));
        }
    }

    /** Which half of a pack a print is in can only be told where its colour is known. */
    private void needColours(ClothInHand place, List<Integer> ofPack) {
        long guessed = ofPack.stream().filter(i -> Double.isNaN(lightness[i])).count();
        if (guessed > 0) {
            throw new RefusedException(new Problem(
                    "Free places",
                    "the colours of " + guessed + " of the " + ofPack.size() + " prints of " + place.pack()
                            + " are only guessed, so light and dark ones cannot be told apart",
                    "pick or photograph their swatches at the Cloth station, type how light they are,"
                            + " or take “any print” in hand"));
        }
    }

    private void findHands() {
        for (TopPart part : QuiltTop.of(undealt()).parts()) {
            if (part.isInARow()) {
                take(freeKeys(part.figure().units()), keys -> Hand.block(part, keys));
                continue;
            }
            for (int i = 0; i < Hand.unitsAlong(part); i++) {
                int unit = i;
                take(freeKeys(Hand.unitsAt(part, unit)), keys -> Hand.edge(part, unit, keys));
            }
        }
        if (hands.isEmpty()) {
            throw new RefusedException(new Problem(
                    "Free places",
                    "nothing on the top has a place for a print",
                    "dress patches of a block, a border or the sashing in “any print” of the pack"));
        }
    }

    private List<String> freeKeys(List<FigureUnit> units) {
        Set<String> keys = new LinkedHashSet<>();
        units.forEach(
                unit -> unit.cloths().stream().filter(allowed::containsKey).forEach(keys::add));
        return List.copyOf(keys);
    }

    private void take(List<String> keys, Function<List<String>, Hand> hand) {
        if (!keys.isEmpty()) {
            Hand found = hand.apply(keys);
            found.units.forEach(unit -> meet(found, unit));
            hands.add(found);
        }
    }

    private void checkPrints() {
        for (Hand hand : hands) {
            for (String key : hand.freeKeys) {
                long samePack = hand.freeKeys.stream()
                        .filter(other -> Known.of(allowed, other).length > 0
                                && Arrays.equals(Known.of(allowed, other), Known.of(allowed, key)))
                        .count();
                if (Known.of(allowed, key).length < Math.max(1, samePack)) {
                    throw new RefusedException(new Problem(
                            "Free places",
                            (hand.isEdge() ? "a unit" : "a block") + " has " + Math.max(1, samePack)
                                    + " places for prints of which the pack has "
                                    + Known.of(allowed, key).length,
                            "take more prints of the pack in hand, leave fewer of them out,"
                                    + " or take fewer different places in it"));
                }
            }
        }
    }

    /** The design as before anything was laid out: exchanges of free places are taken back. */
    QuiltDesign undealt() {
        return design.withPlaces(design.places().stream()
                        .map(place -> place.with(fixed(place.exchanges())))
                        .toList())
                .withEdgePlaces(design.edgePlaces().stream()
                        .map(place -> place.with(fixed(place.exchanges())))
                        .toList());
    }

    private List<Exchange> fixed(List<Exchange> exchanges) {
        return exchanges.stream()
                .filter(exchange -> !allowed.containsKey(exchange.from()))
                .toList();
    }

    private void meet(Hand hand, FigureUnit unit) {
        if (unit.unit() instanceof QuarterSquareTriangleUnit) {
            hand.rounds.add(
                    unit.cloths().stream().mapToInt(hand.freeKeys::indexOf).toArray());
        }
        List<String> cloths = unit.cloths().stream().distinct().toList();
        for (int i = 0; i < cloths.size(); i++) {
            int one = hand.freeKeys.indexOf(cloths.get(i));
            for (int j = 0; j < cloths.size(); j++) {
                int other = hand.freeKeys.indexOf(cloths.get(j));
                if (one >= 0 && other > one) {
                    hand.meets.add(new int[] {one, other});
                } else if (one >= 0 && other < 0) {
                    double fixed = design.cloth(cloths.get(j))
                            .filter(ClothInHand::canBeJudged)
                            .map(ClothInHand::judgedLightness)
                            .orElse(Double.NaN);
                    hand.meetsFixed.add(new double[] {one, fixed});
                }
            }
        }
    }

    /** Where a block lies and what is said of it there. */
    PlaceDesign place(Hand hand) {
        return asDesigned.getOrDefault(
                List.of(hand.part.row(), hand.part.column()),
                new PlaceDesign(hand.part.row(), hand.part.column(), "", 0, false, List.of()));
    }

    /** What is said of a unit along an edge. */
    EdgePlaceDesign edgePlace(Hand hand) {
        String part = hand.part.id().text();
        return edgesAsDesigned.getOrDefault(
                edge(part, hand.unit), new EdgePlaceDesign(part, hand.unit, List.of(), false));
    }

    boolean isLocked(Hand hand) {
        return hand.isEdge() ? edgePlace(hand).locked() : place(hand).locked();
    }

    private List<Exchange> exchangesNow(Hand hand) {
        return hand.isEdge() ? edgePlace(hand).exchanges() : place(hand).exchanges();
    }

    /** The prints that it has now, -1 where a place is still free. */
    int[] printsNow(Hand hand) {
        int[] now = new int[hand.freeKeys.size()];
        for (int i = 0; i < now.length; i++) {
            now[i] = print(exchangesNow(hand), hand.freeKeys.get(i));
        }
        return now;
    }

    int print(List<Exchange> exchanges, String free) {
        return exchanges.stream()
                .filter(exchange -> exchange.from().equals(free))
                .mapToInt(exchange -> index(exchange.to()))
                .findFirst()
                .orElse(-1);
    }

    private int index(String print) {
        for (int i = 0; i < prints.size(); i++) {
            if (prints.get(i).key().equals(print)) {
                return i;
            }
        }
        return -1;
    }

    Made made(String sort, int[] prints, boolean mirrored) {
        double sum = 0;
        int known = 0;
        for (int print : prints) {
            if (print >= 0 && !Double.isNaN(lightness[print])) {
                sum += lightness[print];
                known++;
            }
        }
        return new Made(sort, prints, known == 0 ? MIDDLE : sum / known, mirrored);
    }

    /** Units of a block, dressed in these prints, in which cloths close in value meet. */
    int closePairs(Hand hand, int[] dressed) {
        int close = 0;
        for (int[] pair : hand.meets) {
            close += isClose(lightness[dressed[pair[0]]], lightness[dressed[pair[1]]]) ? 1 : 0;
        }
        for (double[] pair : hand.meetsFixed) {
            close += isClose(lightness[dressed[(int) pair[0]]], pair[1]) ? 1 : 0;
        }
        return close;
    }

    boolean isClose(double one, double other) {
        return Math.abs(one - other) < design.closeInValue();
    }

    /** The exchanges that dress a block in these prints, those of its other cloths before them. */
    List<Exchange> exchanges(Hand hand, List<Exchange> others, int[] dressed) {
        List<Exchange> exchanges = new ArrayList<>(fixed(others));
        for (int i = 0; i < dressed.length; i++) {
            exchanges.add(
                    new Exchange(hand.freeKeys.get(i), prints.get(dressed[i]).key()));
        }
        return exchanges;
    }
}
