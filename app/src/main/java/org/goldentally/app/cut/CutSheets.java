package org.goldentally.app.cut;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.goldentally.app.shelf.SetAside;
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;
import org.goldentally.core.stock.SpareCut;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Component;

/** The cutting sheets of a quilt as it stands, with what is ticked off. */
@Component
public class CutSheets {

    /** Steps were named otherwise before they had identities. */
    private static final Pattern IDENTITY = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final QuiltTally tally;
    private final BoughtAlready bought;
    private final CutTicks ticks;
    private final SetAside setAside;

    CutSheets(QuiltTally tally, BoughtAlready bought, CutTicks ticks, SetAside setAside) {
        this.setAside = setAside;
        this.tally = tally;
        this.bought = bought;
        this.ticks = ticks;
    }

    /** All that the log may know a step by; nothing where no sheet has it. */
    Set<String> inLog(UUID quiltId, QuiltDesign design, String step) {
        return bought.in(quiltId, tally.of(quiltId, design)).ledgers().stream()
                .flatMap(ledger -> SheetSteps.of(ledger).stream())
                .flatMap(List::stream)
                .filter(each -> each.id().toString().equals(step))
                .findFirst()
                .map(SheetSteps.Step::inLog)
                .orElse(Set.of());
    }

    /** Sheets of a quilt with what is ticked on them, and what was cut that is on none of them. */
    public CutView of(UUID quiltId, QuiltDesign design) {
        TopTally now = bought.in(quiltId, tally.of(quiltId, design));
        List<CutView.CutBefore> before = bought.cutBefore(quiltId, now).stream()
                .map(entry -> new CutView.CutBefore(
                        IDENTITY.matcher(entry.batch()).matches() ? entry.batch() : "", entry.text(), entry.at()))
                .toList();
        return CutView.of(now, ticks.of(quiltId))
                .with(
                        ticks.putAway(quiltId),
                        before,
                        spare(quiltId, now),
                        ticks.lastPutAway(quiltId).orElse(null));
    }

    private List<CutView.NotNeededView> spare(UUID quiltId, TopTally tally) {
        List<SetAside.CutPieces> cut = setAside.cutFor(quiltId);
        Map<String, String> fabrics = new HashMap<>();
        cut.forEach(each -> fabrics.put(each.pieces().key(), each.fabric()));
        MeasureSystem system = tally.top().design().system();
        return SpareCut.of(tally, cut.stream().map(SetAside.CutPieces::pieces).toList()).stream()
                .map(spare -> new CutView.NotNeededView(
                        UUID.fromString(spare.key()),
                        spare.piece().describe(spare.count(), system) + " – " + Known.of(fabrics, spare.key())))
                .toList();
    }
}
