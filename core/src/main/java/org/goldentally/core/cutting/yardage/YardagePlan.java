package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.List;

/**
 * Strips to cut, and how good that is known to be.
 *
 * @param lowerBound no plan in strips, segments and one more cut is shorter
 */
public record YardagePlan(Demand demand, List<Strip> strips, int lowerBound) {

    public YardagePlan {
        strips = List.copyOf(strips);
    }

    /** Marks of cloth that the strips take, one below the other. */
    public int length() {
        return strips.stream().mapToInt(Strip::height).sum();
    }

    /** Whether no plan can be shorter. */
    public boolean isProvenShortest() {
        return length() == lowerBound;
    }

    /** How many differently cut strips there are: each wants a look at the plan. */
    public int layouts() {
        return (int) strips.stream().distinct().count();
    }

    /** What is wrong with the plan; nothing, if it can be cut. Looks at the pieces only, not at how they were found. */
    public List<String> faults() {
        List<String> faults = faultsOfStrips(demand.items());
        int[] open = demand.counts();
        strips.forEach(strip -> strip.takeOff(open));
        for (int i = 0; i < open.length; i++) {
            if (open[i] > 0) {
                faults.add(open[i] + " of " + demand.items().get(i) + " are missing");
            }
        }
        return faults;
    }

    /** Those of the strips alone, in which pieces of these items lie. */
    List<String> faultsOfStrips(List<Demand.Item> items) {
        List<String> faults = new ArrayList<>();
        for (Strip strip : strips) {
            int across = 0;
            for (Strip.Segment segment : strip.segments()) {
                across += segment.width();
                int high = 0;
                for (Strip.Stacked piece : segment.stack()) {
                    high += piece.height();
                    addFaults(piece, items.get(piece.item()), segment, faults);
                }
                if (high > strip.height()) {
                    faults.add("a stack of " + high + " in a strip of " + strip.height());
                }
            }
            if (across > demand.widthOfFabric()) {
                faults.add("a strip " + across + " wide on fabric of " + demand.widthOfFabric());
            }
        }
        return faults;
    }

    private static void addFaults(Strip.Stacked piece, Demand.Item item, Strip.Segment segment, List<String> faults) {
        boolean asGiven = item.width() == piece.width() && item.height() == piece.height();
        boolean turned = item.turnable() && item.height() == piece.width() && item.width() == piece.height();
        if (!asGiven && !turned) {
            faults.add("a piece of " + item + " lies as " + piece.width() + " x " + piece.height());
        }
        if (piece.width() > segment.width()) {
            faults.add("a piece " + piece.width() + " wide in a segment of " + segment.width());
        }
    }
}
