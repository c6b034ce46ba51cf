package org.goldentally.app.tally;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.goldentally.app.log.BenchLog;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.sew.BenchState;
import org.goldentally.core.sew.LogEntry;
import org.goldentally.core.tally.SheetsBegun;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/** Lengths that were to be bought and are cut into by now: they are on hand, and not bought twice. */
@Component
public class BoughtAlready {

    private final BenchLog log;
    private final QuiltTally tallies;

    BoughtAlready(BenchLog log, QuiltTally tallies) {
        this.log = log;
        this.tallies = tallies;
    }

    /** The tally of a quilt with what its log says is cut. */
    public TopTally in(UUID quiltId, TopTally tally) {
        return asBegun(quiltId, tally).boughtWhereCut(log.state(quiltId).cut());
    }

    /** The tally of a quilt whose sheets, where they were begun by former rules, stay as they were. */
    public TopTally asBegun(UUID quiltId, TopTally tally) {
        Set<String> cut = log.state(quiltId).cut();
        return cut.isEmpty()
                ? tally
                : SheetsBegun.of(
                        tally,
                        cut,
                        () -> tallies.byFormerRules(quiltId, tally.top().design()));
    }

    /** Ticks that stand and are on none of these sheets: what was cut by them lies on the table. */
    public List<LogEntry> cutBefore(UUID quiltId, TopTally sheets) {
        BenchState state = log.state(quiltId);
        if (state.cut().isEmpty()) {
            return List.of();
        }
        Set<String> onSheets = sheets.ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .flatMap(step -> step.inLog().stream())
                .collect(Collectors.toSet());
        return state.standing().stream()
                .filter(entry -> entry.kind() == LogEntry.Kind.CUT && !onSheets.contains(entry.batch()))
                .toList();
    }
}
