package org.goldentally.app.cut;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.design.QuiltDesign;
import org.springframework.stereotype.Component;

/** The cutting sheets of a quilt as it stands, with what is ticked off. */
@Component
public class CutSheets {

    private final QuiltTally tally;
    private final BoughtAlready bought;
    private final CutTicks ticks;

    CutSheets(QuiltTally tally, BoughtAlready bought, CutTicks ticks) {
        this.tally = tally;
        this.bought = bought;
        this.ticks = ticks;
    }

    /** All that the log may know a step by; nothing where no sheet has it. */
    Set<String> inLog(UUID quiltId, QuiltDesign design, String step) {
        return bought.in(quiltId, tally.of(design)).ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .filter(each -> each.id().toString().equals(step))
                .findFirst()
                .map(SheetSteps.Step::inLog)
                .orElse(Set.of());
    }

    /** Sheets of a quilt with what is ticked on them. */
    public CutView of(UUID quiltId, QuiltDesign design) {
        return CutView.of(bought.in(quiltId, tally.of(design)), ticks.of(quiltId));
    }
}
