package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.goldentally.core.design.MakingDesign.Variety;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.work.Work;

/**
 * Chooses which combinations of prints are made, before anybody says where they will lie: from what there is of each, so
 * that each print goes as far as its cloth, cloths that meet differ in value, and units that come of one set stay together.
 *
 * <p>Combinations are taken greedily, the print with most cloth left first; where that uses a print more than there is of
 * it they are shared out anew ({@link SharingOut}). Then they are bettered: one print exchanged for another as long as that
 * makes it better, with a little heat, and never so that a print is short. The same seed makes the same.
 */
final class Maker {

    private static final double CLOSE_COSTS = 6;
    /** What there is of a print goes before contrast and variety: nothing that makes it short is ever better. */
    private static final double OVER_COSTS = 1e6;

    private static final double AGAIN_COSTS = 1.5;
    private static final double ODD_HALF_COSTS = 2;
    private static final double EVEN_IS_WORTH = 3;
    private static final double NEVER = 1e6;
    private static final int STEPS_A_PLACE = 200;
    /** Halves that fit together are harder to find. */
    private static final int STEPS_A_CROSSING = 2_000;

    private static final int MOST_AGAIN = 5;

    private static final int MOST_STEPS = 40_000;
    private static final double FIRST_HEAT = 3;

    private final FreePlaces free;
    private final Stock stock;
    private final Variety variety;
    private final boolean freeTurns;
    private final SplittableRandom chance;
    private final PrintUse use;
    private final Map<Long, Integer> combined = new HashMap<>();
    /** How often two prints are halves of crossings. */
    private final Map<List<Integer>, Integer> halves = new HashMap<>();

    private final List<Combination> combinations = new ArrayList<>();

    Maker(FreePlaces free, Stock stock, Wish wish) {
        this.free = free;
        this.stock = stock;
        this.variety = free.design.plan().making().variety();
        this.freeTurns = wish.freeTurns();
        this.chance = new SplittableRandom(wish.seed());
        this.use = new PrintUse(free, stock);
    }

    /** Blocks that stay as they are use their prints up too. */
    void alreadyUsed(Hand hand, int[] prints) {
        for (int i = 0; i < prints.length; i++) {
            if (prints[i] >= 0) {
                use.of(hand.freeKeys.get(i), prints[i], 1);
            }
        }
    }

    /** Makes so many blocks of the sort of a hand. */
    List<Made> make(Hand like, int blocks) {
        int from = combinations.size();
        Variety variety = variety(like);
        int open = blocks;
        while (open > 0) {
            int together = variety == Variety.ALL_DIFFERENT ? 1 : Math.min(open, stock.alike(like.sort()));
            Combination next = new Combination(like, together);
            takeBest(next);
            combinations.add(next);
            open -= together;
            while (variety == Variety.FEW && open >= together && together > 0 && hasClothFor(next, together)) {
                Combination again = next.again();
                use(again, 1);
                combinations.add(again);
                open -= together;
            }
        }
        List<Combination> own = combinations.subList(from, combinations.size());
        shareOut(own);
        if (variety != Variety.FEW) {
            better(own);
            for (int again = 0; again < MOST_AGAIN && hasOddHalves(); again++) {
                better(own);
            }
        }
        boolean mayMirror = freeTurns && like.isWholeBlock();
        List<Made> made = new ArrayList<>();
        for (Combination each : own) {
            for (int i = 0; i < each.blocks; i++) {
                made.add(free.made(like.sort(), each.prints.clone(), mayMirror && i % 2 == 1));
            }
        }
        return made;
    }

    /** No print is used more than there is of it, wherever that can be; combinations are counted again. */
    private void shareOut(List<Combination> own) {
        own.forEach(each -> count(each, -1));
        new SharingOut(free, use, chance).settle(own);
        own.forEach(each -> count(each, 1));
    }

    /** That all differ is wished of blocks; a border has more units than any pack has prints. */
    private Variety variety(Hand like) {
        return variety == Variety.ALL_DIFFERENT && !like.isWholeBlock() ? Variety.MANY : variety;
    }

    private double again(Hand like) {
        return variety(like) == Variety.ALL_DIFFERENT ? NEVER : AGAIN_COSTS;
    }

    private boolean hasClothFor(Combination combination, int blocks) {
        for (int i = 0; i < combination.prints.length; i++) {
            if (!use.allows(combination.like.freeKeys.get(i), combination.prints[i], blocks)) {
                return false;
            }
        }
        return true;
    }

    private void use(Combination combination, int sign) {
        for (int i = 0; i < combination.prints.length; i++) {
            use.of(combination.like.freeKeys.get(i), combination.prints[i], sign * combination.blocks);
        }
        count(combination, sign);
    }

    private void count(Combination combination, int sign) {
        combined.merge(combination.name(), sign, Integer::sum);
        combination.halves().forEach(half -> halves.merge(half, sign, Integer::sum));
    }

    private boolean hasOddHalves() {
        return halves.values().stream().anyMatch(count -> count % 2 == 1);
    }

    private double oddHalves(Combination combination) {
        return ODD_HALF_COSTS
                * combination.halves().stream()
                        .filter(half -> Known.of(halves, half) % 2 == 1)
                        .count();
    }

    /** Whether a print makes the second of a kind of half of which one is wanted already. */
    private boolean evensOut(Combination next, int place, int print) {
        for (int[] round : next.like.rounds) {
            for (int i = 1; i < round.length; i += 2) {
                boolean completes = round[i] == place && round[i - 1] >= 0 && next.prints[round[i - 1]] >= 0;
                if (completes && halves.getOrDefault(Combination.half(next.prints[round[i - 1]], print), 0) % 2 == 1) {
                    return true;
                }
            }
        }
        return false;
    }

    private void takeBest(Combination next) {
        for (int place = 0; place < next.prints.length; place++) {
            int best = -1;
            double least = Double.MAX_VALUE;
            String key = next.like.freeKeys.get(place);
            for (int print : Known.of(free.allowed, key)) {
                if (next.has(print)) {
                    continue;
                }
                next.prints[place] = print;
                double cost = use.afterwards(key, print, next.blocks)
                        + chance.nextDouble() * use.weight(key, print)
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
        int before = combined.getOrDefault(next.name(), 0);
        return again(next.like) * before;
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
            Work.spend(1);
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
        if (to == from || combination.has(to)) {
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
                && !one.has(second)
                && !other.has(first)
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
        int same = combined.getOrDefault(combination.name(), 0) - 1;
        return CLOSE_COSTS * combination.blocks * closeSoFar(combination)
                + again(combination.like) * Math.max(0, same)
                + oddHalves(combination)
                + use.unbalance(from)
                + use.unbalance(to)
                + OVER_COSTS * use.beyond(from)
                + OVER_COSTS * use.beyond(to);
    }

    boolean hasNone(int print) {
        return use.hasNone(print);
    }

    /** Prints that the making takes more of than there is. */
    List<Integer> beyondStock() {
        return use.beyondStock();
    }
}
