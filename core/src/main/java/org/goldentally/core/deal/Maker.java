package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.goldentally.core.deal.FreePlaces.Hand;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * Chooses which combinations of prints are made, before anybody says where they will lie: from what there is of each, so
 * that each print goes as far as its cloth, cloths that meet differ in value, and units that come of one set stay together.
 *
 * <p>Combinations are taken greedily, the print with most cloth left first, and then bettered: one print exchanged for
 * another as long as that makes it better, with a little heat. The same seed makes the same.
 */
final class Maker {

    private static final double CLOSE_COSTS = 6;
    private static final double OVER_COSTS = 40;
    private static final double AGAIN_COSTS = 1.5;
    private static final double ODD_HALF_COSTS = 2;
    private static final double EVEN_IS_WORTH = 3;
    private static final double NEVER = 1e6;
    private static final long PRIME = 1_000_003;
    private static final int STEPS_A_PLACE = 200;
    /** Halves that fit together are harder to find. */
    private static final int STEPS_A_CROSSING = 2_000;

    private static final int MOST_AGAIN = 5;

    private static final int MOST_STEPS = 40_000;
    private static final double FIRST_HEAT = 3;

    /** Blocks of one sort that get the same prints, since their units come of one set. */
    private static final class Combination {
        final Hand like;
        final int blocks;
        final int[] prints;

        Combination(Hand like, int blocks) {
            this.like = like;
            this.blocks = blocks;
            this.prints = new int[like.freeKeys.size()];
            Arrays.fill(prints, -1);
        }
    }

    private final FreePlaces free;
    private final Stock stock;
    private final Variety variety;
    private final boolean freeTurns;
    private final SplittableRandom chance;
    private final boolean known;
    private final double[] share;
    private final int[] used;
    /** Of what a print has, the part that is used. */
    private final double[] load;

    private final Map<Long, Integer> combined = new HashMap<>();
    /** How often two prints are halves of crossings. */
    private final Map<List<Integer>, Integer> halves = new HashMap<>();

    private final List<Combination> combinations = new ArrayList<>();
    private int places;

    Maker(FreePlaces free, Stock stock, Wish wish) {
        this.free = free;
        this.stock = stock;
        this.variety = free.design.plan().making().variety();
        this.freeTurns = wish.freeTurns();
        this.chance = new SplittableRandom(wish.seed());
        this.known = stock.isKnown(free.allowed.keySet());
        this.share = shares();
        this.used = new int[free.prints.size()];
        this.load = new double[free.prints.size()];
    }

    private double[] shares() {
        double[] cloth = free.prints.stream()
                .mapToDouble(print -> free.allowed.keySet().stream()
                        .mapToDouble(key -> stock.blocksOf(key, print.key()))
                        .sum())
                .toArray();
        double sum = Arrays.stream(cloth).sum();
        int count = cloth.length;
        return Arrays.stream(cloth)
                .map(each -> sum == 0 ? 1.0 / count : Math.max(0.01 / count, each / sum))
                .toArray();
    }

    /** Blocks that stay as they are use their prints up too. */
    void alreadyUsed(Hand hand, int[] prints) {
        for (int i = 0; i < prints.length; i++) {
            if (prints[i] >= 0) {
                use(hand.freeKeys.get(i), prints[i], 1);
            }
        }
    }

    /** Makes so many blocks of the sort of a hand. */
    List<Made> make(Hand like, int blocks) {
        int from = combinations.size();
        int open = blocks;
        while (open > 0) {
            int together = variety == Variety.ALL_DIFFERENT ? 1 : Math.min(open, stock.alike());
            Combination next = new Combination(like, together);
            takeBest(next);
            combinations.add(next);
            open -= together;
            while (variety == Variety.FEW && open >= together && together > 0 && hasClothFor(next, together)) {
                Combination again = new Combination(like, together);
                System.arraycopy(next.prints, 0, again.prints, 0, next.prints.length);
                use(again, 1);
                combinations.add(again);
                open -= together;
            }
        }
        List<Combination> own = combinations.subList(from, combinations.size());
        if (variety != Variety.FEW) {
            better(own);
            for (int again = 0; again < MOST_AGAIN && hasOddHalves(); again++) {
                better(own);
            }
        }
        List<Made> made = new ArrayList<>();
        for (Combination each : own) {
            for (int i = 0; i < each.blocks; i++) {
                made.add(free.made(like.sort(), each.prints.clone(), freeTurns && i % 2 == 1));
            }
        }
        return made;
    }

    private boolean hasClothFor(Combination combination, int blocks) {
        for (int i = 0; i < combination.prints.length; i++) {
            int print = combination.prints[i];
            double more = blocks * weight(combination.like.freeKeys.get(i), print);
            boolean enough = known
                    ? load[print] + more <= 1 + 1e-9
                    : used[print] + blocks <= Math.max(1, share[print] * places * free.hands.size());
            if (!enough) {
                return false;
            }
        }
        return true;
    }

    private double weight(String key, int print) {
        double blocks = stock.blocksOf(key, free.prints.get(print).key());
        return known ? 1 / Math.max(1e-3, blocks) : 1 / (share[print] * Math.max(1, free.hands.size()));
    }

    private void use(String key, int print, int blocks) {
        used[print] += blocks;
        places += blocks;
        load[print] += blocks * weight(key, print);
    }

    private void use(Combination combination, int sign) {
        for (int i = 0; i < combination.prints.length; i++) {
            use(combination.like.freeKeys.get(i), combination.prints[i], sign * combination.blocks);
        }
        combined.merge(name(combination), sign, Integer::sum);
        halves(combination).forEach(half -> halves.merge(half, sign, Integer::sum));
    }

    /** The halves of its crossings: a pair of squares gives two alike, so each kind is best wanted twice. */
    private static List<List<Integer>> halves(Combination combination) {
        if (combination.like.rounds.isEmpty()) {
            return List.of();
        }
        List<List<Integer>> halves = new ArrayList<>();
        for (int[] round : combination.like.rounds) {
            for (int i = 0; i < round.length; i += 2) {
                if (round[i] >= 0 && round[i + 1] >= 0) {
                    halves.add(half(combination.prints[round[i]], combination.prints[round[i + 1]]));
                }
            }
        }
        return halves;
    }

    private static List<Integer> half(int one, int other) {
        return List.of(Math.min(one, other), Math.max(one, other));
    }

    private boolean hasOddHalves() {
        return halves.values().stream().anyMatch(count -> count % 2 == 1);
    }

    private double oddHalves(Combination combination) {
        return ODD_HALF_COSTS
                * halves(combination).stream()
                        .filter(half -> Known.of(halves, half) % 2 == 1)
                        .count();
    }

    /** Whether a print makes the second of a kind of half of which one is wanted already. */
    private boolean evensOut(Combination next, int place, int print) {
        for (int[] round : next.like.rounds) {
            for (int i = 1; i < round.length; i += 2) {
                boolean completes = round[i] == place && round[i - 1] >= 0 && next.prints[round[i - 1]] >= 0;
                if (completes && halves.getOrDefault(half(next.prints[round[i - 1]], print), 0) % 2 == 1) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The prints of a combination, in whichever order, as one number: two of them hardly ever have the same. */
    private static long name(Combination combination) {
        int[] sorted = combination.prints.clone();
        Arrays.sort(sorted);
        long name = combination.like.sort().hashCode();
        for (int print : sorted) {
            name = name * PRIME + print + 1;
        }
        return name;
    }

    private void takeBest(Combination next) {
        for (int place = 0; place < next.prints.length; place++) {
            int best = -1;
            double least = Double.MAX_VALUE;
            String key = next.like.freeKeys.get(place);
            for (int print : Known.of(free.allowed, key)) {
                if (has(next.prints, print)) {
                    continue;
                }
                next.prints[place] = print;
                double cost = load[print]
                        + next.blocks * weight(key, print)
                        + chance.nextDouble() * weight(key, print)
                        + CLOSE_COSTS * closeSoFar(next)
                        - (evensOut(next, place, print) ? EVEN_IS_WORTH : 0)
                        + (place == next.prints.length - 1 ? again(next) : 0);
                if (cost < least) {
                    least = cost;
                    best = print;
                }
            }
            if (best < 0) {
                throw new RefusedException(new Problem(
                        "Free places",
                        "the pack has too few different prints for one block",
                        "take more prints of the pack in hand, or fewer different places in the block"));
            }
            next.prints[place] = best;
        }
        use(next, 1);
    }

    private double again(Combination next) {
        int before = combined.getOrDefault(name(next), 0);
        return variety == Variety.ALL_DIFFERENT ? NEVER * before : AGAIN_COSTS * before;
    }

    private static boolean has(int[] prints, int print) {
        for (int each : prints) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }

    /** Cloths close in value among those that are chosen already. */
    private int closeSoFar(Combination next) {
        int close = 0;
        for (int[] pair : next.like.meets) {
            if (next.prints[pair[0]] >= 0 && next.prints[pair[1]] >= 0) {
                close += free.isClose(free.lightness[next.prints[pair[0]]], free.lightness[next.prints[pair[1]]])
                        ? 1
                        : 0;
            }
        }
        for (double[] pair : next.like.meetsFixed) {
            int print = next.prints[(int) pair[0]];
            close += print >= 0 && free.isClose(free.lightness[print], pair[1]) ? 1 : 0;
        }
        return close;
    }

    private void better(List<Combination> own) {
        boolean crossed = !own.getFirst().like.rounds.isEmpty();
        int steps = Math.min(MOST_STEPS, (crossed ? STEPS_A_CROSSING : STEPS_A_PLACE) * own.size());
        for (int step = 0; step < steps; step++) {
            double heat = FIRST_HEAT * (1 - (double) step / steps);
            Combination one = own.get(chance.nextInt(own.size()));
            if (step % 2 == 0) {
                tryAnother(one, heat);
            } else {
                tryExchange(one, own.get(chance.nextInt(own.size())), heat);
            }
        }
    }

    private void tryAnother(Combination combination, double heat) {
        int place = chance.nextInt(combination.prints.length);
        String key = combination.like.freeKeys.get(place);
        int[] may = Known.of(free.allowed, key);
        int to = may[chance.nextInt(may.length)];
        int from = combination.prints[place];
        if (to == from || has(combination.prints, to)) {
            return;
        }
        double before = cost(combination, from, to);
        exchange(combination, place, to);
        double after = cost(combination, from, to);
        if (after > before && chance.nextDouble() >= Math.exp((before - after) / Math.max(1e-9, heat))) {
            exchange(combination, place, from);
        }
    }

    /** Two combinations exchange a print, which changes no use. */
    private void tryExchange(Combination one, Combination other, double heat) {
        int place = chance.nextInt(one.prints.length);
        int far = chance.nextInt(other.prints.length);
        int first = one.prints[place];
        int second = other.prints[far];
        boolean may = one != other
                && !has(one.prints, second)
                && !has(other.prints, first)
                && isAllowed(one.like.freeKeys.get(place), second)
                && isAllowed(other.like.freeKeys.get(far), first);
        if (!may) {
            return;
        }
        double before = cost(one, first, second) + cost(other, first, second);
        exchange(one, place, second);
        exchange(other, far, first);
        double after = cost(one, first, second) + cost(other, first, second);
        if (after > before && chance.nextDouble() >= Math.exp((before - after) / Math.max(1e-9, heat))) {
            exchange(one, place, first);
            exchange(other, far, second);
        }
    }

    private boolean isAllowed(String key, int print) {
        for (int each : Known.of(free.allowed, key)) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }

    private void exchange(Combination combination, int place, int to) {
        use(combination, -1);
        combination.prints[place] = to;
        use(combination, 1);
    }

    private double cost(Combination combination, int from, int to) {
        int same = combined.getOrDefault(name(combination), 0) - 1;
        return CLOSE_COSTS * combination.blocks * closeSoFar(combination)
                + (variety == Variety.ALL_DIFFERENT ? NEVER : AGAIN_COSTS) * Math.max(0, same)
                + oddHalves(combination)
                + balance(from)
                + balance(to)
                + over(from)
                + over(to);
    }

    private double balance(int print) {
        double wanted = share[print] * places;
        double off = used[print] - wanted;
        return off * off / Math.max(1, wanted);
    }

    /** More than there is of a print is bought, which nobody wants. */
    private double over(int print) {
        return known ? OVER_COSTS * Math.max(0, load[print] - 1) : 0;
    }

    /** Prints that the making takes more of than there is. */
    List<Integer> beyondStock() {
        List<Integer> missing = new ArrayList<>();
        for (int print = 0; print < load.length; print++) {
            if (known && load[print] > 1 + 1e-9) {
                missing.add(print);
            }
        }
        return missing;
    }
}
