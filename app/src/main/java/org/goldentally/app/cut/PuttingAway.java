package org.goldentally.app.cut;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.goldentally.app.account.OwnersTurn;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.app.quilts.Quilts;
import org.goldentally.app.shelf.ShelfCuts;
import org.goldentally.app.tally.BoughtAlready;
import org.goldentally.app.tally.QuiltTally;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.SheetSteps;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.stock.CutUp;
import org.goldentally.core.tally.TopTally;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Puts away what is cut. Of a piece whose steps are all ticked the cut pieces go to the quilt and the rest goes back on the shelf, so
 * that no other plan counts on fabric that is gone, and this one knows what lies on the table whatever is changed in it.
 */
@Service
class PuttingAway {

    private final Quilts quilts;
    private final QuiltTally tallies;
    private final BoughtAlready bought;
    private final CutTicks ticks;
    private final ShelfCuts shelf;
    private final OwnersTurn turn;
    private final TransactionTemplate transaction;

    PuttingAway(
            Quilts quilts,
            QuiltTally tallies,
            BoughtAlready bought,
            CutTicks ticks,
            ShelfCuts shelf,
            OwnersTurn turn,
            TransactionTemplate transaction) {
        this.turn = turn;
        this.quilts = quilts;
        this.tallies = tallies;
        this.bought = bought;
        this.ticks = ticks;
        this.shelf = shelf;
        this.transaction = transaction;
    }

    /**
     * A piece that is cut up, or equal pieces that are cut alike.
     *
     * @param firstStep the first step of its sheet
     * @param left what is left of all of them; empty where it is as planned
     */
    record Piece(UUID firstStep, Optional<List<TypedLeft>> left) {}

    /** Equal pieces that are left over, as measured. */
    record TypedLeft(String width, String length, int count) {}

    /** A piece whose steps are all ticked. */
    private record Finished(ClothInHand cloth, ClothLedger.Opened opened, List<SheetSteps.Step> steps) {
        CutUp cutUp(Optional<List<TypedLeft>> typed, MeasureSystem system) {
            CutUp planned = CutUp.of(opened);
            return typed.map(left -> planned.leaving(
                            left.stream()
                                    .map(each -> new CutUp.Left(
                                            CutUp.leftOf(
                                                    planned.from(),
                                                    side(each.width(), system),
                                                    side(each.length(), system)),
                                            each.count()))
                                    .toList(),
                            cloth.name(),
                            system))
                    .orElse(planned);
        }

        boolean isTicked(Set<String> ticked) {
            return steps.stream().allMatch(step -> step.isIn(ticked));
        }

        private Length side(String typed, MeasureSystem system) {
            return LengthReader.readPositive("What is left of " + cloth.name(), typed, system)
                    .orThrow();
        }
    }

    /** Puts these pieces away; none named means all that are finished. What is worked out is worked out before anything is held. */
    Quilts.StoredQuilt putAway(UUID quiltId, int version, List<Piece> wanted) {
        Quilts.StoredQuilt quilt = quilts.get(quiltId);
        StaleVersionException.check(version, quilt.version());
        QuiltDesign design = quilt.design();
        TopTally tally = bought.in(quiltId, tallies.of(quiltId, design));
        List<Finished> finished = finished(tally, ticks.of(quiltId));
        List<Piece> pieces = wanted.isEmpty()
                ? finished.stream()
                        .map(each -> new Piece(each.steps().getFirst().id(), Optional.empty()))
                        .toList()
                : wanted;
        List<Finished> chosen = new ArrayList<>();
        List<CutUp> cutUp = new ArrayList<>();
        for (Piece piece : pieces) {
            Finished each = find(finished, piece.firstStep());
            if (chosen.contains(each)) {
                throw notTicked();
            }
            chosen.add(each);
            cutUp.add(each.cutUp(piece.left(), design.system()));
        }
        if (!chosen.isEmpty()) {
            transaction.executeWithoutResult(any -> move(quilt, chosen, cutUp));
        }
        return quilts.get(quiltId);
    }

    private void move(Quilts.StoredQuilt quilt, List<Finished> chosen, List<CutUp> cutUp) {
        // Whoever comes second waits here, and finds no tick that stands any more.
        turn.take();
        Set<String> ticked = ticks.of(quilt.id());
        if (!chosen.stream().allMatch(each -> each.isTicked(ticked))) {
            throw notTicked();
        }
        List<ShelfCuts.Cut> cuts = new ArrayList<>();
        Set<String> keys = new LinkedHashSet<>();
        Set<String> fabrics = new LinkedHashSet<>();
        QuiltDesign design = quilt.design();
        for (int i = 0; i < chosen.size(); i++) {
            Finished each = chosen.get(i);
            ClothInHand cloth = design.cloth(each.cloth().key()).orElseThrow();
            if (!shelf.knows(cloth.shelfCloth())) {
                design = onShelf(design, cloth);
            }
            UUID onShelf = UUID.fromString(
                    design.cloth(each.cloth().key()).orElseThrow().shelfCloth());
            ClothLedger.Opened opened = each.opened();
            cuts.add(new ShelfCuts.Cut(
                    onShelf,
                    opened.isBought() ? Optional.empty() : Optional.of(UUID.fromString(opened.key())),
                    cutUp.get(i)));
            each.steps().forEach(step -> keys.addAll(step.inLog()));
            fabrics.add(cloth.name());
        }
        if (!design.equals(quilt.design())) {
            quilts.change(quilt.id(), quilt.version(), quilt.name(), design, false);
        }
        String what = "cut for " + quilt.name() + ": " + String.join(", ", fabrics);
        ticks.putAway(quilt.id(), keys, shelf.move(quilt.id(), what, cuts, design.system()));
    }

    /** A fabric that was bought for this quilt comes to the shelf with what is left of it. */
    private QuiltDesign onShelf(QuiltDesign design, ClothInHand cloth) {
        String id = shelf.named(cloth.name(), cloth.colour()).toString();
        return design.withCloths(design.cloths().stream()
                .map(each -> each.key().equals(cloth.key()) ? each.onShelfAs(id) : each)
                .toList());
    }

    private static List<Finished> finished(TopTally tally, Set<String> ticked) {
        List<Finished> finished = new ArrayList<>();
        for (ClothLedger ledger : tally.ledgers()) {
            ClothInHand cloth = tally.top().design().cloth(ledger.cloth()).orElseThrow();
            Iterator<List<SheetSteps.Step>> steps = SheetSteps.of(ledger).iterator();
            for (ClothLedger.Opened opened : ledger.opened()) {
                List<SheetSteps.Step> ofPiece = steps.next();
                Finished piece = new Finished(cloth, opened, ofPiece);
                if (!ofPiece.isEmpty() && piece.isTicked(ticked)) {
                    finished.add(piece);
                }
            }
        }
        return finished;
    }

    private static Finished find(List<Finished> finished, UUID firstStep) {
        return finished.stream()
                .filter(each -> each.steps().getFirst().id().equals(firstStep))
                .findFirst()
                .orElseThrow(PuttingAway::notTicked);
    }

    private static RefusedException notTicked() {
        return new RefusedException(new Problem(
                "Putting away",
                "not all steps of this piece are ticked, or its sheet has changed",
                "tick what is cut, then put it away"));
    }
}
