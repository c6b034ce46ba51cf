package org.goldentally.core.deal;

import java.util.List;
import java.util.Map;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.RefusedException;

/**
 * Deals the prints of packs to the blocks of a scrappy top: a place "any print" of a block gets one print in each block.
 *
 * <ol>
 *   <li>What must hold: a light place gets a print of the pack's lighter half, a dark one of its darker half; no print
 *       twice in a block.
 *   <li>What is tried for, most important first: cloths that meet in a unit differ in value; blocks side by side do not
 *       share a print; every print is used as much as there is cloth of it, so that the pack goes as far as it can.
 *   <li>From a first deal by chance, places are dealt anew and exchanged as long as that makes it better (hill climbing
 *       with a little heat). Chance is seeded: the same number deals the same, another number deals anew.
 * </ol>
 *
 * The deal is kept as exchanges of the blocks' places, which can be corrected by hand like any others.
 *
 * @param places all places of the top with the prints dealt
 * @param closePairs units in which cloths close in value still meet
 * @param neighbours pairs of neighbouring blocks that still share a print
 * @param mostUsed how often the most used print is dealt
 * @param leastUsed how often the least used print that is dealt at all is dealt
 * @param leftOut prints that are dealt to no place
 */
public record ScrappyDeal(
        List<PlaceDesign> places, int closePairs, int neighbours, int mostUsed, int leastUsed, List<LeftOut> leftOut) {

    /** A print that no place got, and why. */
    public record LeftOut(String print, String why) {}

    /**
     * Deals.
     *
     * @param clothOf area of cloth on hand of each print, by its key; prints without any are dealt alike
     * @throws RefusedException if nothing is to be dealt, or a pack has too few prints
     */
    public static ScrappyDeal deal(QuiltDesign design, Map<String, Double> clothOf, long seed) {
        return new Dealer(design, clothOf, seed).deal();
    }
}
