package org.goldentally.core.deal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.cloth.PrintSwatches;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.BorderDesign.Corners;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.ClothInHand.StandsFor;
import org.goldentally.core.design.EdgePlaceDesign;
import org.goldentally.core.design.PlaceDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SashingDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.design.SettingDesign.Kind;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.quilt.Tops;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Free places in sashing, borders and settings, whose units are no blocks. */
class FreeEdgesTest {

    private static final String PACK = "dusk";

    /** A ring of 2 in squares round 32 × 40 in: 2 · 16 + 2 · 20 along the sides and four corners (counting). */
    @Test
    void everySquareOfABorderGetsAPrintAndNoTwoSideBySideAreAlike() {
        QuiltDesign design = inWhite().withBorders(List.of(squares(UnitDesign.plain("any"))));
        QuiltDesign laid = ScrappyDeal.deal(design, Stock.UNKNOWN, 7).in(design);
        List<Patch> patches = patches(QuiltTop.of(laid)).stream()
                .filter(patch -> patch.part.isOfBorder())
                .toList();
        assertThat(patches).hasSize(2 * 16 + 2 * 20 + 4).allMatch(patch -> patch.cloth.startsWith("p"));
        assertThat(alikeSideBySide(patches)).isEmpty();
        assertThat(patches.stream()
                        .collect(Collectors.groupingBy(Patch::cloth, Collectors.counting()))
                        .values())
                .as("evenly used: 76 squares of 12 prints")
                .allMatch(count -> count >= 6 && count <= 7);
    }

    /** The account knows the prints, not the place: as many squares of each are cut as lie there. */
    @Test
    void whatIsCutIsWhatLiesThere() {
        UnitDesign triangles = UnitDesign.of(UnitKind.HALF_SQUARE, 0, "white", "any");
        QuiltDesign design = inWhite()
                .withBorders(List.of(squares(triangles)))
                .withMethods(List.of(new QuiltDesign.MethodChoice("half-square", "two-at-a-time")));
        ScrappyDeal deal = ScrappyDeal.deal(design, Stock.of(design, Map.of(), false), 7);
        QuiltDesign laid = deal.in(design);
        Map<String, Long> lying = patches(QuiltTop.of(laid)).stream()
                .filter(patch -> patch.cloth.startsWith("p"))
                .collect(Collectors.groupingBy(Patch::cloth, Collectors.counting()));
        TopTally tally = TopTally.of(QuiltTop.of(laid), Map.of());
        assertThat(tally.ledgers()).extracting(ClothLedger::cloth).doesNotContain("any");
        lying.forEach((print, count) -> assertThat(tally.making().cuts().stream()
                        .filter(cut -> cut.cloth().equals(print))
                        .mapToLong(cut -> cut.count())
                        .sum())
                .as(print + " lies in " + count + " places, two of a square")
                .isEqualTo(Math.ceilDiv(count, 2)));
        assertThat(deal.leftOut())
                .as("light prints are too close to white")
                .hasSize(12 - lying.size())
                .allSatisfy(left -> assertThat(left.why()).startsWith("too close in value"));
    }

    @Test
    void stripsAndSquaresOfTheSashingGetPrintsToo() {
        QuiltDesign design =
                inWhite().withSashing(new SashingDesign("2", List.of(UnitDesign.plain("any")), "stone", true));
        QuiltDesign laid = ScrappyDeal.deal(design, Stock.UNKNOWN, 7).in(design);
        List<Patch> patches = patches(QuiltTop.of(laid)).stream()
                .filter(patch ->
                        patch.part.kind() == TopPart.Kind.SASHING || patch.part.kind() == TopPart.Kind.CORNERSTONE)
                .toList();
        assertThat(patches)
                .as("4 × 6 and 5 × 5 strips, 5 × 6 squares")
                .hasSize(24 + 25 + 30)
                .allMatch(patch -> patch.cloth.startsWith("p"));
        assertThat(alikeSideBySide(patches)).isEmpty();
    }

    /** What stands at the ends of shifted rows, between blocks and in the triangles on point is dealt as well. */
    @ParameterizedTest
    @EnumSource
    void nothingOfASettingIsLeftFree(Kind kind) {
        QuiltDesign plain = inWhite();
        SettingDesign was = plain.setting();
        QuiltDesign design = plain.withSetting(new SettingDesign(
                        kind, 4, 5, was.blocks(), "any", SettingDesign.Halves.PLAIN, SettingDesign.Between.PLAIN, ""))
                .withBorders(List.of(BorderDesign.plain("3", "any", Corners.BUTTED)));
        QuiltDesign laid = ScrappyDeal.deal(design, Stock.UNKNOWN, 7).in(design);
        List<Patch> patches = patches(QuiltTop.of(laid));
        assertThat(patches).noneMatch(patch -> patch.cloth.equals("any"));
        assertThat(patches.stream().filter(patch -> patch.cloth.startsWith("p")))
                .hasSizeGreaterThanOrEqualTo(4);
    }

    @Test
    void aPrintThatIsRuledOutLiesNowhere() {
        QuiltDesign design = inWhite().withBorders(List.of(squares(UnitDesign.plain("any"))));
        QuiltDesign but = design.withCloths(design.cloths().stream()
                .map(cloth -> cloth.key().equals("any") ? anyBut(List.of("p3", "p4")) : cloth)
                .toList());
        Set<String> used = patches(
                        QuiltTop.of(ScrappyDeal.deal(but, Stock.UNKNOWN, 7).in(but)))
                .stream()
                .map(Patch::cloth)
                .collect(Collectors.toSet());
        assertThat(used).hasSize(1 + 10).doesNotContain("p3", "p4");
        QuiltDesign none = design.withCloths(design.cloths().stream()
                .map(cloth -> cloth.key().equals("any")
                        ? anyBut(prints().stream().map(ClothInHand::key).toList())
                        : cloth)
                .toList());
        assertThatThrownBy(() -> ScrappyDeal.deal(none, Stock.UNKNOWN, 7))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("a unit has 1 places for prints of which the pack has 0");
    }

    @Test
    void lockedUnitsStayAndLaidOutAnewTheSameAreThere() {
        QuiltDesign design = inWhite().withBorders(List.of(squares(UnitDesign.plain("any"))));
        QuiltDesign made = ScrappyDeal.deal(design, Stock.UNKNOWN, 7).in(design);
        EdgePlaceDesign first = made.edgePlaces().getFirst();
        List<EdgePlaceDesign> places = new ArrayList<>(made.edgePlaces());
        places.set(0, new EdgePlaceDesign(first.part(), first.unit(), first.exchanges(), true));
        QuiltDesign locked = made.withEdgePlaces(places);
        QuiltDesign anew = ScrappyDeal.deal(locked, Stock.UNKNOWN, new Wish(9, Wish.What.LAY_OUT, false, 0, Set.of()))
                .in(locked);
        assertThat(anew.edgePlaces()).contains(places.getFirst()).isNotEqualTo(locked.edgePlaces());
        assertThat(counted(anew)).isEqualTo(counted(made));
        assertThatThrownBy(
                        () -> ScrappyDeal.deal(design, Stock.UNKNOWN, new Wish(9, Wish.What.MAKE, false, 2, Set.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("Spare blocks");
    }

    /** A border that comes later gets its prints, and what was made before keeps its own. */
    @Test
    void whatIsFreeStillIsMadeWithoutTouchingTheRest() {
        QuiltDesign first = inWhite().withBorders(List.of(squares(UnitDesign.plain("any"))));
        QuiltDesign made = ScrappyDeal.deal(first, Stock.UNKNOWN, 7).in(first);
        QuiltDesign more =
                made.withBorders(List.of(made.borders().getFirst(), BorderDesign.plain("3", "any", Corners.BUTTED)));
        QuiltDesign rest = ScrappyDeal.deal(
                        more, Stock.UNKNOWN, new Wish(9, Wish.What.MAKE_THE_REST, false, 0, Set.of()))
                .in(more);
        assertThat(rest.edgePlaces())
                .containsAll(made.edgePlaces())
                .hasSize(made.edgePlaces().size() + 4);
        assertThat(patches(QuiltTop.of(rest))).extracting(Patch::cloth).doesNotContain("any");
    }

    /** One unit in other cloths changes that unit and no other. */
    @Test
    void aSingleUnitOfABorderCanBeOtherwise() {
        QuiltDesign design = inWhite().withBorders(List.of(squares(UnitDesign.plain("stone"))));
        QuiltDesign other = design.withEdgePlaces(
                List.of(new EdgePlaceDesign("border-1-2", 3, List.of(new PlaceDesign.Exchange("stone", "p1")), false)));
        List<Patch> was = patches(QuiltTop.of(design));
        List<Patch> is = patches(QuiltTop.of(other));
        List<Integer> changed = new ArrayList<>();
        for (int i = 0; i < was.size(); i++) {
            if (!was.get(i).cloth.equals(is.get(i).cloth)) {
                changed.add(i);
            }
        }
        assertThat(changed).hasSize(1);
        assertThat(is.get(changed.getFirst()).part.id().text()).isEqualTo("border-1-2");
        assertThat(is.get(changed.getFirst()).outline.getEnvelopeInternal().getMinY())
                .as("the fourth from the top of the right side, whose first lies below the upper corner")
                .isEqualTo(2 + 3 * 2);
    }

    private static Map<String, Long> counted(QuiltDesign design) {
        return patches(QuiltTop.of(design)).stream()
                .collect(Collectors.groupingBy(Patch::cloth, Collectors.counting()));
    }

    private record Patch(TopPart part, String cloth, Geometry outline) {}

    private static List<Patch> patches(QuiltTop top) {
        List<Patch> patches = new ArrayList<>();
        for (TopPart part : top.parts()) {
            List<FigurePatch> drawn = part.figure().patches();
            for (int i = 0; i < drawn.size(); i++) {
                patches.add(new Patch(
                        part, drawn.get(i).cloth(), polygon(part.outlines().get(i))));
            }
        }
        return patches;
    }

    private static Geometry polygon(Polygon outline) {
        List<Coordinate> corners = new ArrayList<>(outline.corners().stream()
                .map(corner ->
                        new Coordinate(corner.x().toDoubleInches(), corner.y().toDoubleInches()))
                .toList());
        corners.add(corners.getFirst());
        return new GeometryFactory().createPolygon(corners.toArray(Coordinate[]::new));
    }

    /** Pairs with an edge in common (JTS) and of one cloth. */
    private static Set<String> alikeSideBySide(List<Patch> patches) {
        Set<String> alike = new HashSet<>();
        for (Patch one : patches) {
            for (Patch other : patches) {
                if (one != other
                        && one.cloth.equals(other.cloth)
                        && one.outline.intersection(other.outline).getLength() > 0.1) {
                    alike.add(one.part.where() + " and " + other.part.where());
                }
            }
        }
        return alike;
    }

    /** Four by five blocks of 8 in, all of white. */
    private static QuiltDesign inWhite() {
        List<ClothInHand> cloths = new ArrayList<>();
        cloths.add(new ClothInHand("white", "white", "#ffffff"));
        cloths.add(anyBut(List.of()));
        cloths.add(
                new ClothInHand("stone", "another print", "#808080", "", false, "", false, PACK, StandsFor.ANY_PRINT));
        cloths.addAll(prints());
        QuiltDesign design = Tops.of(4, 5, "8", "pinwheel")
                .cloths(cloths.toArray(ClothInHand[]::new))
                .design();
        return design.withBlocks(design.blocks().stream()
                .map(block -> block.withUnits(unit -> unit.inCloths(cloth -> "white")))
                .toList());
    }

    private static ClothInHand anyBut(List<String> but) {
        return new ClothInHand(
                "any", "any print", "#888888", "", false, "", false, PACK, StandsFor.ANY_PRINT, false, but);
    }

    private static BorderDesign squares(UnitDesign unit) {
        return new BorderDesign(
                BorderDesign.Kind.PIECED, "2", "", List.of(unit), "2", false, Corners.UNITS, List.of(unit));
    }

    private static List<ClothInHand> prints() {
        List<String> swatches = PrintSwatches.ofPack("noon", 12);
        List<ClothInHand> prints = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            prints.add(new ClothInHand(
                    "p" + i, "dusk " + (i + 1), swatches.get(i), "", false, "", false, PACK, StandsFor.ITSELF));
        }
        return prints;
    }
}
