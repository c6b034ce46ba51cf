package org.goldentally.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.goldentally.app.shelf.Shelf.ShelfClothView;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.deal.ScrappyDeal;
import org.goldentally.core.deal.Stock;
import org.goldentally.core.design.BlockSizeDesign;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Halves;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Known;
import org.goldentally.core.unit.UnitKind;

/** Four quilts of our own invention; each has a mistake to be found. */
final class DemoQuilts {

    private final Map<String, ShelfClothView> shelf;

    DemoQuilts(Map<String, ShelfClothView> shelf) {
        this.shelf = shelf;
    }

    /**
     * A scrappy throw from a pack of squares with a border of hourglasses. The stars spin one way, but one was mirrored.
     */
    QuiltDesign lanternStreet() {
        List<ClothInHand> cloths = new ArrayList<>(List.of(cloth("a", "oat", true)));
        for (int i = 0; i < DemoData.PRINTS.size(); i++) {
            cloths.add(cloth("" + (char) ('b' + i), DemoData.PRINTS.get(i), false));
        }
        List<PlaceDesign> places = new ArrayList<>();
        for (int row = 0; row < 6; row++) {
            for (int column = 0; column < 5; column++) {
                boolean mistake = row == 3 && column == 1;
                String print = "" + (char) ('b' + (3 * row + column) % DemoData.PRINTS.size());
                List<PlaceDesign.Exchange> exchange =
                        print.equals("b") ? List.of() : List.of(new PlaceDesign.Exchange("b", print));
                if (mistake || !exchange.isEmpty()) {
                    places.add(new PlaceDesign(row, column, "", 0, mistake, exchange));
                }
            }
        }
        UnitDesign hourglass = UnitDesign.of(UnitKind.HOURGLASS, 0, "a", "e", "a", "b");
        BorderDesign pieced = new BorderDesign(
                BorderDesign.Kind.PIECED, "3", "", List.of(hourglass), "", false, Corners.UNITS, List.of(hourglass));
        return design(
                MeasureSystem.INCH,
                cloths,
                List.of(traditional("friendship-star")),
                BlockSizeDesign.finishedBlock("9"),
                new SettingDesign(Kind.STRAIGHT, 5, 6, List.of("friendship-star"), "a", Halves.BLOCK),
                places,
                List.of(
                        BorderDesign.plain("1 1/2", "a", Corners.BUTTED),
                        pieced,
                        BorderDesign.plain("2", "e", Corners.MITRED)),
                new FinishingDesign("e", "2 1/2", "", "42", "4"));
    }

    /** Any print of a pack on oat, dealt by chance; its pack does not go far enough, so some prints are short. */
    QuiltDesign harvestScraps() {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(cloth("a", "oat", true));
        cloths.add(new ClothInHand(
                "b", "any print of harvest", "#9aa0a6", "", false, "", false, "harvest", StandsFor.ANY_PRINT));
        for (int print = 1; print <= 21; print++) {
            ShelfClothView onShelf = Known.of(shelf, "harvest " + print);
            cloths.add(new ClothInHand(
                    "h" + print,
                    onShelf.name(),
                    onShelf.colour(),
                    "",
                    false,
                    onShelf.id().toString(),
                    false,
                    "harvest",
                    StandsFor.ITSELF));
        }
        QuiltDesign undealt = design(
                MeasureSystem.INCH,
                cloths,
                List.of(traditional("dutchmans-puzzle")),
                BlockSizeDesign.finishedBlock("8"),
                new SettingDesign(Kind.STRAIGHT, 5, 7, List.of("dutchmans-puzzle"), "a", Halves.BLOCK),
                List.of(),
                List.of(BorderDesign.plain("3", "a", Corners.BUTTED)),
                new FinishingDesign("a", "2 1/2", "", "42", "4"));
        QuiltDesign inPrints = undealt.withBlocks(List.of(inOnePrint(traditional("dutchmans-puzzle"))));
        return ScrappyDeal.deal(inPrints, Stock.UNKNOWN, 5).in(inPrints);
    }

    /** The block with every cloth but the background taken for one print. */
    private static Block inOnePrint(Block block) {
        return block.withUnits(unit -> unit.inCloths(cloth -> cloth.equals("a") ? "a" : "b"));
    }

    /** Geese on point from fat quarters and yardage. Its outer geese do not come out even yet. */
    QuiltDesign geeseAtDusk() {
        UnitDesign goose = UnitDesign.of(UnitKind.FLYING_GOOSE, 0, "c", "a", "a");
        UnitDesign corner = UnitDesign.of(UnitKind.PLAIN, 0, "b");
        BorderDesign geese = new BorderDesign(
                BorderDesign.Kind.PIECED, "2", "", List.of(goose), "", false, Corners.UNITS, List.of(corner));
        return design(
                MeasureSystem.INCH,
                List.of(
                        cloth("a", "cream", true),
                        cloth("b", "teal", false),
                        cloth("c", "rose", false),
                        cloth("d", "navy", false)),
                List.of(traditional("dutchmans-puzzle"), dressed(traditional("four-patch"), "d", "a")),
                BlockSizeDesign.finishedBlock("8"),
                new SettingDesign(Kind.ON_POINT, 3, 4, List.of("dutchmans-puzzle"), "d", Halves.BLOCK),
                List.of(
                        new PlaceDesign(3, 0, "four-patch", 0, false, List.of()),
                        new PlaceDesign(3, 1, "four-patch", 0, false, List.of())),
                List.of(BorderDesign.plain("1", "d", Corners.BUTTED), geese),
                new FinishingDesign("d", "2 1/4", "", "42", "4"));
    }

    /** A small runner of oblong blocks in centimetres. One block was laid on its side, where it does not fit. */
    QuiltDesign windowsillRunner() {
        UnitDesign goose = UnitDesign.of(UnitKind.FLYING_GOOSE, 0, "b", "a", "a");
        UnitDesign half = UnitDesign.of(UnitKind.HALF_SQUARE, 1, "c", "a");
        UnitDesign mirrored = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "c", "a");
        UnitDesign down = UnitDesign.of(UnitKind.FLYING_GOOSE, 2, "b", "a", "a");
        Block lantern = new Block(
                "lantern",
                "Lantern",
                List.of(1, 1),
                List.of(1, 1, 1),
                List.of(
                        new BlockPart(0, 0, 2, 1, goose),
                        new BlockPart(0, 1, 1, 1, half),
                        new BlockPart(1, 1, 1, 1, mirrored),
                        new BlockPart(0, 2, 2, 1, down)));
        return design(
                MeasureSystem.CENTIMETRE,
                List.of(cloth("a", "linen", true), cloth("b", "denim", false), cloth("c", "mustard", false)),
                List.of(lantern),
                new BlockSizeDesign(BlockSizeDesign.Of.BLOCK, BlockSizeDesign.As.FINISHED, "12", "18", 1, 1),
                new SettingDesign(Kind.STRAIGHT, 6, 2, List.of("lantern"), "a", Halves.BLOCK),
                List.of(new PlaceDesign(1, 1, "", 2, false, List.of()), new PlaceDesign(1, 4, "", 1, false, List.of())),
                List.of(BorderDesign.plain("3", "b", Corners.BUTTED)),
                new FinishingDesign("b", "6", "", "110", "8"));
    }

    private static Block traditional(String key) {
        return TraditionalBlocks.byKey(key).orElseThrow();
    }

    /** The block with other cloths for its a and b. */
    private static Block dressed(Block block, String forA, String forB) {
        return block.withUnits(unit -> UnitDesign.plain(unit.cloths().getFirst().equals("a") ? forA : forB));
    }

    private ClothInHand cloth(String key, String name, boolean background) {
        ShelfClothView cloth = Known.of(shelf, name);
        return new ClothInHand(
                key, name, cloth.colour(), "", background, cloth.id().toString());
    }

    private static QuiltDesign design(
            MeasureSystem system,
            List<ClothInHand> cloths,
            List<Block> blocks,
            BlockSizeDesign size,
            SettingDesign setting,
            List<PlaceDesign> places,
            List<BorderDesign> borders,
            FinishingDesign finishing) {
        return QuiltDesign.first(system)
                .withCloths(cloths)
                .withBlocks(blocks)
                .withBlockSize(size)
                .withSetting(setting)
                .withPlaces(places)
                .withBorders(borders)
                .withFinishing(finishing);
    }
}
