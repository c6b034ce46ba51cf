package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * The strips that are tried next from a plan that is being made: known ones of the plan in parts, and some that are made for
 * what is still wanted; those that cover most for their height come first.
 */
final class StripCandidates {

    /** Strips tried from each plan: found by trial on the lists of the benchmark. */
    private static final int KNOWN_STRIPS_TRIED = 8;

    private static final int MADE_STRIPS_TRIED = 5;

    /** Of all heights so many are looked at. */
    private static final int HEIGHTS_TRIED = 12;

    /** By how much later starts may misjudge a strip. */
    private static final double LOOK_ASIDE = 0.04;

    private final StripPricing pricing;
    private final StripPrices prices;
    private final List<CountedStrip> known;

    StripCandidates(StripPricing pricing, StripPrices prices, List<Strip> known) {
        this.pricing = pricing;
        this.prices = prices;
        this.known = known.stream()
                .map(strip -> new CountedStrip(strip, strip.counts(prices.sizes())))
                .toList();
    }

    /** A strip with what it covers of the rest for its height: the less, the better. */
    private record Rated(CountedStrip strip, double lengthForWorth) {}

    /** @param start the number of the start, from 0; the first one does not look aside */
    List<CountedStrip> after(PartialPlan plan, SplittableRandom chance, int start) {
        List<CountedStrip> taken = firstOf(known(plan, chance, start), KNOWN_STRIPS_TRIED);
        taken.addAll(firstOf(made(plan, chance, start), MADE_STRIPS_TRIED));
        return taken;
    }

    private List<Rated> known(PartialPlan plan, SplittableRandom chance, int start) {
        List<Rated> rated = new ArrayList<>();
        for (CountedStrip each : known) {
            double covered = prices.covered(each.counts(), plan.wanted());
            if (covered > StripPrices.NOTHING) {
                int height = givesMore(each, plan.wanted())
                        ? each.strip().onlyWanted(plan.wanted()).height()
                        : each.strip().height();
                rated.add(new Rated(each, height / covered * wobble(chance, start)));
            }
        }
        return rated;
    }

    private static boolean givesMore(CountedStrip strip, int[] wanted) {
        for (int i = 0; i < wanted.length; i++) {
            if (strip.counts()[i] > wanted[i]) {
                return true;
            }
        }
        return false;
    }

    private List<Rated> made(PartialPlan plan, SplittableRandom chance, int start) {
        List<Rated> made = new ArrayList<>();
        int[] heights = pricing.heights();
        int stride = Math.max(1, heights.length / HEIGHTS_TRIED);
        int offset = start == 0 ? 0 : chance.nextInt(stride);
        for (int j = heights.length - 1 - offset; j >= 0; j -= stride) {
            Strip strip = pricing.bounded(heights[j], plan.wanted(), prices.ranking());
            int[] counts = strip.counts(prices.sizes());
            double covered = prices.covered(counts, counts);
            if (covered > StripPrices.NOTHING) {
                made.add(new Rated(new CountedStrip(strip, counts), strip.height() / covered * wobble(chance, start)));
            }
        }
        return made;
    }

    /** Later starts look a little aside. */
    private static double wobble(SplittableRandom chance, int start) {
        return start == 0 ? 1 : 1 + LOOK_ASIDE * chance.nextDouble();
    }

    private static List<CountedStrip> firstOf(List<Rated> rated, int count) {
        rated.sort((a, b) -> Double.compare(a.lengthForWorth, b.lengthForWorth));
        List<CountedStrip> first = new ArrayList<>();
        for (Rated each : rated) {
            if (first.size() == count) {
                break;
            }
            if (first.stream().noneMatch(taken -> taken.strip().equals(each.strip.strip()))) {
                first.add(each.strip);
            }
        }
        return first;
    }

    /** How much height a strip takes for what it covers of what is wanted: the less, the better. */
    double heightForWorth(Strip strip, int[] wanted) {
        Strip taken = strip.onlyWanted(wanted);
        int[] counts = taken.counts(prices.sizes());
        double covered = prices.covered(counts, counts);
        return covered < StripPrices.NOTHING ? Double.MAX_VALUE : taken.height() / covered;
    }
}
