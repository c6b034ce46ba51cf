package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * What the quilter decides of how units are made together.
 *
 * @param mostSquaresAChain squares that are joined in one chain or ring
 * @param variety how many different combinations of prints the free places get
 * @param spareBlocks blocks that are made beyond the top, to choose from
 */
public record MakingDesign(
        @LeftOut("\"SHARED\"") OddOnes oddOnes,
        @LeftOut("40") int mostSquaresAChain,
        @LeftOut("\"MANY\"") Variety variety,
        @LeftOut("[]") List<SpareBlock> spareBlocks) {

    /** What is made of the odd unit of a group that is sewn two at a time. */
    public enum OddOnes {
        /** Of loose triangles, whose squares serve other cloths too, where that saves cloth. */
        SHARED,
        /** As one of a pair: no loose bias edges, and a unit spare for each. */
        IN_PAIRS
    }

    /** How many different combinations of prints free places get. */
    public enum Variety {
        /** As few as the cloth allows: the same two prints again and again. */
        FEW,
        /** Many; but units that come of one set stay alike. */
        MANY,
        /** No two blocks alike, as long as the pack has combinations for it. */
        ALL_DIFFERENT
    }

    /** A very long chain is heavy at the machine (common practice, no source). */
    public static final int USUAL_CHAIN = 40;

    private static final int SHORTEST_CHAIN = 3;
    private static final int LONGEST_CHAIN = 1_000;
    private static final int MOST_SPARES = 200;

    public static final MakingDesign USUAL = new MakingDesign(OddOnes.SHARED, USUAL_CHAIN, Variety.MANY, List.of());

    /** An odd unit is one more pair, which is easier to sew than loose bias edges (teachers' common practice, no source). */
    public static final MakingDesign ODD_ONES_IN_PAIRS = USUAL.withSharing(OddOnes.IN_PAIRS, USUAL_CHAIN);

    /**
     * A block that is made beyond the top.
     *
     * @param block its key
     * @param exchanges cloths that are others in it than in the block
     * @param mirrored whether it is sewn as the mirror image of the block
     */
    public record SpareBlock(
            String block,
            @LeftOut("[]") List<Exchange> exchanges,
            @LeftOut("false") boolean mirrored) {
        public SpareBlock {
            Limits.text(block, 60, "block");
            Limits.list(exchanges, 200, "exchanges");
            exchanges = List.copyOf(exchanges);
        }
    }

    public MakingDesign {
        Limits.required(oddOnes, "oddOnes");
        Limits.between(mostSquaresAChain, SHORTEST_CHAIN, LONGEST_CHAIN, "mostSquaresAChain");
        Limits.required(variety, "variety");
        Limits.list(spareBlocks, MOST_SPARES, "spareBlocks");
        spareBlocks = List.copyOf(spareBlocks);
    }

    /** The same with odd units shared in another way and chains of so many squares. */
    public MakingDesign withSharing(OddOnes odd, int squaresAChain) {
        return new MakingDesign(odd, squaresAChain, variety, spareBlocks);
    }

    /** The same with more or less variety wanted. */
    public MakingDesign with(Variety other) {
        return new MakingDesign(oddOnes, mostSquaresAChain, other, spareBlocks);
    }

    /** The same with other spare blocks. */
    public MakingDesign withSpareBlocks(List<SpareBlock> others) {
        return new MakingDesign(oddOnes, mostSquaresAChain, variety, others);
    }
}
