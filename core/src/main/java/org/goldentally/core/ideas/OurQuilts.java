package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.BlockPart;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cloth.ColourWords;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.PrintSwatches;
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
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Halves;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.unit.UnitKind;

/** Five quilts of our own invention, of quite different kinds, to start from; their cloths are on no shelf. */
public final class OurQuilts {

    /** Prints that {@link #lanternStreet} takes turns of. */
    public static final List<String> SQUARES = List.of("marigold", "brick", "spruce", "ink", "plum", "sky", "rust");

    /** How the fabrics of our quilts are drawn; the others are plain. */
    public static final Map<String, HousePrint> PRINTS = Map.ofEntries(
            Map.entry("marigold", HousePrint.FLORAL),
            Map.entry("brick", HousePrint.CHECK),
            Map.entry("spruce", HousePrint.LEAF),
            Map.entry("ink", HousePrint.STAR),
            Map.entry("plum", HousePrint.DASH),
            Map.entry("sky", HousePrint.PIN_DOT),
            Map.entry("rust", HousePrint.HERRINGBONE),
            Map.entry("teal", HousePrint.LEAF),
            Map.entry("rose", HousePrint.FLORAL),
            Map.entry("navy", HousePrint.PIN_DOT),
            Map.entry("denim", HousePrint.HERRINGBONE),
            Map.entry("mustard", HousePrint.DASH));

    private static final int PRINTS_OF_HARVEST = 21;

    private OurQuilts() {}

    /**
     * A quilt to start from.
     *
     * @param key finds it again
     * @param says what kind of quilt it is
     */
    public record OurQuilt(String key, String name, String says, QuiltDesign design) {}

    /** All of them, in the order in which they are shown. */
    public static List<OurQuilt> all() {
        return List.of(
                new OurQuilt(
                        "lantern-street",
                        "Lantern Street",
                        "a throw of stars, each in one print, with a border of hourglasses",
                        lanternStreet()),
                new OurQuilt(
                        "geese-at-dusk", "Geese at dusk", "on point, with a border of flying geese", geeseAtDusk()),
                new OurQuilt("harvest-scraps", "Harvest scraps", "prints of a pack, dealt by chance", harvestScraps()),
                new OurQuilt(
                        "market-day",
                        "Market day",
                        "twelve different blocks, with sashing and cornerstones",
                        marketDay()),
                new OurQuilt(
                        "windowsill-runner",
                        "Windowsill runner",
                        "a small runner, in centimetres",
                        windowsillRunner()));
    }

    /** One of them by its key; empty where there is none. */
    public static Optional<OurQuilt> byKey(String key) {
        return all().stream().filter(quilt -> quilt.key().equals(key)).findFirst();
    }

    /** A scrappy throw from squares with a border of hourglasses; all stars spin one way. */
    static QuiltDesign lanternStreet() {
        List<ClothInHand> cloths = new ArrayList<>(List.of(cloth("a", "oat", true)));
        for (int i = 0; i < SQUARES.size(); i++) {
            cloths.add(cloth("" + (char) ('b' + i), SQUARES.get(i), false));
        }
        List<PlaceDesign> places = new ArrayList<>();
        for (int row = 0; row < 6; row++) {
            for (int column = 0; column < 5; column++) {
                String print = "" + (char) ('b' + (3 * row + column) % SQUARES.size());
                List<PlaceDesign.Exchange> exchange =
                        print.equals("b") ? List.of() : List.of(new PlaceDesign.Exchange("b", print));
                if (!exchange.isEmpty()) {
                    places.add(new PlaceDesign(row, column, "", 0, false, exchange));
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

    /** Any print of a pack on oat, dealt by chance. */
    static QuiltDesign harvestScraps() {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(cloth("a", "oat", true));
        cloths.add(new ClothInHand(
                "b", "any print of harvest", "#9aa0a6", "", false, "", false, "harvest", StandsFor.ANY_PRINT));
        List<String> swatches = PrintSwatches.ofPack("harvest", PRINTS_OF_HARVEST);
        for (int print = 1; print <= PRINTS_OF_HARVEST; print++) {
            cloths.add(new ClothInHand(
                            "h" + print,
                            "harvest " + print,
                            swatches.get(print - 1),
                            "",
                            false,
                            "",
                            false,
                            "harvest",
                            StandsFor.ITSELF)
                    .printed(HousePrint.ofPack("harvest", print - 1)));
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

    /** Geese on point from fat quarters and yardage. A spacer lets its outer geese come out even. */
    static QuiltDesign geeseAtDusk() {
        UnitDesign goose = UnitDesign.of(UnitKind.FLYING_GOOSE, 0, "c", "a", "a");
        UnitDesign corner = UnitDesign.of(UnitKind.PLAIN, 0, "b");
        BorderDesign geese = new BorderDesign(
                BorderDesign.Kind.PIECED, "2", "", List.of(goose), "", false, Corners.UNITS, List.of(corner));
        BorderDesign spacer =
                new BorderDesign(BorderDesign.Kind.SPACER, "1", "d", List.of(), "", false, Corners.BUTTED, List.of());
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
                List.of(spacer, geese),
                new FinishingDesign("d", "2 1/4", "", "42", "4"));
    }

    /** A small runner of oblong blocks in centimetres. */
    static QuiltDesign windowsillRunner() {
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
                List.of(new PlaceDesign(1, 1, "", 2, false, List.of()), new PlaceDesign(1, 3, "", 2, false, List.of())),
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

    /** A sampler: twelve blocks of three and four columns, each with its neighbours' cloths in another order. */
    static QuiltDesign marketDay() {
        List<String> keys = List.of(
                "friendship-star",
                "churn-dash",
                "ohio-star",
                "shoo-fly",
                "sawtooth-star",
                "jacobs-ladder",
                "greek-cross",
                "swamp-angel",
                "eccentric-star",
                "rolling-stone",
                "dutchmans-puzzle",
                "crosses-and-losses");
        List<Block> blocks = new ArrayList<>();
        for (String key : keys) {
            TraditionalBlocks.withSmaller(traditional(key)).stream()
                    .filter(block ->
                            blocks.stream().noneMatch(known -> known.key().equals(block.key())))
                    .forEach(blocks::add);
        }
        List<PlaceDesign> places = new ArrayList<>();
        List<String> cloths = List.of("b", "c", "d", "e");
        for (int i = 0; i < keys.size(); i++) {
            List<PlaceDesign.Exchange> exchanges = new ArrayList<>();
            for (int cloth = 0; cloth < 2 && i % cloths.size() > 0; cloth++) {
                exchanges.add(new PlaceDesign.Exchange(cloths.get(cloth), cloths.get((cloth + i) % cloths.size())));
            }
            places.add(new PlaceDesign(i / 3, i % 3, keys.get(i), 0, false, exchanges));
        }
        return design(
                        MeasureSystem.INCH,
                        List.of(
                                cloth("a", "cream", true),
                                cloth("b", "teal", false),
                                cloth("c", "rust", false),
                                cloth("d", "plum", false),
                                cloth("e", "navy", false)),
                        blocks,
                        BlockSizeDesign.finishedBlock("12"),
                        new SettingDesign(Kind.STRAIGHT, 3, 4, List.of("friendship-star"), "a", Halves.BLOCK),
                        places,
                        List.of(
                                BorderDesign.plain("2", "a", Corners.BUTTED),
                                BorderDesign.plain("4", "e", Corners.MITRED)),
                        new FinishingDesign("c", "2 1/2", "", "42", "4"))
                .withSashing(new SashingDesign("2", List.of(UnitDesign.plain("a")), "b", false));
    }

    private static ClothInHand cloth(String key, String name, boolean background) {
        return new ClothInHand(key, name, ColourWords.swatchFor(name).colour(), "", background, "")
                .printed(PRINTS.getOrDefault(name, HousePrint.PLAIN));
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
