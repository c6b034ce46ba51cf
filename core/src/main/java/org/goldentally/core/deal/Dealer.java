package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
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

/** Deals once: shares out by chance, then exchanges as long as that makes it better. */
final class Dealer {

    private static final double CLOSE_COSTS = 6;
    private static final double NEIGHBOUR_COSTS = 3;
    private static final int STEPS_A_PLACE = 400;
    private static final int MOST_STEPS = 300_000;
    private static final double FIRST_HEAT = 3;

    /** A block that is dealt to: which prints its places may have, and which cloths they meet. */
    private static final class Hand {
        final TopPart part;
        final List<String> dealtKeys;
        /** Pairs of dealt places that meet in a unit. */
        final List<int[]> meets = new ArrayList<>();
        /** Dealt places and the lightness of a fixed cloth that they meet. */
        final List<double[]> meetsFixed = new ArrayList<>();

        final List<Integer> neighbours = new ArrayList<>();
        int[] prints = {};

        Hand(TopPart part, List<String> dealtKeys) {
            this.part = part;
            this.dealtKeys = dealtKeys;
        }
    }

    private final QuiltDesign design;
    private final SplittableRandom chance;
    private final List<ClothInHand> prints = new ArrayList<>();
    private final double[] lightness;
    private final double[] share;
    private final Map<String, int[]> allowed = new HashMap<>();
    private final List<Hand> hands = new ArrayList<>();
    private final int[] used;

    Dealer(QuiltDesign design, Map<String, Double> clothOf, long seed) {
        this.design = design;
        this.chance = new SplittableRandom(seed);
        design.cloths().stream()
                .filter(cloth -> !cloth.dealt() && !cloth.pack().isEmpty())
                .forEach(prints::add);
        // A colour that nobody has said is not judged by: it differs from nothing and is close to nothing.
        this.lightness = prints.stream()
                .mapToDouble(print -> print.canBeJudged() ? print.judgedLightness() : Double.NaN)
                .toArray();
        this.share = shares(clothOf);
        this.used = new int[prints.size()];
        allow();
        findHands();
    }

    private double[] shares(Map<String, Double> clothOf) {
        double sum = prints.stream()
                .mapToDouble(print -> clothOf.getOrDefault(print.key(), 0.0))
                .sum();
        return prints.stream()
                .mapToDouble(print -> sum == 0
                        ? 1.0 / prints.size()
                        : Math.max(0.01 / prints.size(), clothOf.getOrDefault(print.key(), 0.0) / sum))
                .toArray();
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
                    "Scrappy places",
                    "no block is dressed in a print to be dealt",
                    "take “any print” of a pack in hand and dress patches of a block in it first"));
        }
    }

    /** Which half of a pack a print is in can only be told where its colour is known. */
    private void needColours(ClothInHand place, List<Integer> ofPack) {
        long guessed = ofPack.stream().filter(i -> Double.isNaN(lightness[i])).count();
        if (guessed > 0) {
            throw new RefusedException(new Problem(
                    "Scrappy places",
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
                    "Scrappy places",
                    "no block of the top has a place for a print",
                    "dress patches of a block in “any print” of the pack; sashing and borders are not dealt"));
        }
        at.forEach((place, index) -> {
            for (int[] next : new int[][] {{0, 1}, {1, 0}}) {
                Integer other = at.get(List.of(place.get(0) + next[0], place.get(1) + next[1]));
                if (other != null) {
                    hands.get(index).neighbours.add(other);
                    hands.get(other).neighbours.add(index);
                }
            }
        });
        for (Hand hand : hands) {
            for (String key : hand.dealtKeys) {
                long samePack = hand.dealtKeys.stream()
                        .filter(other -> Known.of(allowed, other).length > 0
                                && java.util.Arrays.equals(Known.of(allowed, other), Known.of(allowed, key)))
                        .count();
                if (Known.of(allowed, key).length < Math.max(1, samePack)) {
                    throw new RefusedException(new Problem(
                            "Scrappy places",
                            "a block has " + Math.max(1, samePack) + " places for prints of which the pack has "
                                    + Known.of(allowed, key).length,
                            "take more prints of the pack in hand, or fewer different places in the block"));
                }
            }
        }
    }

    /** The design as before any deal: exchanges of places to be dealt are taken back. */
    private QuiltDesign undealt() {
        return design.withPlaces(design.places().stream()
                .map(place -> new PlaceDesign(
                        place.row(),
                        place.column(),
                        place.block(),
                        place.quarterTurns(),
                        place.mirrored(),
                        place.exchanges().stream()
                                .filter(exchange -> !allowed.containsKey(exchange.from()))
                                .toList()))
                .toList());
    }

    private void meet(Hand hand, FigureUnit unit) {
        List<String> cloths = unit.cloths().stream().distinct().toList();
        for (int i = 0; i < cloths.size(); i++) {
            int one = hand.dealtKeys.indexOf(cloths.get(i));
            for (int j = 0; j < cloths.size(); j++) {
                int other = hand.dealtKeys.indexOf(cloths.get(j));
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

    ScrappyDeal deal() {
        int places = 0;
        for (Hand hand : hands) {
            hand.prints = new int[hand.dealtKeys.size()];
            java.util.Arrays.fill(hand.prints, -1);
            for (int p = 0; p < hand.prints.length; p++) {
                hand.prints[p] = leastUsedFree(hand, p);
                used[hand.prints[p]]++;
                places++;
            }
        }
        int steps = Math.min(MOST_STEPS, STEPS_A_PLACE * places);
        for (int step = 0; step < steps; step++) {
            tryAnother(FIRST_HEAT * (1 - (double) step / steps), places);
        }
        return result();
    }

    private int leastUsedFree(Hand hand, int place) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int print : Known.of(allowed, hand.dealtKeys.get(place))) {
            double load = used[print] / share[print] + chance.nextDouble() / share[print];
            if (!has(hand, print) && load < least) {
                least = load;
                best = print;
            }
        }
        if (best < 0) {
            throw new RefusedException(new Problem(
                    "Scrappy places",
                    "the pack has too few different prints for one block",
                    "take more prints of the pack in hand, or fewer different places in the block"));
        }
        return best;
    }

    private static boolean has(Hand hand, int print) {
        for (int each : hand.prints) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }

    private void tryAnother(double heat, int places) {
        Hand hand = hands.get(chance.nextInt(hands.size()));
        int place = chance.nextInt(hand.prints.length);
        int[] may = Known.of(allowed, hand.dealtKeys.get(place));
        int to = may[chance.nextInt(may.length)];
        int from = hand.prints[place];
        if (to == from || has(hand, to)) {
            return;
        }
        double before = cost(hand) + balance(from, places) + balance(to, places);
        hand.prints[place] = to;
        used[from]--;
        used[to]++;
        double after = cost(hand) + balance(from, places) + balance(to, places);
        boolean worse = after > before && chance.nextDouble() >= Math.exp((before - after) / Math.max(1e-9, heat));
        if (worse) {
            hand.prints[place] = from;
            used[from]++;
            used[to]--;
        }
    }

    private double balance(int print, int places) {
        double over = used[print] - share[print] * places;
        return over * over / Math.max(1, share[print] * places);
    }

    private double cost(Hand hand) {
        return CLOSE_COSTS * closePairs(hand) + NEIGHBOUR_COSTS * sharing(hand);
    }

    private int closePairs(Hand hand) {
        int close = 0;
        for (int[] pair : hand.meets) {
            double apart = Math.abs(lightness[hand.prints[pair[0]]] - lightness[hand.prints[pair[1]]]);
            close += apart < design.closeInValue() ? 1 : 0;
        }
        for (double[] pair : hand.meetsFixed) {
            double apart = Math.abs(lightness[hand.prints[(int) pair[0]]] - pair[1]);
            close += apart < design.closeInValue() ? 1 : 0;
        }
        return close;
    }

    private int sharing(Hand hand) {
        int sharing = 0;
        for (int other : hand.neighbours) {
            for (int print : hand.prints) {
                sharing += has(hands.get(other), print) ? 1 : 0;
            }
        }
        return sharing;
    }

    private ScrappyDeal result() {
        Map<List<Integer>, PlaceDesign> places = new LinkedHashMap<>();
        undealt().places().forEach(place -> places.put(List.of(place.row(), place.column()), place));
        for (Hand hand : hands) {
            List<Integer> key = List.of(hand.part.row(), hand.part.column());
            PlaceDesign before = places.getOrDefault(
                    key, new PlaceDesign(hand.part.row(), hand.part.column(), "", 0, false, List.of()));
            List<Exchange> exchanges = new ArrayList<>(before.exchanges());
            for (int p = 0; p < hand.prints.length; p++) {
                exchanges.add(new Exchange(
                        hand.dealtKeys.get(p), prints.get(hand.prints[p]).key()));
            }
            places.put(
                    key,
                    new PlaceDesign(
                            before.row(),
                            before.column(),
                            before.block(),
                            before.quarterTurns(),
                            before.mirrored(),
                            exchanges));
        }
        int most = java.util.Arrays.stream(used).max().orElse(0);
        int least =
                java.util.Arrays.stream(used).filter(times -> times > 0).min().orElse(0);
        return new ScrappyDeal(
                List.copyOf(places.values()),
                hands.stream().mapToInt(this::closePairs).sum(),
                hands.stream().mapToInt(this::sharing).sum() / 2,
                most,
                least,
                leftOut());
    }

    /** Prints that might have been dealt but were not. */
    private List<ScrappyDeal.LeftOut> leftOut() {
        int places = hands.stream().mapToInt(hand -> hand.prints.length).sum();
        List<ScrappyDeal.LeftOut> leftOut = new ArrayList<>();
        for (int print = 0; print < used.length; print++) {
            if (used[print] > 0 || !mayBeDealt(print)) {
                continue;
            }
            String why = tooClose(print)
                    ? "too close in value to the cloths it would meet"
                    : places < used.length ? "there are fewer places than prints" : "the others go as far";
            leftOut.add(new ScrappyDeal.LeftOut(prints.get(print).name(), why));
        }
        return leftOut;
    }

    private boolean mayBeDealt(int print) {
        return allowed.values().stream()
                .anyMatch(may -> java.util.Arrays.stream(may).anyMatch(each -> each == print));
    }

    /** Whether it is close in value to a fixed cloth at every place that it could have. */
    private boolean tooClose(int print) {
        return hands.stream()
                .flatMap(hand -> java.util.stream.IntStream.range(0, hand.prints.length)
                        .filter(place -> java.util.Arrays.stream(Known.of(allowed, hand.dealtKeys.get(place)))
                                .anyMatch(each -> each == print))
                        .mapToObj(place -> closeAt(hand, place, print)))
                .allMatch(close -> close);
    }

    private boolean closeAt(Hand hand, int place, int print) {
        return hand.meetsFixed.stream()
                .anyMatch(
                        pair -> (int) pair[0] == place && Math.abs(lightness[print] - pair[1]) < design.closeInValue());
    }
}
