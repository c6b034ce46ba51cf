package org.goldentally.core.ideas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.cloth.ColourWords;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.cloth.ShelfLine;
import org.goldentally.core.cloth.ShelfLineReader;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TopIdeasTest {

    private static final int SOME = 10;

    /** Shelves of quite different kinds. */
    static List<List<ShelfCloth>> shelves() {
        return List.of(
                shelf("42 squares 10 in autumn, 21 prints, two of each", "3 yd white 42 wide"),
                shelf("8 fat quarters teal", "2 yd cream 42 wide", "3 yd navy 42 wide", "1 yd rose 42 wide"),
                shelf("42 squares 5 in candy, 42 prints, one of each"),
                shelf("6 squares 10 in brick", "6 squares 10 in rust", "6 squares 10 in plum", "6 squares 10 in sky"),
                shelf("scrap 9 x 13 brick"));
    }

    @ParameterizedTest
    @MethodSource("shelves")
    void everyIdeaIsAWholeTopInClothsThatItHas(List<ShelfCloth> shelf) {
        List<TopIdea> ideas = TopIdeas.of(shelf, anything()).workedOut(0, SOME);
        assertThat(ideas).isNotEmpty();
        for (TopIdea idea : ideas) {
            QuiltTop top = idea.tally().top();
            assertThat(top.flaws()).as(idea.key()).isEmpty();
            Map<String, Double> areas = areasByCloth(top);
            assertThat(areas.keySet())
                    .as(idea.key())
                    .isSubsetOf(idea.design().cloths().stream()
                            .map(ClothInHand::key)
                            .toList());
            assertThat(areas.values().stream().mapToDouble(Double::doubleValue).sum())
                    .isCloseTo(top.area().toDoubleSquareInches(), within(1e-6));
            if (!idea.buysSomething()) {
                areas.forEach((cloth, area) ->
                        assertThat(area).as("%s of %s", cloth, idea.key()).isLessThan(onShelf(idea, cloth, shelf)));
            }
        }
    }

    /** What shows of each cloth, measured on the finished top; nothing of it is blank. */
    private static Map<String, Double> areasByCloth(QuiltTop top) {
        Map<String, Double> areas = new HashMap<>();
        for (TopPart part : top.parts()) {
            for (FigurePatch patch : part.figure().patches()) {
                assertThat(patch.isBlank()).isFalse();
                areas.merge(patch.cloth(), patch.outline().area().toDoubleSquareInches(), Double::sum);
            }
        }
        return areas;
    }

    private static double onShelf(TopIdea idea, String key, List<ShelfCloth> shelf) {
        String id = idea.design().cloth(key).orElseThrow().shelfCloth();
        return shelf.stream()
                .filter(cloth -> cloth.id().equals(id))
                .mapToDouble(cloth -> cloth.area().toDoubleSquareInches())
                .sum();
    }

    @Test
    void aPackAndALengthMakeManyTopsWithoutBuyingAnything() {
        List<TopIdea> ideas = TopIdeas.of(shelves().getFirst(), anything()).workedOut(0, SOME);
        assertThat(ideas.stream().filter(idea -> !idea.buysSomething())).hasSizeGreaterThan(SOME * 3 / 4);
        assertThat(ideas.subList(0, 10).stream().map(TopIdea::name)).doesNotHaveDuplicates();
        assertThat(ideas.stream().map(TopIdea::key)).doesNotHaveDuplicates();
        assertThat(ideas).allSatisfy(idea -> assertThat(idea.toBuy().isEmpty()).isEqualTo(!idea.buysSomething()));
    }

    /** A border of half a yard, 20 in round a few blocks, is no reason to leave 80 of 84 squares (counting). */
    @Test
    void aBorderNeverKeepsTheBlocksFew() {
        List<ShelfCloth> shelf = shelf("42 squares 10 in navy", "42 squares 10 in white", "1/2 yd red");
        TopIdeas ideas = TopIdeas.of(shelf, anything());
        TopIdea first = ideas.workedOut(0, 1).getFirst();
        assertThat(first.buysSomething()).isFalse();
        assertThat(first.whole()).as("squares that are not used").isLessThan(20);
        assertThat(ideas.find(first.key()).orElseThrow().design()).isEqualTo(first.design());
    }

    /**
     * Two packs, of prints and of plain squares: the plain ones are the ground, and pinwheels of units that the squares make
     * with nothing cut off use all of both: 42 blocks of 12 in, or 84 of 8 in (counting: 42 pairs, four or eight at a time).
     */
    @Test
    void twoPacksOfSquaresAreUsedWhole() {
        List<ShelfCloth> shelf = shelf("42 squares 10 in autumn, 21 prints, two of each", "42 squares 10 in white");
        List<TopIdea> ideas = TopIdeas.of(shelf, anything()).workedOut(0, SOME);
        TopIdea first = ideas.getFirst();
        assertThat(first.design().blockSize().typed()).isEqualTo("8");
        assertThat(first.design().setting().across() * first.design().setting().down())
                .isBetween(80, 84);
        assertThat(first.buysSomething()).isFalse();
        assertThat(first.whole()).as("squares that are not used").isLessThan(4);
        assertThat(ideas.subList(0, 10).stream().filter(idea -> !idea.buysSomething()))
                .hasSizeGreaterThanOrEqualTo(7);
    }

    /** What buys something is put after what does not, whatever part of the list is asked for first. */
    @Test
    void theOrderDoesNotDependOnHowMuchIsAskedForAtOnce() {
        List<ShelfCloth> shelf = UsualShelvesTest.usualShelves().get(1);
        TopIdeas slowly = TopIdeas.of(shelf, anything());
        List<String> keys = new ArrayList<>();
        for (int from = 0; from < 12; from += 4) {
            slowly.workedOut(from, 4).forEach(idea -> keys.add(idea.key()));
        }
        assertThat(TopIdeas.of(shelf, anything()).workedOut(0, 12))
                .extracting(TopIdea::key)
                .isEqualTo(keys);
    }

    /**
     * A runner of 33 half-squares in 33 prints wants 33 squares of them and 33 of ink in pairs, 17 of ink where each is halved
     * (counting): two yards of ink are enough for pairs, so no unit has loose bias edges; a yard is enough only without.
     */
    @Test
    void oddUnitsArePairsUnlessTheFabricIsShort() {
        TopWish runner = TopWish.read(
                new TopWish.Typed(MeasureSystem.INCH, "12", "44", "4", "0", "half-square triangle block row"));
        for (String ink : List.of("2 yd ink", "3/4 yd ink")) {
            List<ShelfCloth> shelf = shelf("42 squares 5 in candy, 42 prints, one of each", ink);
            TopIdea idea = TopIdeas.of(shelf, runner).workedOut(0, SOME).stream()
                    .filter(each -> each.key().startsWith("half-square-triangle|one:candy:ink|STRAIGHT"))
                    .findFirst()
                    .orElseThrow();
            assertThat(idea.design().setting().across()
                            * idea.design().setting().down())
                    .isEqualTo(33);
            assertThat(idea.buysSomething()).isFalse();
            assertThat(idea.costs().biasUnits() == 0).as(ink).isEqualTo(ink.startsWith("2"));
        }
    }

    /** A pack of 42 prints and a yard for a runner: the first answer is not a page of loose bias, though that uses the pack. */
    @Test
    void theFirstRunnerIsNotOfLooseTriangles() {
        List<ShelfCloth> shelf = shelf("42 squares 5 in candy, 42 prints, one of each", "1 yd ink 42 wide");
        TopWish runner = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "16", "48", "", "", ""));
        TopIdea first = TopIdeas.of(shelf, runner).workedOut(0, 1).getFirst();
        assertThat(first.buysSomething()).isFalse();
        assertThat(first.tally().making().sets())
                .noneMatch(set -> set instanceof MadeSet.Single single && single.besidePairs());
    }

    /** Two light fabrics take turns like the fields of a chessboard, not in stripes down the top (counting). */
    @Test
    void twoGroundsDoNotLieInColumns() {
        List<ShelfCloth> shelf = shelf("1 yd white", "1 yd cream", "1 yd navy", "1 yd ink");
        TopIdea idea = TopIdeas.of(shelf, anything()).workedOut(0, SOME).stream()
                .filter(each -> each.key().contains("|halves:the short lengths|STRAIGHT")
                        && each.design().setting().across() % 2 == 0)
                .findFirst()
                .orElseThrow();
        Set<String> light = idea.design().cloths().stream()
                .filter(cloth -> Set.of("white", "cream").contains(cloth.name()))
                .map(ClothInHand::key)
                .collect(Collectors.toSet());
        Map<String, Set<String>> at = new HashMap<>();
        idea.tally().top().parts().stream()
                .filter(TopPart::isBlock)
                .forEach(part -> at.put(
                        part.row() + " " + part.column(),
                        part.figure().patches().stream().map(FigurePatch::cloth).collect(Collectors.toSet())));
        for (int row = 1; row < idea.design().setting().down(); row++) {
            assertThat(at.get(row + " 0")).isNotEqualTo(at.get(row - 1 + " 0"));
        }
    }

    /** A 5 in square has no print for four units of 4 in: each unit is in another (counting). */
    @Test
    void smallSquaresChangeFromUnitToUnit() {
        TopWish wish =
                TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "", "", "8", "0", "pinwheel each unit row on row"));
        TopIdea idea = TopIdeas.of(UsualShelvesTest.usualShelves().get(1), wish)
                .workedOut(0, 1)
                .getFirst();
        assertThat(idea.buysSomething()).isFalse();
        Set<String> prints = new HashSet<>();
        TopPart first = idea.tally().top().parts().stream()
                .filter(TopPart::isBlock)
                .findFirst()
                .orElseThrow();
        first.figure().patches().forEach(patch -> prints.add(patch.cloth()));
        assertThat(prints).as("four prints and the ground").hasSize(5);
        assertThat(idea.design().setting().across() * idea.design().setting().down())
                .as("84 units of 42 squares make 21 blocks, 20 in four rows")
                .isEqualTo(20);
    }

    /** Told by its own colour, a print as light as the ground is left out; where it is guessed it is not judged. */
    @Test
    void aPrintThatVanishesInItsGroundIsLeftOut() {
        List<ShelfCloth> shelf = shelf(
                "2 fat quarters navy",
                "2 fat quarters red",
                "2 fat quarters teal",
                "2 fat quarters brown",
                "2 fat quarters cream",
                "3 yd white");
        List<TopIdea> ideas = TopIdeas.of(shelf, anything()).workedOut(0, SOME);
        assertThat(ideas)
                .filteredOn(idea -> idea.says().contains("of the loose prints")
                        && idea.says().contains(", on white"))
                .isNotEmpty()
                .allSatisfy(idea -> assertThat(idea.design().cloths())
                        .extracting(ClothInHand::name)
                        .doesNotContain("cream"));
    }

    /** A pack alone has no length for a border or a binding: neither is passed over in silence. */
    @Test
    void whatNoClothIsThereForIsSaidToBeBought() {
        TopWish wish = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "", "", "", "2", ""));
        List<TopIdea> ideas = TopIdeas.of(shelves().get(2), wish).workedOut(0, 10);
        assertThat(ideas).isNotEmpty().allSatisfy(idea -> {
            assertThat(idea.toBuy()).anyMatch(each -> each.matches(".* yd for border 1 strips, .*, fabric not chosen"));
            assertThat(idea.toBuy()).anyMatch(each -> each.endsWith(" binding"));
            assertThat(idea.bought()).isGreaterThan(idea.costs().bought());
        });
    }

    /** Who types hourglass means the block of that name before all that have hourglasses in them. */
    @Test
    void aBlockThatIsAskedForByNameIsMarked() {
        TopWish wish = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "", "", "", "", "hourglass on white"));
        List<TopIdea> ideas = TopIdeas.of(shelves().getFirst(), wish).workedOut(0, SOME);
        assertThat(ideas)
                .allSatisfy(
                        idea -> assertThat(idea.named()).isEqualTo(idea.name().startsWith("Hourglass")));
        assertThat(ideas.stream().map(TopIdea::named)).contains(true, false);
    }

    /** What is told to buy by its area alone buys when it is worked out, in every setting and dressing that is looked at. */
    @Test
    void whatSurelyBuysDoes() {
        TopWish large = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "60", "72", "", "", ""));
        int told = 0;
        for (List<ShelfCloth> shelf : shelves().subList(0, 3)) {
            List<IdeaSketch> sketches = TopIdeas.of(shelf, large).sketches();
            for (int i = 0; i < sketches.size(); i += 9) {
                FittedTop fitted = new FittedTop(sketches.get(i), large);
                if (fitted.surelyBuys() && told++ % 3 == 0) {
                    assertThat(fitted.idea().buysSomething())
                            .as(sketches.get(i).key())
                            .isTrue();
                }
            }
        }
        assertThat(told).isGreaterThan(20);
    }

    @Test
    void anIdeaIsFoundAgainByItsKey() {
        TopIdeas ideas = TopIdeas.of(shelves().getFirst(), anything());
        TopIdea third = ideas.workedOut(2, 1).getFirst();
        TopIdea again =
                TopIdeas.of(shelves().getFirst(), anything()).find(third.key()).orElseThrow();
        assertThat(again.design()).isEqualTo(third.design());
        assertThat(again.toBuy()).isEqualTo(third.toBuy());
        assertThat(ideas.find("no such key")).isEmpty();
    }

    @Test
    void aWishedSizeIsMetWithinHalfABlockAndTheBorderIsAsWished() {
        TopWish wish = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "60", "72", "", "4", "pinwheels"));
        List<TopIdea> ideas = TopIdeas.of(shelves().getFirst(), wish).workedOut(0, SOME);
        assertThat(ideas).isNotEmpty();
        for (TopIdea idea : ideas) {
            assertThat(idea.name()).containsIgnoringCase("pinwheel");
            assertThat(idea.design().borders())
                    .singleElement()
                    .satisfies(border -> assertThat(border.width()).isEqualTo("4"));
            QuiltTop top = idea.tally().top();
            // On point a block is as wide as its diagonal; with sashing half a strip more may be missing.
            double most = top.sizes().blockWidth().timesRootTwo().toDoubleInches() / 2 + 2;
            assertThat(top.finishedWidth().toDoubleInches()).isCloseTo(60, within(most));
            assertThat(top.finishedHeight().toDoubleInches()).isCloseTo(72, within(most));
        }
    }

    @Test
    void aWishedBlockHasItsSizeAndZeroIsNoBorder() {
        TopWish wish = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "", "", "12", "0", "sawtooth star on point"));
        List<TopIdea> ideas = TopIdeas.of(shelves().get(1), wish).workedOut(0, SOME);
        assertThat(ideas).isNotEmpty().allSatisfy(idea -> {
            assertThat(idea.tally().top().sizes().blockWidth()).isEqualTo(Length.inches(12));
            assertThat(idea.design().borders()).isEmpty();
            assertThat(idea.says()).contains("on point");
        });
    }

    private static TopIdeas asked(String words) {
        return TopIdeas.of(
                shelves().get(1), TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "", "", "", "", words)));
    }

    @Test
    void aNumberOfBlocksIsMetExactly() {
        TopIdeas stars = asked("16 sawtooth stars");
        assertThat(stars.leftOut()).isEmpty();
        assertThat(stars.workedOut(0, 6)).isNotEmpty().allSatisfy(idea -> {
            assertThat(idea.name()).isEqualTo("Sawtooth Star");
            assertThat(idea.design().setting().across()).isEqualTo(4);
            assertThat(idea.design().setting().down()).isEqualTo(4);
        });
        assertThat(asked("twenty").workedOut(0, 3)).allSatisfy(idea -> {
            assertThat(idea.design().setting().across()).isEqualTo(4);
            assertThat(idea.design().setting().down()).isEqualTo(5);
        });
    }

    /** 16 blocks in about 60 × 72 in are of 15 in, so a star of four cells has cells of 3 1/2 in, the half inch below (counting). */
    @Test
    void aNumberOfBlocksAndASizeAreBothMet() {
        TopWish wish = TopWish.read(
                new TopWish.Typed(MeasureSystem.INCH, "60", "72", "", "0", "16 sawtooth stars row on row"));
        assertThat(TopIdeas.of(shelves().get(1), wish).workedOut(0, 2))
                .isNotEmpty()
                .allSatisfy(idea -> {
                    assertThat(idea.design().blockSize().typed()).isEqualTo("14");
                    assertThat(idea.design().setting().across()
                                    * idea.design().setting().down())
                            .isEqualTo(16);
                });
    }

    /** 36 × 45 in are blocks of 9, 4 1/2 or 3 in; with a border, blocks of what it leaves (counting). */
    @Test
    void aWishedSizeIsMetToTheInchWhereABlockDoesIt() {
        for (List<ShelfCloth> shelf : List.of(shelves().get(1), List.<ShelfCloth>of())) {
            TopWish wish = TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "36", "45", "", "", ""));
            List<TopIdea> ten = TopIdeas.of(shelf, wish).workedOut(0, 10);
            assertThat(ten).hasSize(10);
            assertThat(ten)
                    .extracting(idea -> idea.tally().top().finishedWidth() + " × "
                            + idea.tally().top().finishedHeight())
                    .filteredOn("36 in × 45 in"::equals)
                    .hasSizeGreaterThanOrEqualTo(9);
        }
    }

    @Test
    void aNumberOfColoursIsThatOfTheFabricsInAllBlocks() {
        List<TopIdea> ideas = asked("pinwheels in two colours").workedOut(0, 6);
        assertThat(ideas).isNotEmpty().allSatisfy(idea -> {
            Set<String> cloths = new HashSet<>();
            idea.tally().top().parts().stream()
                    .filter(TopPart::isBlock)
                    .forEach(part -> part.figure().patches().forEach(patch -> cloths.add(patch.cloth())));
            assertThat(cloths).hasSize(2);
        });
    }

    /** The nearest is shown with what was not understood, or what nothing has together. */
    @Test
    void whatNoQuiltHasIsLeftOutAndSaid() {
        TopIdeas both = asked("star on point with sashing");
        assertThat(both.leftOut()).containsExactly("sashing");
        assertThat(both.workedOut(0, 4))
                .isNotEmpty()
                .allSatisfy(idea -> assertThat(idea.says()).contains("on point"));
        TopIdeas zebra = asked("zebra pinwheels");
        assertThat(zebra.leftOut()).containsExactly("zebra");
        assertThat(zebra.workedOut(0, 3))
                .isNotEmpty()
                .allSatisfy(idea -> assertThat(idea.name()).contains("Pinwheel"));
        assertThat(asked("pinwheel").leftOut()).isEmpty();
    }

    /** Prints in turn: side by side none lies twice, and each is used about as often as any other. */
    @Test
    void printsTakeTurns() {
        TopIdea idea = TopIdeas.of(
                        shelves().getFirst(),
                        TopWish.read(
                                new TopWish.Typed(MeasureSystem.INCH, "60", "72", "6", "", "hourglass one print row")))
                .workedOut(0, 1)
                .getFirst();
        Map<List<Integer>, String> prints = new HashMap<>();
        Map<String, Integer> used = new HashMap<>();
        for (TopPart part : idea.tally().top().parts()) {
            if (part.isBlock()) {
                Set<String> cloths = new HashSet<>();
                part.figure().patches().forEach(patch -> cloths.add(patch.cloth()));
                String print = cloths.stream()
                        .filter(cloth ->
                                !idea.design().cloth(cloth).orElseThrow().background())
                        .findFirst()
                        .orElseThrow();
                prints.put(List.of(part.row(), part.column()), print);
                used.merge(print, 1, Integer::sum);
            }
        }
        prints.forEach((at, print) -> {
            assertThat(prints.get(List.of(at.getFirst(), at.getLast() + 1))).isNotEqualTo(print);
            assertThat(prints.get(List.of(at.getFirst() + 1, at.getLast()))).isNotEqualTo(print);
        });
        int most = used.values().stream().mapToInt(Integer::intValue).max().orElseThrow();
        int least = used.values().stream().mapToInt(Integer::intValue).min().orElseThrow();
        assertThat(used).hasSize(21);
        assertThat(most - least).isLessThanOrEqualTo(2);
    }

    @Test
    void withoutAnyClothTopsAreDressedInClothToBuy() {
        List<TopIdea> ideas = TopIdeas.of(List.of(), anything()).workedOut(0, 5);
        assertThat(ideas).hasSize(5).allSatisfy(idea -> {
            assertThat(idea.buysSomething()).isTrue();
            assertThat(idea.toBuy()).isNotEmpty();
            assertThat(idea.design().cloths())
                    .allSatisfy(cloth -> assertThat(cloth.shelfCloth()).isEmpty());
        });
    }

    @Test
    void inCentimetresBlocksComeInWholeCentimetres() {
        List<TopIdea> ideas = TopIdeas.of(List.of(), TopWish.anything(MeasureSystem.CENTIMETRE))
                .workedOut(0, 10);
        assertThat(ideas)
                .isNotEmpty()
                .allSatisfy(
                        idea -> assertThat(idea.design().blockSize().typed()).matches("\\d+(\\.5)?"));
    }

    @Test
    void whatCannotBeReadIsRefusedByItsField() {
        assertThatThrownBy(() -> TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "60", "", "", "", "")))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("a size has two sides");
        assertThatThrownBy(() -> TopWish.read(new TopWish.Typed(MeasureSystem.INCH, "wide", "9000", "x", "y", "")))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.problems())
                                .extracting(problem -> problem.where())
                                .containsExactly(
                                        "Width, finished", "Height, finished", "Block, finished", "Border, finished"));
    }

    @Test
    void ourQuiltsAreFiveOfDifferentKindsWithoutAFlaw() {
        assertThat(OurQuilts.all()).hasSize(5).allSatisfy(quilt -> {
            QuiltTop top = QuiltTop.of(quilt.design());
            assertThat(top.flaws()).as(quilt.name()).isEmpty();
            assertThat(areasByCloth(top).keySet()).doesNotContain("");
            assertThat(OurQuilts.byKey(quilt.key()).orElseThrow().design()).isEqualTo(quilt.design());
        });
        assertThat(OurQuilts.all().stream()
                        .map(quilt -> quilt.design().setting().kind() + " "
                                + quilt.design().sashing().unwanted() + " "
                                + quilt.design().system() + " "
                                + quilt.design().places().stream()
                                        .map(PlaceDesign::block)
                                        .distinct()
                                        .count()
                                + quilt.design().cloths().stream()
                                        .map(ClothInHand::standsFor)
                                        .distinct()
                                        .count()))
                .doesNotHaveDuplicates();
    }

    static TopWish anything() {
        return TopWish.anything(MeasureSystem.INCH);
    }

    static List<ShelfCloth> shelf(String... lines) {
        List<ShelfCloth> all = new ArrayList<>();
        for (String typed : lines) {
            ShelfLine line = ShelfLineReader.readForShelf("Shelf line", typed, MeasureSystem.INCH)
                    .orThrow();
            ColourWords.Swatch swatch = ColourWords.swatchFor(line.clothName());
            Optional<ShelfLine.Pack> pack = line.pack();
            int prints = pack.map(ShelfLine.Pack::prints).orElse(1);
            List<String> colours = PrintSwatches.ofPack(line.clothName(), prints);
            IntStream.rangeClosed(1, prints).forEach(print -> {
                String name = line.clothName() + (pack.isEmpty() ? "" : " " + print);
                int count = pack.map(each -> each.countOf(print)).orElse(line.count());
                all.add(new ShelfCloth(
                        name,
                        name,
                        pack.isEmpty() ? swatch.colour() : colours.get(print - 1),
                        "",
                        swatch.guessed(),
                        false,
                        pack.isEmpty() ? "" : line.clothName(),
                        List.of(new ShelfPieces(name, count, line.piece()))));
            });
        }
        return all;
    }
}
