package org.goldentally.core.account;

import java.util.List;
import org.goldentally.core.cutting.CuttingRules;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * What is to be cut of one cloth, from what, and how.
 *
 * @param cuts all pieces of it that the quilt needs
 * @param shelf what there is of it
 * @param widthToBuy usable width of the cloth that would be bought
 * @param squaringUp what squaring up the end of a length costs
 * @param rules by which its sheets are laid out
 */
public record CuttingRequest(
        String cloth,
        List<ClothCut> cuts,
        List<ShelfPieces> shelf,
        Length widthToBuy,
        MeasureSystem system,
        CuttingChoice choice,
        Length squaringUp,
        CuttingRules rules) {

    /** By the rules of now. */
    public CuttingRequest(
            String cloth,
            List<ClothCut> cuts,
            List<ShelfPieces> shelf,
            Length widthToBuy,
            MeasureSystem system,
            CuttingChoice choice,
            Length squaringUp) {
        this(cloth, cuts, shelf, widthToBuy, system, choice, squaringUp, CuttingRules.NOW);
    }

    public CuttingRequest {
        cuts = List.copyOf(cuts);
        shelf = List.copyOf(shelf);
    }

    /** The same account of other pieces, from others. */
    CuttingRequest of(List<ClothCut> otherCuts, List<ShelfPieces> otherShelf) {
        return new CuttingRequest(cloth, otherCuts, otherShelf, widthToBuy, system, choice, squaringUp, rules);
    }

    /** The same from cloth to buy only. */
    public CuttingRequest withoutShelf() {
        return new CuttingRequest(cloth, cuts, List.of(), widthToBuy, system, choice, squaringUp, rules);
    }

    /** The same, cut in another style or along other borders. */
    public CuttingRequest with(CuttingChoice other) {
        return new CuttingRequest(cloth, cuts, shelf, widthToBuy, system, other, squaringUp, rules);
    }
}
