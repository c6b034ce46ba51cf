package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntUnaryOperator;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Plans cloth from which long pieces are cut along its length: borders without a join. They lie side by side from one edge
 * on ({@link Section}), and what is beside them is planned as a piece of its own width; what is still wanted then is planned
 * across the whole width ({@link YardagePlanner}). The shorter of that and of a plan in strips alone is taken.
 */
public final class SectionPlanner {

    private static final int PAIR = 2;

    private final Demand demand;
    private final CuttingStyle style;
    private final int budget;
    private final IntUnaryOperator counts;
    private final Predicate<Integer> goOn;

    private SectionPlanner(
            Demand demand, CuttingStyle style, int budget, IntUnaryOperator counts, Predicate<Integer> goOn) {
        this.counts = counts;
        this.demand = demand;
        this.style = style;
        this.budget = budget;
        this.goOn = goOn;
    }

    /**
     * A plan within a budget of search steps.
     *
     * @param counts what a length counts as; the search ends when nothing shorter counts less
     * @param goOn asked now and then with the best length so far; the search ends when it says no
     */
    public static SectionedPlan plan(
            Demand demand, CuttingStyle style, int budget, IntUnaryOperator counts, Predicate<Integer> goOn) {
        return new SectionPlanner(demand, style, budget, counts, goOn).plan();
    }

    private SectionedPlan plan() {
        List<Strip.Stacked> longs = longs();
        if (longs.isEmpty()) {
            YardagePlan plan = YardagePlanner.plan(demand, style, budget, counts, goOn);
            return new SectionedPlan(demand, List.of(), plan.strips(), plan.lowerBound());
        }
        YardagePlan inStrips = YardagePlanner.plan(demand, style, budget, counts, goOn);
        // Sections are cut otherwise than strips: only area and length of the pieces hold for both.
        int tallest = longs.stream().mapToInt(Strip.Stacked::height).max().orElse(0);
        int bound = Math.max(tallest, Math.toIntExact(Math.ceilDiv(demand.area(), (long) demand.widthOfFabric())));
        SectionedPlan strips =
                new SectionedPlan(demand, List.of(), inStrips.strips(), Math.min(bound, inStrips.length()));
        return Stream.of(sideBySide(longs, longs.size()), sideBySide(longs, PAIR), byLength(longs))
                .distinct()
                .map(groups -> sectioned(groups, bound))
                .reduce(strips, (one, other) -> other.length() < one.length() ? other : one);
    }

    /** Pieces that can lie along the cloth only, and are longer than strips are high, each for itself; longest first. */
    private List<Strip.Stacked> longs() {
        List<Strip.Stacked> longs = new ArrayList<>();
        for (int i = 0; i < demand.items().size(); i++) {
            Demand.Item item = demand.items().get(i);
            int along = Math.max(item.width(), item.height());
            boolean turned = item.turnable() && item.width() == along && along > demand.widthOfFabric();
            boolean asGiven = item.height() == along && (!item.turnable() || along > demand.widthOfFabric());
            if (along > demand.tallestStrip() && (turned || asGiven) && item.width() < demand.widthOfFabric()) {
                int across = turned ? item.height() : item.width();
                for (int n = 0; n < item.count(); n++) {
                    longs.add(new Strip.Stacked(i, across, along));
                }
            }
        }
        longs.sort(Comparator.comparingInt(Strip.Stacked::height)
                .thenComparingInt(Strip.Stacked::width)
                .reversed());
        return longs;
    }

    /** Each where there is room beside longer ones, so many together at most. */
    private List<List<Strip.Stacked>> sideBySide(List<Strip.Stacked> longs, int most) {
        List<List<Strip.Stacked>> groups = new ArrayList<>();
        for (Strip.Stacked piece : longs) {
            List<Strip.Stacked> group = groups.stream()
                    .filter(each -> each.size() < most
                            && each.stream().mapToInt(Strip.Stacked::width).sum() + piece.width()
                                    <= demand.widthOfFabric())
                    .findFirst()
                    .orElseGet(() -> {
                        List<Strip.Stacked> started = new ArrayList<>();
                        groups.add(started);
                        return started;
                    });
            group.add(piece);
        }
        return groups;
    }

    /** Those of one length together. */
    private List<List<Strip.Stacked>> byLength(List<Strip.Stacked> longs) {
        List<List<Strip.Stacked>> groups = new ArrayList<>();
        longs.stream()
                .mapToInt(Strip.Stacked::height)
                .distinct()
                .forEach(height -> groups.addAll(sideBySide(
                        longs.stream().filter(piece -> piece.height() == height).toList(), longs.size())));
        return groups;
    }

    private SectionedPlan sectioned(List<List<Strip.Stacked>> groups, int bound) {
        int[] open = demand.counts();
        groups.forEach(group -> group.forEach(piece -> open[piece.item()]--));
        List<Section> sections = new ArrayList<>();
        for (List<Strip.Stacked> group : groups) {
            Section alone = new Section(group, List.of());
            List<Strip> beside = beside(demand.widthOfFabric() - alone.width(), alone.height(), open);
            beside.forEach(strip -> strip.takeOff(open));
            sections.add(new Section(group, beside));
        }
        int taken = sections.stream().mapToInt(Section::height).sum();
        Wanted rest = wanted(open, demand.widthOfFabric(), demand.longest());
        List<Strip> strips = rest.items.isEmpty()
                ? List.of()
                : rest.back(YardagePlanner.plan(
                                rest.demand(demand),
                                style,
                                budget / 2,
                                length -> counts.applyAsInt(taken + length),
                                goOn)
                        .strips());
        SectionedPlan plan = new SectionedPlan(demand, sections, strips, 0);
        return new SectionedPlan(demand, sections, strips, Math.min(bound, plan.length()));
    }

    /** As much as can be cut of what is beside long pieces. */
    private List<Strip> beside(int width, int height, int[] open) {
        Wanted fitting = wanted(open, width, height);
        return fitting.items.isEmpty()
                ? List.of()
                : PiecePlanner.plan(fitting.demand(demand), 1, style).stream()
                        .flatMap(layout -> fitting.back(layout.strips()).stream())
                        .toList();
    }

    /** Items that are still wanted and fit a part of the cloth, with their places in the whole demand. */
    private record Wanted(int width, int longest, List<Demand.Item> items, List<Integer> places) {

        Demand demand(Demand whole) {
            return new Demand(width, longest, items, whole.tallestStrip());
        }

        List<Strip> back(List<Strip> strips) {
            return strips.stream()
                    .map(strip -> new Strip(
                            strip.height(),
                            strip.segments().stream()
                                    .map(segment -> new Strip.Segment(
                                            segment.width(),
                                            segment.height(),
                                            segment.stack().stream()
                                                    .map(piece -> new Strip.Stacked(
                                                            places.get(piece.item()), piece.width(), piece.height()))
                                                    .toList()))
                                    .toList()))
                    .toList();
        }
    }

    private Wanted wanted(int[] open, int width, int longest) {
        List<Demand.Item> items = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < open.length; i++) {
            Demand.Item item = demand.items().get(i);
            if (open[i] > 0 && width > 0 && Demand.fits(item, width, longest)) {
                items.add(new Demand.Item(item.width(), item.height(), open[i], item.turnable()));
                places.add(i);
            }
        }
        return new Wanted(width, longest, items, places);
    }
}
