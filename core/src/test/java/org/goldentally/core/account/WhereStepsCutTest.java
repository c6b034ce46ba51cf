package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.goldentally.core.account.CuttingSteps.CuttingStep;
import org.goldentally.core.cutting.CutBlock;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.SomeQuilts;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** The place that is lit for a step is where its pieces lie, told by the layout and a general geometry library. */
class WhereStepsCutTest {

    private static final double HAIR = 1e-9;

    @Test
    void everyPieceLiesWhereOneStepCuts() {
        int pieces = 0;
        for (OpenedPiece opened : openedPieces()) {
            List<CuttingStep> steps = CuttingSteps.of(opened, MeasureSystem.INCH);
            List<Envelope> lit = steps.stream()
                    .filter(step -> step.pieces() > 0)
                    .flatMap(step -> step.where().stream())
                    .map(WhereStepsCutTest::envelope)
                    .toList();
            for (OpenedPiece.Cut cut : opened.cuts()) {
                for (CutBlock block : cut.blocks()) {
                    for (Envelope piece : piecesOf(block)) {
                        assertThat(lit).anyMatch(place -> contains(place, piece));
                        pieces++;
                    }
                }
            }
        }
        assertThat(pieces).isGreaterThan(500);
    }

    @Test
    void noTwoStepsCutInOnePlace() {
        for (OpenedPiece opened : openedPieces()) {
            List<Envelope> lit = CuttingSteps.of(opened, MeasureSystem.INCH).stream()
                    .flatMap(step -> step.where().stream())
                    .map(WhereStepsCutTest::envelope)
                    .toList();
            Envelope cloth = new Envelope(
                    0,
                    opened.piece().width().toDoubleInches(),
                    0,
                    opened.piece().length().toDoubleInches());
            assertThat(lit).allMatch(place -> contains(cloth, place));
            long strips = opened.strips().size();
            for (int i = 0; i < strips; i++) {
                for (int j = i + 1; j < strips; j++) {
                    Envelope both = envelope(opened.strips().get(i).outline())
                            .intersection(envelope(opened.strips().get(j).outline()));
                    assertThat(both.getArea()).isLessThan(HAIR);
                }
            }
        }
    }

    private static List<OpenedPiece> openedPieces() {
        return SomeQuilts.tallies().values().stream()
                .flatMap(tally -> tally.ledgers().stream())
                .flatMap(ledger -> Stream.concat(
                        ledger.opened().stream().map(each -> each.piece()),
                        ledger.toBuy().stream().map(buy -> buy.piece())))
                .toList();
    }

    private static List<Envelope> piecesOf(CutBlock block) {
        List<Envelope> pieces = new ArrayList<>();
        for (long row = 0; row < block.along(); row++) {
            for (long column = 0; column < block.across(); column++) {
                Length x = block.x().plus(block.pieceWidth().times(column));
                Length y = block.y().plus(block.pieceHeight().times(row));
                pieces.add(envelope(new Rectangle(x, y, block.pieceWidth(), block.pieceHeight())));
            }
        }
        return pieces;
    }

    private static Envelope envelope(Rectangle rectangle) {
        double x = rectangle.x().toDoubleInches();
        double y = rectangle.y().toDoubleInches();
        return new Envelope(
                x,
                x + rectangle.width().toDoubleInches(),
                y,
                y + rectangle.height().toDoubleInches());
    }

    private static boolean contains(Envelope outer, Envelope inner) {
        Envelope wide = new Envelope(outer);
        wide.expandBy(HAIR);
        return wide.contains(inner);
    }
}
