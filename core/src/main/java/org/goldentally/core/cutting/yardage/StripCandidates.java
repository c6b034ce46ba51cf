package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;

/**
 * The strips that are tried next from a plan that is being made: known ones of the plan in parts, and some that are made for
 * what is still wanted; those that cover most for their height come first.
 */
final class StripCandidates {

    private static final int ANY = -1;

    /** Strips tried from each plan: found by trial on the lists of the benchmark. */
    private static final int KNOWN_STRIPS_TRIED = 8;

    private static final int MADE_STRIPS_TRIED = 5;

    /** More are not remembered. */
    private static final int MOST_KNOWN = 600;

    /** Of all heights so many are looked at. */
    private static final int HEIGHTS_TRIED = 12;

    /** By how much later starts may misjudge a strip. */
    private static final double LOOK_ASIDE = 0.04;

    private final StripPricing pricing;
    private final StripPrices prices;
    private final WantedStrips wantedStrips;
    private final List<CountedStrip> known = new ArrayList<>();
    private final Set<Strip> strips = new HashSet<>();

    StripCandidates(StripPricing pricing, StripPrices prices, List<CountedStrip> known) {
        this.pricing = pricing;
        this.prices = prices;
        this.wantedStrips = new WantedStrips(pricing, prices.ranking());
        this.known.addAll(known);
        known.forEach(each -> this.strips.add(each.strip()));
    }

    /** Strips of a plan that came to its end are tried in others too. */
    void remember(List<Strip> made) {
        for (Strip strip : made) {
            if (strips.size() < MOST_KNOWN && strips.add(strip)) {
                known.add(CountedStrip.of(strip, prices.sizes()));
            }
        }
    }

    /** @param start the number of the start, from 0; the first one does not look aside */
    List<CountedStrip> after(PartialPlan plan, SplittableRandom chance, int start) {
        int item = start / 2 % 2 == 0 ? hardest(plan.wanted()) : ANY;
        BestStrips known = new BestStrips(KNOWN_STRIPS_TRIED);
        addKnown(known, plan, item, chance, start);
        BestStrips made = new BestStrips(MADE_STRIPS_TRIED);
        addMade(made, plan, item, chance, start);
        List<CountedStrip> taken = known.inOrder();
        taken.addAll(made.inOrder());
        return taken;
    }

    /** The size worth most of those that are wanted: all plans are tried in one order, so that they can be compared. */
    private int hardest(int[] wanted) {
        int hardest = -1;
        for (int i = 0; i < wanted.length; i++) {
            if (wanted[i] > 0 && (hardest < 0 || prices.ranking()[i] > prices.ranking()[hardest])) {
                hardest = i;
            }
        }
        return hardest;
    }

    private void addKnown(BestStrips best, PartialPlan plan, int item, SplittableRandom chance, int start) {
        for (CountedStrip each : known) {
            if (item != ANY && each.counts()[item] == 0) {
                continue;
            }
            double covered = each.covered(plan.wanted(), prices.ranking());
            if (covered > StripPrices.NOTHING) {
                int height = each.givesMoreThan(plan.wanted())
                        ? each.strip().heightOfWanted(plan.wanted())
                        : each.strip().height();
                best.add(each, height / covered * wobble(chance, start));
            }
        }
    }

    private void addMade(BestStrips best, PartialPlan plan, int item, SplittableRandom chance, int start) {
        int[] heights = pricing.heights();
        int stride = Math.max(1, heights.length / HEIGHTS_TRIED);
        int offset = start == 0 ? 0 : chance.nextInt(stride);
        for (int j = heights.length - 1 - offset; j >= 0; j -= stride) {
            CountedStrip strip = CountedStrip.of(made(item, heights[j], plan.wanted()), prices.sizes());
            double covered = strip.covered(strip.counts(), prices.ranking());
            if (covered > StripPrices.NOTHING) {
                best.add(strip, strip.strip().height() / covered * wobble(chance, start));
            }
        }
    }

    private Strip made(int item, int height, int[] wanted) {
        return item == ANY ? wantedStrips.upTo(height, wanted) : wantedStrips.upToWith(item, height, wanted);
    }

    /** Later starts look a little aside. */
    private static double wobble(SplittableRandom chance, int start) {
        return start == 0 ? 1 : 1 + LOOK_ASIDE * chance.nextDouble();
    }

    /** How much height a strip takes for what it covers of what is wanted: the less, the better. */
    double heightForWorth(Strip strip, int[] wanted) {
        CountedStrip taken = CountedStrip.of(strip.onlyWanted(wanted), prices.sizes());
        double covered = taken.covered(taken.counts(), prices.ranking());
        return covered < StripPrices.NOTHING ? Double.MAX_VALUE : taken.strip().height() / covered;
    }
}
