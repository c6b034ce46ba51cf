package org.goldentally.core.quilt;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cutting.yardage.CuttingStyle;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.design.BorderSideDesign.Side;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.MakingDesign;
import org.goldentally.core.design.MakingDesign.SpareBlock;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.PlanDesign.CuttingChoice;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.habits.Habits;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;

/** A few quilts unlike each other, with a shelf, whose answers are written out to be read. */
public final class SomeQuilts {

    /** Squares and lengths of three of the five cloths. */
    public static final Map<String, List<ShelfPieces>> SHELF = Map.of(
            "a", List.of(new ShelfPieces("oat", 1, length(72, 42))),
            "b", List.of(new ShelfPieces("ink", 12, ClothPiece.square(Length.inches(10)))),
            "c", List.of(new ShelfPieces("marigold", 3, length(18, 21))));

    private SomeQuilts() {}

    public static Map<String, TopTally> tallies() {
        Map<String, TopTally> tallies = new LinkedHashMap<>();
        tops().forEach((name, tops) -> tallies.put(name, TopTally.of(tops.top(), SHELF)));
        return tallies;
    }

    /** By name. */
    public static Map<String, Tops> tops() {
        Map<String, Tops> tops = new LinkedHashMap<>();
        tops.put(
                "stars in sashing",
                Tops.of(3, 4, "9", "friendship-star", "shoo-fly")
                        .sash("1 1/2", "c", true)
                        .border(plain("5", "d"))
                        .border(Tops.hourglasses("3"))
                        .boundIn("b"));
        tops.put(
                "geese, a bonus of each",
                Tops.of(2, 2, "12", "row-of-geese", "birds-in-the-air", "snowball")
                        .choose("goose", "geese-stitch-and-flip")
                        .plan(PlanDesign.USUAL
                                .withBonus(List.of("goose", "snowball"))
                                .withExtras(List.of(new PlanDesign.ExtraUnits("goose", "2")))
                                .withHabits(Habits.Marking.NOTHING, Habits.Pressing.OPEN))
                        .finish(FinishingDesign.usual(MeasureSystem.INCH).boundFromLeftovers(true)));
        tops.put(
                "hourglasses on point",
                Tops.of(3, 3, "6", "four-cloth-hourglass", "hourglass")
                        .set(SettingDesign.Kind.ON_POINT)
                        .place(0, 0, "", 1, true, new Exchange("a", "e"))
                        .place(1, 1, "", 0, false, new Exchange("b", "d"))
                        .boundIn("e"));
        tops.put(
                "pinwheels, each unlike the next",
                Tops.of(3, 1, "8", "pinwheel")
                        .place(0, 0, "", 0, false, new Exchange("a", "c"))
                        .place(0, 1, "", 0, false, new Exchange("b", "d"))
                        .place(0, 2, "", 0, false, new Exchange("a", "e"), new Exchange("b", "c"))
                        .plan(PlanDesign.USUAL.withMaking(
                                MakingDesign.USUAL.withSharing(MakingDesign.OddOnes.SHARED, 12))));
        tops.put(
                "one chain",
                Tops.of(5, 1, "4", "half-square-triangle")
                        .choose("half-square", "open-chain")
                        .place(0, 1, "", 0, false, new Exchange("a", "c"))
                        .place(0, 2, "", 0, false, new Exchange("a", "c"), new Exchange("b", "d"))
                        .place(0, 3, "", 0, false, new Exchange("a", "e"), new Exchange("b", "d")));
        tops.put(
                "strips and pieced borders",
                Tops.of(4, 4, "6", "rail-fence", "striped-pinwheel")
                        .sash("1", "", false, UnitDesign.of(UnitKind.HALF_SQUARE, 0, "a", "b"))
                        .border(Tops.spacer("1"))
                        .border(Tops.pieced(
                                "2",
                                BorderDesign.Corners.UNITS,
                                true,
                                UnitDesign.of(UnitKind.HALF_SQUARE, 0, "c", "d")))
                        .border(new BorderDesign(
                                BorderDesign.Kind.PLAIN,
                                "9",
                                "e",
                                List.of(),
                                "",
                                false,
                                BorderDesign.Corners.MITRED,
                                List.of()))
                        .boundIn("b"));
        tops.put(
                "blocks in blocks, mirrored",
                Tops.of(2, 2, "10", "double-pinwheel", "double-four-patch")
                        .place(0, 1, "", 0, true)
                        .place(1, 0, "", 1, false)
                        .sash("1 1/2", "b", false)
                        .border(plain("4", "b"))
                        .choose("half-square", "four-at-a-time"));
        tops.put("prints of a pack", printsOfAPack());
        tops.put("half-drop, much of it left open", halfDrop());
        tops.put("rings, spares and a border of two sides", ringsAndSpares());
        return tops;
    }

    /** Unjudged, directional and dealt cloth; a place that is not dressed; no cloth for a border. */
    private static Tops halfDrop() {
        return Tops.of(3, 3, "8", "striped-pinwheel", "ohio-star")
                .set(SettingDesign.Kind.HALF_DROP, SettingDesign.Halves.PLAIN)
                .cloths(
                        new ClothInHand("a", "oat", "#efe6d0", "", true, ""),
                        new ClothInHand("b", "stripe", "#22384d", "", false, "", true, "", StandsFor.ITSELF),
                        new ClothInHand(
                                "c",
                                "old sheet",
                                "#808080",
                                "",
                                false,
                                "",
                                false,
                                "",
                                StandsFor.ITSELF,
                                true,
                                List.of()),
                        new ClothInHand(
                                "d", "any of dusk", "#2e6f5e", "", false, "", false, "dusk", StandsFor.ANY_PRINT))
                .place(0, 0, "", 0, false, new Exchange("b", "nothing"))
                .place(1, 1, "", 0, false, new Exchange("a", "d"))
                .border(plain("4", ""))
                .plan(PlanDesign.USUAL
                        .withCutting(List.of(new CuttingChoice("", CuttingStyle.THRIFTY, 1)))
                        .withExtras(List.of(new PlanDesign.ExtraUnits("", "10 %"))));
    }

    /** Rings by hand, sashing between rows only, blocks to spare, strips joined on the diagonal and cut along the length, a side without border. */
    private static Tops ringsAndSpares() {
        return Tops.of(4, 2, "8", "pinwheel", "broken-dishes")
                .choose("half-square", "closed-ring")
                .place(0, 1, "", 0, false, new Exchange("a", "c"), new Exchange("b", "d"))
                .place(1, 2, "", 0, true, new Exchange("a", "e"))
                .sash("1", "", true)
                .sashed(SashingDesign.Between.ROWS)
                .border(plain("3", "c").joined(BorderDesign.Join.DIAGONAL).unlike(BorderSideDesign.none(Side.LEFT)))
                .border(plain("5", "d")
                        .joined(BorderDesign.Join.ALONG_LENGTH)
                        .unlike(
                                BorderSideDesign.none(Side.LEFT),
                                BorderSideDesign.pieced(
                                        Side.UPPER, "5", UnitDesign.of(UnitKind.HALF_SQUARE, 0, "b", "c"))))
                .plan(PlanDesign.USUAL
                        .withMaking(MakingDesign.USUAL.withSpareBlocks(List.of(
                                new SpareBlock("pinwheel", List.of(), true),
                                new SpareBlock("pinwheel", List.of(), false))))
                        .withCutting(List.of(new CuttingChoice("b", CuttingStyle.TIDY, 1))))
                .finish(FinishingDesign.usual(MeasureSystem.INCH)
                        .boundFromLeftovers(true)
                        .withPanels(FinishingDesign.Panels.LYING));
    }

    /** Six prints, two by two close in value, one more of each pair in turn beside the others. */
    private static Tops printsOfAPack() {
        Tops tops = Tops.of(4, 3, "6", "pinwheel")
                .cloths(
                        print("a", "#b04040"),
                        print("b", "#406080"),
                        print("c", "#446488"),
                        print("d", "#b45048"),
                        print("e", "#d0c0a0"),
                        print("f", "#d8ccb4"));
        String firsts = "adeafdeadfea";
        String seconds = "bcbfcbcebcfb";
        for (int i = 0; i < 12; i++) {
            tops.place(
                    i / 4,
                    i % 4,
                    "",
                    0,
                    false,
                    new Exchange("a", firsts.substring(i, i + 1)),
                    new Exchange("b", seconds.substring(i, i + 1)));
        }
        return tops;
    }

    private static ClothInHand print(String key, String colour) {
        return new ClothInHand(key, "dusk " + key, colour, "", false, "", false, "dusk", ClothInHand.StandsFor.ITSELF);
    }

    private static BorderDesign plain(String width, String cloth) {
        return new BorderDesign(
                BorderDesign.Kind.PLAIN, width, cloth, List.of(), "", false, BorderDesign.Corners.BUTTED, List.of());
    }

    private static ClothPiece length(int along, int across) {
        return new ClothPiece(PieceForm.YARDAGE, Length.inches(across), Length.inches(along), ClothPiece.Edge.STRAIGHT);
    }
}
