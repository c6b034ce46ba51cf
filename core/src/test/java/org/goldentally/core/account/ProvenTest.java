package org.goldentally.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.goldentally.core.chance.Chance;
import org.goldentally.core.chance.Tries;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What a sentence on the page says is proven, held against plans: none of the class that it names may be better. A plain
 * plan is a tidy one, a tidy one a thrifty one, so each sentence is held against all plans of its class that are found,
 * with four times the search too.
 */
class ProvenTest {

    private static final Pattern OVER = Pattern.compile("at most (.+) in over what any");

    @Tries(7)
    void noPlanOfTheClassThatIsNamedIsBetterThanWhatIsSaid(Chance chance) {
        CuttingRequest request = request(chance);
        StyleChoices usual = StyleChoices.of(request, ClothLedger::of);
        for (CuttingStyle style : CuttingStyle.values()) {
            ClothLedger ledger = usual.accounts().get(style);
            String said = StyleChoices.proof(ledger, MeasureSystem.INCH);
            if (said.isEmpty()) {
                continue;
            }
            assertThat(said).contains(style.label() + " plan");
            if (!request.shelf().isEmpty() && !ledger.opened().isEmpty()) {
                assertThat(said).contains("for what the shelf does not give");
                continue;
            }
            ClothLedger longer = ClothLedger.of(request.with(new CuttingChoice("a", style, 4)));
            holds(said, ledger, longer);
            usual.accounts().forEach((other, account) -> {
                if (other.compareTo(style) <= 0) {
                    holds(said, ledger, account);
                }
            });
        }
    }

    private static void holds(String said, ClothLedger ledger, ClothLedger other) {
        Length own = ledger.toBuy().orElseThrow().purchase().exact();
        Length found = other.toBuy().orElseThrow().purchase().exact();
        Matcher over = OVER.matcher(said);
        if (said.endsWith("is shorter")) {
            assertThat(found).as(said).isGreaterThanOrEqualTo(own);
        } else if (said.endsWith("buys less")) {
            assertThat(other.toBuy().orElseThrow().purchase().bought())
                    .as(said)
                    .isGreaterThanOrEqualTo(
                            ledger.toBuy().orElseThrow().purchase().bought());
        } else {
            assertThat(over.find()).as(said).isTrue();
            double most = inches(over.group(1));
            assertThat(own.toDoubleInches() - found.toDoubleInches()).as(said).isLessThanOrEqualTo(most + 1e-9);
        }
    }

    private static double inches(String written) {
        double sum = 0;
        for (String part : written.replace("just over ", "").split(" ")) {
            String[] over = part.split("/");
            sum += over.length == 2
                    ? Double.parseDouble(over[0]) / Double.parseDouble(over[1])
                    : Double.parseDouble(part);
        }
        return written.startsWith("just over") ? sum + 0.125 : sum;
    }

    private static CuttingRequest request(Chance chance) {
        List<ClothCut> cuts = ClothLedgerTest.cuts(chance);
        List<ShelfPieces> shelf = chance.between(0, 3) > 0
                ? List.of()
                : List.of(new ShelfPieces(
                        "on hand",
                        1,
                        new ClothPiece(
                                PieceForm.YARDAGE, Length.inches(40), Length.inches(9), ClothPiece.Edge.STRAIGHT)));
        return new CuttingRequest(
                "a", cuts, shelf, Length.inches(40), MeasureSystem.INCH, CuttingChoice.PLAIN, Length.inches(0, 1, 2));
    }
}
