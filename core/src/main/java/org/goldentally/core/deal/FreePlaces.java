package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntConsumer;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
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

    /** A block with free places: which prints they may have, and which cloths they meet. */
    static final class Hand {
        final TopPart part;
        final List<String> freeKeys;
        /** Pairs of free places that meet in a unit. */
        final List<int[]> meets = new ArrayList<>();
        /** Free places and the lightness of a fixed cloth that they meet. */
        final List<double[]> meetsFixed = new ArrayList<>();

        /** For each hourglass its four places going round; -1 where a cloth is fixed. */
        final List<int[]> rounds = new ArrayList<>();

        final List<Integer> neighbours = new ArrayList<>();
        /** Blocks two places off in a row, a column or a diagonal. */
        final List<Integer> nearby = new ArrayList<>();

        private final String sort;

        Hand(TopPart part, List<String> freeKeys) {
            this.part = part;
            this.freeKeys = freeKeys;
            this.sort = part.blockKey() + " " + freeKeys;
        }

        String block() {
            return part.blockKey();
        }

        /** Blocks of one sort have the same free places and can change places. */
        String sort() {
            return sort;
        }
    }

    /** Lightness of what nothing is known of. */
    private static final double MIDDLE = 50;

    final QuiltDesign design;
    final List<ClothInHand> prints = new ArrayList<>();
    final double[] lightness;
    final Map<String, int[]> allowed = new HashMap<>();
    final List<Hand> hands = new ArrayList<>();
    private final Map<List<Integer>, PlaceDesign> asDesigned = new HashMap<>();

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
        allow();
        findHands();
    }

    private void allow() {
        for (ClothInHand place : design.cloths()) {
            if (!place.dealt()) {
                continue;
            }
            List<Integer> ofPack = new ArrayList<>();
            for (int i = 0; i < prints.size(); i++) {
                if (prints.get(i).pack().equals(place.pack())) {
                    ofPack.add(i);
                }
            }
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
            allowed.put(place.key(), may.stream().mapToInt(Integer::intValue).toArray());
        }
        if (allowed.isEmpty()) {
            throw new RefusedException(new Problem(
                    "Free places",
                    "no block is dressed in a print to be dealt",
                    "take “any print” of a pack in hand and dress patches of a block in it first"));
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
        Map<List<Integer>, Integer> at = new HashMap<>();
        for (TopPart part : QuiltTop.of(undealt()).parts()) {
            if (part.kind() != TopPart.Kind.BLOCK) {
                continue;
            }
            Set<String> keys = new LinkedHashSet<>();
            part.figure()
                    .units()
                    .forEach(unit ->
                            unit.cloths().stream().filter(allowed::containsKey).forEach(keys::add));
            if (keys.isEmpty()) {
                continue;
            }
            Hand hand = new Hand(part, List.copyOf(keys));
            part.figure().units().forEach(unit -> meet(hand, unit));
            at.put(List.of(part.row(), part.column()), hands.size());
            hands.add(hand);
        }
        if (hands.isEmpty()) {
            throw new RefusedException(new Problem(
                    "Free places",
                    "no block of the top has a place for a print",
                    "dress patches of a block in “any print” of the pack; sashing and borders are not dealt"));
        }
        at.forEach((place, index) -> {
            Hand hand = hands.get(index);
            SideBySide steps = SideBySide.of(design.setting().kind(), place.getFirst());
            meetAt(at, place, steps.touching(), other -> {
                hand.neighbours.add(other);
                hands.get(other).neighbours.add(index);
            });
            meetAt(at, place, steps.nearby(), other -> {
                hand.nearby.add(other);
                hands.get(other).nearby.add(index);
            });
        });
        for (Hand hand : hands) {
            for (String key : hand.freeKeys) {
                long samePack = hand.freeKeys.stream()
                        .filter(other -> Known.of(allowed, other).length > 0
                                && java.util.Arrays.equals(Known.of(allowed, other), Known.of(allowed, key)))
                        .count();
                if (Known.of(allowed, key).length < Math.max(1, samePack)) {
                    throw new RefusedException(new Problem(
                            "Free places",
                            "a block has " + Math.max(1, samePack) + " places for prints of which the pack has "
                                    + Known.of(allowed, key).length,
                            "take more prints of the pack in hand, or fewer different places in the block"));
                }
            }
        }
    }

    private static void meetAt(Map<List<Integer>, Integer> at, List<Integer> place, int[][] steps, IntConsumer met) {
        for (int[] step : steps) {
            Integer other = at.get(List.of(place.get(0) + step[0], place.get(1) + step[1]));
            if (other != null) {
                met.accept(other);
            }
        }
    }

    /** The design as before anything was laid out: exchanges of free places are taken back. */
    QuiltDesign undealt() {
        return design.withPlaces(design.places().stream()
                .map(place -> place.with(place.exchanges().stream()
                        .filter(exchange -> !allowed.containsKey(exchange.from()))
                        .toList()))
                .toList());
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

    /** The prints that a block has now, -1 where a place is still free. */
    int[] printsNow(Hand hand) {
        int[] now = new int[hand.freeKeys.size()];
        for (int i = 0; i < now.length; i++) {
            now[i] = print(place(hand).exchanges(), hand.freeKeys.get(i));
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
        List<Exchange> exchanges = new ArrayList<>(others.stream()
                .filter(exchange -> !allowed.containsKey(exchange.from()))
                .toList());
        for (int i = 0; i < dressed.length; i++) {
            exchanges.add(
                    new Exchange(hand.freeKeys.get(i), prints.get(dressed[i]).key()));
        }
        return exchanges;
    }
}
