package org.goldentally.core.cutting.yardage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Sections with long pieces, then strips across the whole width.
 *
 * @param lowerBound no plan in sections, strips, segments and one more cut is shorter
 */
public record SectionedPlan(Demand demand, List<Section> sections, List<Strip> strips, int lowerBound) {

    public SectionedPlan {
        sections = List.copyOf(sections);
        strips = List.copyOf(strips);
    }

    /** Marks of cloth that it takes. */
    public int length() {
        return sections.stream().mapToInt(Section::height).sum()
                + strips.stream().mapToInt(Strip::height).sum();
    }

    /** What is wrong with the plan; nothing, if it can be cut. Looks at the pieces only, not at how they were found. */
    public List<String> faults() {
        List<String> faults = new ArrayList<>();
        int[] open = demand.counts();
        for (Section section : sections) {
            int beside = demand.widthOfFabric() - section.width();
            if (beside < 0) {
                faults.add("long pieces " + section.width() + " wide on fabric of " + demand.widthOfFabric());
            }
            int high = section.strips().stream().mapToInt(Strip::height).sum();
            if (high > section.height()) {
                faults.add("strips of " + high + " beside a section of " + section.height());
            }
            int[] counts = section.counts(open.length);
            for (int i = 0; i < open.length; i++) {
                open[i] -= counts[i];
            }
            faults.addAll(strips(beside, section.strips()));
        }
        int[] counts = new int[open.length];
        for (Strip strip : strips) {
            int[] ofStrip = strip.counts(open.length);
            Arrays.setAll(counts, i -> counts[i] + ofStrip[i]);
        }
        faults.addAll(strips(demand.widthOfFabric(), strips));
        for (int i = 0; i < open.length; i++) {
            if (open[i] > counts[i]) {
                faults.add((open[i] - counts[i]) + " of " + demand.items().get(i) + " are missing");
            }
        }
        return faults;
    }

    /** Faults of strips that are cut of a part so wide; whether all pieces are there is not asked. */
    private List<String> strips(int width, List<Strip> cut) {
        return new YardagePlan(new Demand(width, demand.longest(), List.of(), demand.tallestStrip()), cut, 0)
                .faultsOfStrips(demand.items());
    }
}
