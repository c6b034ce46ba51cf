package org.goldentally.core.deal;

import java.util.List;
import org.goldentally.core.design.EdgePlaceDesign;
import org.goldentally.core.design.MakingDesign.SpareBlock;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.RefusedException;

/**
 * Makes blocks from the prints of packs for the free places of a top, and lays them out.
 *
 * <ol>
 *   <li>What must hold: a light place gets a print of the pack's lighter half, a dark one of its darker half; no print
 *       twice in a block; a locked place stays.
 *   <li>First it is chosen what is made ({@link Maker}): prints used as far as there is cloth of each, cloths that meet
 *       differing in value, units of one set kept together, combinations as many as are wished.
 *   <li>Then it is laid out ({@link Placer}), which changes no count.
 * </ol>
 *
 * What comes of it is kept as exchanges of the blocks' places, which can be corrected by hand like any others.
 *
 * @param places all places of the top with the prints they have
 * @param edgePlaces all places of sashing and borders with the prints they have
 * @param spareBlocks blocks made beyond the top
 * @param closePairs units in which cloths close in value still meet
 * @param neighbours pairs of neighbouring blocks that still share a print
 * @param mostUsed in how many free places the most used print lies
 * @param leastUsed the same of the least used print that is used at all
 * @param combinations different combinations of prints
 * @param leftOut prints that lie nowhere
 * @param beyondStock prints that are used more than there is cloth of them
 * @param printsForAll how many more prints would let all blocks differ, where that is wished and cannot be; 0 otherwise
 */
public record ScrappyDeal(
        List<PlaceDesign> places,
        List<EdgePlaceDesign> edgePlaces,
        List<SpareBlock> spareBlocks,
        int closePairs,
        int neighbours,
        int mostUsed,
        int leastUsed,
        int combinations,
        List<LeftOut> leftOut,
        List<String> beyondStock,
        int printsForAll) {

    private static final int MORE_BEGINNINGS = 3;

    /** A print that no place got, and why. */
    public record LeftOut(String print, String why) {}

    /** The design with what was made and laid out. */
    public QuiltDesign in(QuiltDesign design) {
        return design.withPlaces(places)
                .withEdgePlaces(edgePlaces)
                .withPlan(design.plan().withMaking(design.plan().making().withSpareBlocks(spareBlocks)));
    }

    /**
     * Makes and lays out everything.
     *
     * @throws RefusedException if nothing is free, or a pack has too few prints
     */
    public static ScrappyDeal deal(QuiltDesign design, Stock stock, long seed) {
        return deal(design, stock, Wish.all(seed));
    }

    /**
     * Makes and lays out as wished.
     *
     * @throws RefusedException if nothing is free, a pack has too few prints, or nothing is made yet that could be laid out
     *     anew
     */
    public static ScrappyDeal deal(QuiltDesign design, Stock stock, Wish wish) {
        ScrappyDeal best = new LayingOut(design, stock, wish).deal();
        boolean again = wish.what() != Wish.What.LAY_OUT && !stock.shelf().isEmpty();
        // What one beginning leaves short another may not.
        for (int n = 1; again && !best.beyondStock.isEmpty() && n <= MORE_BEGINNINGS; n++) {
            ScrappyDeal other = new LayingOut(design, stock, wish.begunOtherwise(n)).deal();
            best = other.beyondStock.size() < best.beyondStock.size() ? other : best;
        }
        return best;
    }
}
