package org.goldentally.core.account;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.goldentally.core.account.CuttingSteps.CuttingStep;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.identity.Key;

/**
 * All cutting steps of one fabric, each with what finds its tick again: the fabric, the piece that is cut into, what is cut,
 * and of steps that are equal in all of these the how manieth it is. Neither words nor the place in a list are part of it, so a
 * sentence can be said better and a sheet laid out otherwise, and what is ticked stays ticked.
 */
public final class SheetSteps {

    private SheetSteps() {}

    /** A step of this fabric and piece. */
    public static final class Step {
        private final CuttingStep step;
        private final UUID id;
        private final FormerStepKeys former;

        private Step(CuttingStep step, UUID id, FormerStepKeys former) {
            this.step = step;
            this.id = id;
            this.former = former;
        }

        /** What is done. */
        public CuttingStep step() {
            return step;
        }

        /** What finds its tick again. */
        public UUID id() {
            return id;
        }

        /** Whether it is among those that are ticked, now or by a version before. */
        public boolean isIn(Set<String> ticked) {
            return ticked.contains(id.toString())
                    || (!ticked.isEmpty() && former.keys().stream().anyMatch(ticked::contains));
        }

        /** All that its tick may be known by. */
        public Set<String> inLog() {
            Set<String> keys = new HashSet<>(former.keys());
            keys.add(id.toString());
            return keys;
        }
    }

    /** The steps of every piece that is cut into, in the order of the account; those of what is bought come last. */
    public static List<List<Step>> of(ClothLedger ledger) {
        Map<String, Integer> seen = new HashMap<>();
        List<List<Step>> all = new ArrayList<>();
        ledger.opened().forEach(opened -> all.add(of(ledger, opened.piece(), opened.count(), seen)));
        ledger.toBuy().ifPresent(buy -> all.add(of(ledger, buy.piece(), 1, seen)));
        return all;
    }

    private static List<Step> of(ClothLedger ledger, OpenedPiece opened, long count, Map<String, Integer> seen) {
        List<CuttingStep> said = CuttingSteps.of(opened, ledger.request().system());
        List<FormerStepKeys> former = FormerStepKeys.of(
                ledger.cloth(), opened, count, ledger.request().system());
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < said.size(); i++) {
            CuttingStep step = said.get(i);
            String alike = key(ledger.cloth(), opened.piece(), count, step).text();
            int nth = seen.merge(alike, 1, Integer::sum);
            UUID id = key(ledger.cloth(), opened.piece(), count, step).with(nth).digest();
            steps.add(new Step(step, id, former.get(i)));
        }
        return steps;
    }

    private static Key key(String cloth, ClothPiece piece, long count, CuttingStep step) {
        return Key.of("cutting-step")
                .withMinted(cloth)
                .with(Key.of("piece")
                        .with(piece.form())
                        .with(piece.width())
                        .with(piece.length())
                        .with(count))
                .with(step.act());
    }
}
