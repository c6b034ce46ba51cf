package org.goldentally.core.ideas;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.work.Work;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The shelves that most people come with; their tests take long, so they are a class of their own. */
class UsualShelvesTest {

    static List<List<ShelfCloth>> usualShelves() {
        return List.of(
                TopIdeasTest.shelf("42 squares 10 in autumn, 21 prints, two of each", "42 squares 10 in white"),
                TopIdeasTest.shelf("42 squares 5 in candy, 42 prints, one of each", "2 yd cream"),
                TopIdeasTest.shelf("42 squares 10 in autumn, 42 prints, one of each", "2 yd white"),
                TopIdeasTest.shelf("42 squares 10 in autumn, 21 prints, two of each", "2 yd white"),
                TopIdeasTest.shelf("42 squares 10 in autumn, 21 prints, two of each", "2 yd white", "1 yd navy"),
                TopIdeasTest.shelf("42 squares 5 in candy, 42 prints, one of each", "42 squares 5 in white"),
                TopIdeasTest.shelf("40 strips 2 1/2 in meadow, 40 prints, one of each", "2 yd white"),
                TopIdeasTest.shelf("40 strips 2 1/2 in meadow, 20 prints, two of each"),
                TopIdeasTest.shelf("8 fat quarters, different prints, berry", "2 yd cream"),
                TopIdeasTest.shelf("1 yd red", "1 yd white", "1 yd navy"),
                TopIdeasTest.shelf(
                        "1/2 yd red", "1/2 yd teal", "1/2 yd gold", "1/2 yd navy", "1/2 yd plum", "1/2 yd white"),
                TopIdeasTest.shelf(
                        halfYards("red, teal, gold, navy, plum, white, rose, sky, cream, grey, brown, ink")));
    }

    private static String[] halfYards(String names) {
        return Stream.of(names.split(", ")).map(name -> "1/2 yd " + name).toArray(String[]::new);
    }

    /** What most people come with: the first answers are quilts of what lies there, each another block, and use most of it. */
    @ParameterizedTest
    @MethodSource("usualShelves")
    void theFirstTenOfAUsualShelfUseMostOfItAndBuyNothing(List<ShelfCloth> shelf) {
        // Seven tenths of the 21 million steps that a request for them may take, so that larger shelves are answered
        // too.
        List<TopIdea> ten = Work.of(15_000_000)
                .within(() -> TopIdeas.of(shelf, TopIdeasTest.anything()).workedOut(0, 10));
        assertThat(ten.stream().map(TopIdea::name)).hasSize(10).doesNotHaveDuplicates();
        assertThat(ten.stream().filter(TopIdea::buysSomething).map(TopIdea::toBuy))
                .isEmpty();
        assertThat(ten.stream()
                        .filter(idea -> isUsual(idea.tally().top()) && share(idea, shelf) >= 0.75)
                        .map(TopIdea::name))
                .hasSizeGreaterThanOrEqualTo(8);
    }

    /** A cushion, a runner or larger (common practice, no source). */
    private static boolean isUsual(QuiltTop top) {
        double one = top.finishedWidth().toDoubleInches();
        double other = top.finishedHeight().toDoubleInches();
        return Math.min(one, other) >= 14 && Math.max(one, other) >= 26;
    }

    /** How much of the shelf's pack is in the pieces that are cut; of all of it where there is no pack. */
    private static double share(TopIdea idea, List<ShelfCloth> shelf) {
        boolean hasPack = shelf.stream().anyMatch(cloth -> !cloth.pack().isEmpty());
        List<ShelfCloth> pack = shelf.stream()
                .filter(cloth -> !hasPack || !cloth.pack().isEmpty())
                .toList();
        Set<String> names = pack.stream().map(ShelfCloth::name).collect(Collectors.toSet());
        Set<String> keys = idea.design().cloths().stream()
                .filter(cloth -> names.contains(cloth.name()))
                .map(ClothInHand::key)
                .collect(Collectors.toSet());
        double cut = idea.tally().ledgers().stream()
                .filter(ledger -> keys.contains(ledger.cloth()))
                .flatMap(ledger -> ledger.request().cuts().stream())
                .mapToDouble(
                        each -> each.size().width().times(each.size().height()).toDoubleSquareInches() * each.count())
                .sum();
        return cut
                / pack.stream()
                        .mapToDouble(cloth -> cloth.area().toDoubleSquareInches())
                        .sum();
    }
}
