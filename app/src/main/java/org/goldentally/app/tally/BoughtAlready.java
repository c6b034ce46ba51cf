package org.goldentally.app.tally;

import java.util.UUID;
import org.goldentally.app.log.BenchLog;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/** Lengths that were to be bought and are cut into by now: they are on hand, and not bought twice. */
@Component
public class BoughtAlready {

    private final BenchLog log;

    BoughtAlready(BenchLog log) {
        this.log = log;
    }

    /** The tally of a quilt with what its log says is cut. */
    public TopTally in(UUID quiltId, TopTally tally) {
        boolean buys =
                tally.ledgers().stream().anyMatch(ledger -> ledger.toBuy().isPresent());
        return buys ? tally.boughtWhereCut(log.state(quiltId).cut()) : tally;
    }
}
