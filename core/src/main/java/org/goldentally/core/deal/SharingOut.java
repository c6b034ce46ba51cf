package org.goldentally.core.deal;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.goldentally.core.problem.Known;

/**
 * Prints shared out to combinations so that none is used more than there is of it, wherever that can be (counting).
 *
 * <ol>
 *   <li>Where all places of a combination may have the same prints: each print i may be used u<sub>i</sub> times, as often
 *       as there is fabric of it and once a combination at most. If these add up to all places, the prints are written down
 *       one after the other, u<sub>i</sub> times each, and dealt round like cards: no combination gets a print twice, since
 *       no print is written down more often than there are combinations. If they do not, no way of dealing does, and what
 *       is short is taken of as few prints as possible.
 *   <li>Otherwise, and where pieces differ from place to place: as long as a print is used too often, one of its places
 *       takes another print that has fabric left, or one whose own place another takes, and so on: the shortest such chain.
 * </ol>
 */
record SharingOut(FreePlaces free, PrintUse use, SplittableRandom chance) {

    private static final int MOST_CHAINS = 2_000;

    /** A place of a combination that a print takes over, and the place that was changed for it before. */
    private record Step(Combination combination, int place, int print, int before) {}

    /** Whether some of these use a print more than there is of it. */
    private boolean isShort(List<Combination> own) {
        return use.isKnown()
                && own.stream()
                        .anyMatch(each ->
                                Arrays.stream(each.prints).anyMatch(print -> use.beyond(print) > PrintUse.THREAD));
    }

    /** Shares out anew where some print is short. */
    void settle(List<Combination> own) {
        if (own.isEmpty() || !isShort(own)) {
            return;
        }
        if (isAllAlike(own)) {
            dealRound(own);
        }
        for (int i = 0; i < MOST_CHAINS && isShort(own); i++) {
            if (!exchangeAlongAChain(own)) {
                return;
            }
        }
    }

    /** Whether every place of every combination may have the same prints and takes as much of each. */
    private boolean isAllAlike(List<Combination> own) {
        Hand hand = own.getFirst().like;
        int[] prints = Known.of(free.allowed, hand.freeKeys.getFirst());
        return own.stream().allMatch(each -> each.blocks == own.getFirst().blocks)
                && hand.freeKeys.stream()
                        .allMatch(key -> Arrays.equals(prints, Known.of(free.allowed, key))
                                && Arrays.stream(prints)
                                        .allMatch(print ->
                                                use.weight(key, print) == use.weight(hand.freeKeys.getFirst(), print)));
    }

    private void dealRound(List<Combination> own) {
        own.forEach(each -> use(each, -1));
        Combination first = own.getFirst();
        List<Integer> prints = new ArrayList<>(Arrays.stream(Known.of(free.allowed, first.like.freeKeys.getFirst()))
                .boxed()
                .toList());
        Collections.shuffle(prints, new java.util.Random(chance.nextLong()));
        Map<Integer, Integer> uses = uses(prints, first, own.size());
        int dealt = 0;
        for (int print : prints) {
            for (int i = 0; i < Known.of(uses, print); i++) {
                Combination to = own.get(dealt % own.size());
                to.prints[dealt / own.size()] = print;
                dealt++;
            }
        }
        own.forEach(each -> use(each, 1));
    }

    /** How often each print is used: in equal parts of what there is of it. */
    private Map<Integer, Integer> uses(List<Integer> prints, Combination like, int combinations) {
        String key = like.like.freeKeys.getFirst();
        Map<Integer, Integer> most = new HashMap<>();
        prints.forEach(print -> most.put(print, Math.min(combinations, use.stillGives(key, print, like.blocks))));
        int places = combinations * like.prints.length;
        int all = most.values().stream().mapToInt(Integer::intValue).sum();
        Map<Integer, Integer> uses = new HashMap<>();
        prints.forEach(print -> uses.put(
                print, all <= places ? Known.of(most, print) : (int) ((long) Known.of(most, print) * places / all)));
        int open = places - uses.values().stream().mapToInt(Integer::intValue).sum();
        // What rounding down left open; what is short is taken of as few prints as possible.
        for (int print : prints) {
            int may = all <= places
                    ? combinations - Known.of(uses, print)
                    : Known.of(most, print) - Known.of(uses, print);
            int more = all <= places ? Math.min(open, may) : Math.min(Math.min(open, may), 1);
            uses.merge(print, more, Integer::sum);
            open -= more;
        }
        for (int print : prints) {
            int more = Math.min(open, Math.max(0, Known.of(most, print) - Known.of(uses, print)));
            uses.merge(print, more, Integer::sum);
            open -= more;
        }
        return uses;
    }

    /** The shortest chain of places that brings a print back to what there is of it; false where there is none. */
    private boolean exchangeAlongAChain(List<Combination> own) {
        List<Step> steps = new ArrayList<>();
        Deque<Integer> open = new ArrayDeque<>();
        Map<Integer, Integer> reachedBy = new HashMap<>();
        for (int print = 0; print < free.prints.size(); print++) {
            if (use.beyond(print) > PrintUse.THREAD) {
                open.add(print);
                reachedBy.put(print, -1);
            }
        }
        while (!open.isEmpty()) {
            int from = open.poll();
            for (Combination each : own) {
                for (int place = 0; place < each.prints.length; place++) {
                    if (each.prints[place] != from) {
                        continue;
                    }
                    String key = each.like.freeKeys.get(place);
                    for (int to : Known.of(free.allowed, key)) {
                        if (reachedBy.containsKey(to) || each.has(to)) {
                            continue;
                        }
                        steps.add(new Step(each, place, to, Known.of(reachedBy, from)));
                        reachedBy.put(to, steps.size() - 1);
                        if (use.allows(key, to, each.blocks)) {
                            follow(steps, steps.size() - 1);
                            return true;
                        }
                        open.add(to);
                    }
                }
            }
        }
        return false;
    }

    /** From its end, so that each print is free by the time that it is taken. */
    private void follow(List<Step> steps, int last) {
        for (int at = last; at >= 0; at = steps.get(at).before) {
            Step step = steps.get(at);
            if (step.combination.has(step.print)) {
                return;
            }
            use(step.combination, -1);
            step.combination.prints[step.place] = step.print;
            use(step.combination, 1);
        }
    }

    private void use(Combination combination, int sign) {
        for (int i = 0; i < combination.prints.length; i++) {
            use.of(combination.like.freeKeys.get(i), combination.prints[i], sign * combination.blocks);
        }
    }
}
