package org.goldentally.core.tally;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.goldentally.core.account.SheetSteps;

/** Sheets that are begun stay as they were: what is ticked on the former ones, and is not on the new, is still cut. */
public final class SheetsBegun {

    private SheetsBegun() {}

    /**
     * The tally whose sheets have most of what is ticked; the newer one of equals.
     *
     * @param former works the same out by the former rules; asked only where the newer sheets lack a tick
     */
    public static TopTally of(TopTally now, Set<String> ticked, Supplier<TopTally> former) {
        int found = found(now, ticked);
        if (found == ticked.size()) {
            return now;
        }
        TopTally before = former.get();
        return found(before, ticked) > found ? before : now;
    }

    private static int found(TopTally tally, Set<String> ticked) {
        Set<String> found = new HashSet<>();
        tally.ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .forEach(step -> found.addAll(step.inLog()));
        found.retainAll(ticked);
        return found.size();
    }
}
