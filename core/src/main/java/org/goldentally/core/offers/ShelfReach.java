package org.goldentally.core.offers;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.CuttingRequest;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.TopTally;

/**
 * The other way round: how far this shelf goes with this block, cut plainly, nothing bought, without sashing and borders.
 *
 * @param blocks how many blocks there is cloth for
 * @param layouts from the most square to the longest
 * @param accounts each cloth's account when so many are made: what remains
 * @param firstOut the cloths that are short for one block more
 * @param wholeBlocks pieces of the shelf that give a whole block's patches of their cloth, each
 */
public record ShelfReach(
        int blocks,
        List<Layout> layouts,
        List<ClothLedger> accounts,
        List<FirstOut> firstOut,
        List<WholeBlock> wholeBlocks) {

    /** More blocks than any quilt has. */
    static final int MOST_BLOCKS = 1_000;

    private static final int MOST_LAYOUTS = 8;

    /** So many blocks across and down, finished so large; some blocks may be over. */
    public record Layout(int across, int down, int over, Length finishedWidth, Length finishedHeight) {}

    /**
     * A cloth that runs out.
     *
     * @param more half a yard, or half a metre, of it
     * @param blocksWithMore how many blocks there would be with so much more
     */
    public record FirstOut(String cloth, Length more, int blocksWithMore) {}

    /** Every patch that a block needs of a cloth comes from one such piece. */
    public record WholeBlock(String cloth, ClothPiece piece) {}

    /** One block and a shelf, to be asked for any number of blocks. */
    private record Single(QuiltTop top, TopCount count, ReadDesign read, Map<String, List<ShelfPieces>> shelf) {

        List<ClothLedger> accounts(int blocks, Map<String, List<ShelfPieces>> onShelf) {
            return TopTally.of(top, times(count, blocks), read, onShelf, ClothLedger::of)
                    .ledgers();
        }

        boolean isEnough(int blocks, Map<String, List<ShelfPieces>> onShelf) {
            return accounts(blocks, onShelf).stream().allMatch(ClothLedger::isEnough);
        }

        int most(int atLeast, Map<String, List<ShelfPieces>> onShelf) {
            int enough = atLeast;
            int tooMany = Math.max(1, 2 * enough);
            while (tooMany < MOST_BLOCKS && isEnough(tooMany, onShelf)) {
                enough = tooMany;
                tooMany *= 2;
            }
            tooMany = Math.min(tooMany, MOST_BLOCKS + 1);
            while (tooMany - enough > 1) {
                int middle = (enough + tooMany) / 2;
                if (isEnough(middle, onShelf)) {
                    enough = middle;
                } else {
                    tooMany = middle;
                }
            }
            return enough;
        }
    }

    /** How many of a block the shelf is enough for, set edge to edge, without borders or binding. */
    public static ShelfReach of(QuiltDesign design, String block, Map<String, List<ShelfPieces>> shelf) {
        QuiltDesign one = design.withSetting(new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, 1, 1, List.of(block), "", SettingDesign.Halves.BLOCK))
                .withPlaces(List.of())
                .withSashing(SashingDesign.NONE)
                .withBorders(List.of())
                .withFinishing(design.finishing().without())
                .withPlan(design.plan().withCutting(List.of()));
        QuiltTop top = QuiltTop.of(one);
        Single single = new Single(top, TopCount.of(top), top.read(), shelf);
        if (single.accounts(1, shelf).isEmpty()) {
            return new ShelfReach(0, List.of(), List.of(), List.of(), List.of());
        }
        int blocks = single.most(0, shelf);
        return new ShelfReach(
                blocks,
                layouts(blocks, top),
                blocks == 0 ? List.of() : single.accounts(blocks, shelf),
                blocks == MOST_BLOCKS ? List.of() : firstOut(single, blocks),
                wholeBlocks(single));
    }

    private static List<Layout> layouts(int blocks, QuiltTop top) {
        List<Layout> layouts = new ArrayList<>();
        for (int across = (int) Math.sqrt(blocks); across > 0 && layouts.size() < MOST_LAYOUTS; across--) {
            int down = blocks / across;
            layouts.add(new Layout(
                    across,
                    down,
                    blocks - across * down,
                    top.finishedWidth().times(across),
                    top.finishedHeight().times(down)));
        }
        return layouts;
    }

    private static List<FirstOut> firstOut(Single single, int blocks) {
        MeasureSystem system = single.read.typed().system();
        Length half = UsualSizes.of(system).halfPurchase();
        List<FirstOut> out = new ArrayList<>();
        for (ClothLedger ledger : single.accounts(blocks + 1, single.shelf)) {
            if (!ledger.isEnough()) {
                Map<String, List<ShelfPieces>> more = new LinkedHashMap<>(single.shelf);
                List<ShelfPieces> pieces = new ArrayList<>(more.getOrDefault(ledger.cloth(), List.of()));
                pieces.add(new ShelfPieces(
                        "more",
                        1,
                        new ClothPiece(PieceForm.YARDAGE, ledger.widthToBuy(), half, ClothPiece.Edge.STRAIGHT)));
                more.put(ledger.cloth(), pieces);
                out.add(new FirstOut(ledger.cloth(), half, single.most(blocks, more)));
            }
        }
        return out;
    }

    private static List<WholeBlock> wholeBlocks(Single single) {
        List<WholeBlock> whole = new ArrayList<>();
        for (ClothLedger ledger : single.accounts(1, single.shelf)) {
            single.shelf.getOrDefault(ledger.cloth(), List.of()).stream()
                    .map(ShelfPieces::piece)
                    .distinct()
                    .filter(piece -> piece.form() != PieceForm.YARDAGE)
                    .filter(piece -> ClothLedger.of(new CuttingRequest(
                                    ledger.cloth(),
                                    ledger.cuts(),
                                    List.of(new ShelfPieces("one", 1, piece)),
                                    ledger.widthToBuy(),
                                    single.read.typed().system(),
                                    new CuttingChoice(ledger.cloth(), CuttingStyle.THRIFTY, PlanDesign.USUAL_EFFORT),
                                    ledger.request().squaringUp()))
                            .isEnough())
                    .forEach(piece -> whole.add(new WholeBlock(ledger.cloth(), piece)));
        }
        return whole;
    }

    private static TopCount times(TopCount count, int blocks) {
        return new TopCount(
                times(count.units(), blocks),
                times(count.pieces(), blocks),
                times(count.triangles(), blocks),
                List.of(),
                count.blankArea(),
                count.areas());
    }

    private static List<TopCount.Group> times(List<TopCount.Group> groups, int blocks) {
        return groups.stream().map(group -> group.times(blocks)).toList();
    }
}
