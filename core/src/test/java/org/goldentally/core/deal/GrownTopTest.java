package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.tally.TopTally;
import org.junit.jupiter.api.Test;

/** Pinwheels of 16 prints, one 10 in square of each, on a plain; six blocks are dealt, then the top grows. */
class GrownTopTest {

    private static final int PRINTS = 16;

    @Test
    void newBlocksTakeTheOtherPrintsAndThePackIsEnough() {
        QuiltDesign six = dealt(3, 2, 6);
        QuiltDesign sixteen = six.withSetting(six.setting().resized(4, 4));
        QuiltDesign grown = sixteen.withPlaces(GrownTop.places(sixteen, six.setting(), onHand(PRINTS)));
        assertThat(prints(grown).values())
                .as("16 blocks of 16 prints")
                .hasSize(16)
                .doesNotHaveDuplicates();
        assertThat(grown.places()).containsAll(six.places());
        assertThat(bought(grown, onHand(PRINTS))).isEmpty();
        assertThat(bought(sixteen, onHand(PRINTS)))
                .as("all new ones in the first print")
                .isNotEmpty();
    }

    /** Nine more than there are prints: each comes twice or once, never beside itself. */
    @Test
    void printsComeAgainAsSeldomAsCanBeAndNeverSideBySide() {
        QuiltDesign six = dealt(3, 2, 6);
        QuiltDesign larger = six.withSetting(six.setting().resized(5, 5));
        QuiltDesign grown = larger.withPlaces(GrownTop.places(larger, six.setting(), onHand(PRINTS)));
        Map<List<Integer>, String> prints = prints(grown);
        Map<String, Integer> uses = new HashMap<>();
        prints.values().forEach(print -> uses.merge(print, 1, Integer::sum));
        assertThat(uses).hasSize(PRINTS);
        assertThat(uses.values()).allMatch(count -> count <= 2);
        prints.forEach((at, print) -> {
            assertThat(prints.get(List.of(at.getFirst(), at.getLast() + 1))).isNotEqualTo(print);
            assertThat(prints.get(List.of(at.getFirst() + 1, at.getLast()))).isNotEqualTo(print);
        });
    }

    /** A top in which every block is alike stays so, and what was kept of places that come back is as it was. */
    @Test
    void whatWasNeverDealtIsNotDealtNow() {
        QuiltDesign alike = dealt(3, 2, 0);
        QuiltDesign larger = alike.withSetting(alike.setting().resized(6, 6));
        assertThat(GrownTop.places(larger, alike.setting(), onHand(PRINTS))).isEmpty();

        QuiltDesign six = dealt(3, 2, 6);
        SettingDesign one = six.setting().resized(1, 2);
        assertThat(GrownTop.places(six, one, onHand(PRINTS))).isEqualTo(six.places());
    }

    private static QuiltDesign dealt(int across, int down, int dealt) {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(cloth("a", "white", "", true));
        for (int print = 1; print <= PRINTS; print++) {
            cloths.add(cloth("p" + print, "noon " + print, "noon", false));
        }
        List<PlaceDesign> places = new ArrayList<>();
        for (int block = 1; block < dealt; block++) {
            places.add(new PlaceDesign(
                    block / across, block % across, "", 0, false, List.of(new Exchange("p1", "p" + (block + 1)))));
        }
        return QuiltDesign.first(MeasureSystem.INCH)
                .withCloths(cloths)
                .withBlocks(List.of(TraditionalBlocks.byKey("pinwheel")
                        .orElseThrow()
                        .withUnits(unit -> unit.inCloths(letter -> letter.equals("a") ? "a" : "p1"))))
                .withBlockSize(
                        new BlockSizeDesign(BlockSizeDesign.Of.BLOCK, BlockSizeDesign.As.FINISHED, "12", "", 1, 1))
                .withSetting(new SettingDesign(
                        SettingDesign.Kind.STRAIGHT, across, down, List.of("pinwheel"), "", SettingDesign.Halves.BLOCK))
                .withPlaces(places);
    }

    private static ClothInHand cloth(String key, String name, String pack, boolean background) {
        return new ClothInHand(
                key, name, "#888888", "", background, "", false, pack, ClothInHand.StandsFor.ITSELF, false, List.of());
    }

    private static Map<String, List<ShelfPieces>> onHand(int prints) {
        ClothPiece square = ClothPiece.square(Length.inches(10));
        Map<String, List<ShelfPieces>> pieces = new LinkedHashMap<>();
        pieces.put(
                "a",
                List.of(new ShelfPieces(
                        "a",
                        1,
                        new ClothPiece(
                                PieceForm.YARDAGE, Length.inches(40), Length.inches(360), ClothPiece.Edge.STRAIGHT))));
        for (int print = 1; print <= prints; print++) {
            pieces.put("p" + print, List.of(new ShelfPieces("p" + print, 1, square)));
        }
        return pieces;
    }

    /** The one print of each block, by row and column. */
    private static Map<List<Integer>, String> prints(QuiltDesign design) {
        Map<List<Integer>, String> prints = new HashMap<>();
        QuiltTop.of(design).parts().stream().filter(TopPart::isBlock).forEach(part -> {
            Set<String> cloths = new HashSet<>();
            part.figure().patches().stream().map(FigurePatch::cloth).forEach(cloths::add);
            cloths.remove("a");
            assertThat(cloths).hasSize(1);
            prints.put(List.of(part.row(), part.column()), cloths.iterator().next());
        });
        return prints;
    }

    private static List<String> bought(QuiltDesign design, Map<String, List<ShelfPieces>> onHand) {
        return TopTally.of(QuiltTop.of(design), onHand, ClothLedger::of).ledgers().stream()
                .filter(ledger -> !ledger.isEnough())
                .map(ClothLedger::cloth)
                .toList();
    }
}
