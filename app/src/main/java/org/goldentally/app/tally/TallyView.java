package org.goldentally.app.tally;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.core.account.ClothCutter;
import org.goldentally.core.account.ClothLedger;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.Prices;
import org.goldentally.core.cloth.Purchase;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.PlanDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.finishing.BorderPrint;
import org.goldentally.core.finishing.StripPlan;
import org.goldentally.core.formula.Working;
import org.goldentally.core.making.BonusUnits;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.MadeSet;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.making.UnitPlans;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.plans.PlanInWords;
import org.goldentally.core.problem.Known;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.tally.PrintOfUnits;
import org.goldentally.core.tally.ShoppingList;
import org.goldentally.core.tally.TopTally;
import org.goldentally.core.unit.UnitDrawing;
import org.jspecify.annotations.Nullable;

/**
 * The tally of a quilt as shown: each group of units with the ways to make it, and each cloth's account.
 *
 * @param inShort the plan in a few sentences, each with what it is about
 * @param groups largest groups first
 * @param sets what is sewn for all groups together, in the order in which it is sewn
 * @param spares what is left over of sets and of loose parts
 */
public record TallyView(
        String unitOfLength,
        String usualSquaringUp,
        List<PlanInWords.Sentence> inShort,
        List<GroupView> groups,
        List<SetView> sets,
        List<SpareView> spares,
        List<StripView> strips,
        List<BonusView> bonus,
        List<LedgerView> cloths,
        List<Problem> notices,
        TotalsView totals) {

    /**
     * A group of equal units or pieces.
     *
     * @param choiceKey under which a choice of method is kept
     * @param chosenApart keys of choices that are kept for single groups of its kind, also of such as are not there now
     * @param cloths places of its cloths among the quilt's, one for each patch
     * @param byQuilter whether the way was chosen; otherwise it is the one that cuts least cloth
     */
    public record GroupView(
            String key,
            String choiceKey,
            String allKey,
            List<String> chosenApart,
            String name,
            String label,
            String finished,
            List<Integer> cloths,
            double drawnWidth,
            double drawnHeight,
            List<String> patches,
            long needed,
            long extra,
            String extraTyped,
            long left,
            long right,
            boolean byQuilter,
            List<WayView> ways) {}

    /**
     * One way of making a group.
     *
     * @param sewn what is sewn, in words: 13 pairs, 1 of loose triangles
     * @param pieces that it adds to what is cut; none, where others leave the parts over
     * @param setEnds what is left of sewn strip sets beyond their segments; empty where nothing is
     * @param workings of the chosen way only
     */
    public record WayView(
            String key,
            String name,
            boolean chosen,
            String cutSizes,
            String trimmed,
            int unitsPerSet,
            String setName,
            long sets,
            String sewn,
            long made,
            long spare,
            String setEnds,
            long pieces,
            String cloth,
            String seams,
            long sewingCuts,
            String trimmedAway,
            String edges,
            @Schema(types = {"string", "null"}) @Nullable String widestSeam,

            @Schema(
                    types = {"object", "null"},
                    implementation = CutSizeView.class)
            @Nullable
            CutSizeView cutSize,

            List<Working> workings) {}

    /**
     * How large its pieces are cut.
     *
     * @param what {@code Cut square}
     * @param typed what the quilter says of it; empty is by the school of the quilt
     * @param follows what follows from it, each a sentence
     * @param asItComes precut squares of the shelf that would do uncut
     */
    public record CutSizeView(
            String what, String cut, String least, String typed, List<String> follows, List<String> asItComes) {}

    /**
     * A set of the making plan.
     *
     * @param sewn {@code 14 pairs}
     * @param cloths places of its cloths among the quilt's; of a chain its squares in their order
     */
    public record SetView(String title, String subtitle, String sewn, long made, long spare, List<Integer> cloths) {}

    /** Something left over: {@code triangle for the half-square triangle, 3 in finished}. */
    public record SpareView(String what, List<Integer> cloths, long count) {}

    /**
     * Long strips of one width.
     *
     * @param uses what it is for, as the accounts name it
     */
    public record StripView(
            List<String> uses,
            String label,
            String cloth,
            long count,
            String cutSize,
            boolean joined,
            String cuts,
            Working working) {}

    /** Units sewn from cut-off corners. */
    public record BonusView(String choiceKey, String label, long count, String trimmed) {}

    /**
     * A cloth's account.
     *
     * @param boughtAlready whether some of it was bought and is cut into by now
     * @param asYardage what all of it would be as one length of cloth
     * @param bands what the cloth taken goes to, in hundredths of all that is taken or missing
     */
    public record LedgerView(
            String key,
            String name,
            String colour,
            String needed,
            String asYardage,
            boolean enough,
            boolean boughtAlready,
            String onHand,
            List<BandView> bands,
            List<UseView> uses,
            List<String> untouched,
            List<String> leftovers,
            String trimmedAway,
            @Schema(types = {"string", "null"}) @Nullable String toBuyExact,
            @Schema(types = {"string", "null"}) @Nullable String toBuy,
            @Schema(types = {"string", "null"}) @Nullable String cost,
            String style,
            String proof,
            List<String> leftOfBought,
            List<Problem> problems,
            List<Working> workings) {}

    /**
     * A band of what becomes of a cloth.
     *
     * @param uses of what is cut; empty for what is left
     */
    public record BandView(String what, String label, double percent, List<String> uses) {}

    /** Equal pieces of a cloth by what they are for, and their area as cut. */
    public record UseView(List<String> uses, String label, long count, String cut) {}

    /** Sums of the whole top, written out. */
    public record TotalsView(
            long units,
            long sets,
            long spare,
            String clothCut,
            int clothsShort,
            List<String> toBuy,
            List<String> toBuyOfNoCloth,
            String cost) {}

    /**
     * The tally as the page shows it.
     *
     * @param pieces what is on the shelf, by the quilt's cloths
     */
    public static TallyView of(
            TopTally tally, Map<String, List<ShelfPieces>> pieces, Prices prices, ClothCutter cutter) {
        MeasureSystem system = tally.top().design().system();
        ShoppingList shopping = ShoppingList.of(tally, prices);
        Map<String, Integer> clothPlaces = new LinkedHashMap<>();
        List<ClothInHand> cloths = tally.top().design().cloths();
        for (int i = 0; i < cloths.size(); i++) {
            clothPlaces.putIfAbsent(cloths.get(i).key(), i);
        }
        List<LedgerView> ledgers = tally.ledgers().stream()
                .map(ledger -> LedgerViews.ledger(
                        ledger,
                        cloths.get(Known.of(clothPlaces, ledger.cloth())),
                        prices.ofLength(ledger.cloth()),
                        ledger.asYardage(cutter),
                        system))
                .toList();
        return new TallyView(
                system.abbreviation(),
                system.writer().writeWithUnit(UsualSizes.of(system).squaringUp()),
                PlanInWords.of(tally, shopping),
                tally.choices().stream()
                        .map(choice -> group(choice, clothPlaces, tally.top().design(), pieces))
                        .sorted((a, b) -> Long.compare(b.needed(), a.needed()))
                        .toList(),
                MakingViews.sets(tally, clothPlaces),
                MakingViews.spares(tally, clothPlaces),
                tally.strips().stream().map(strip -> strip(strip, system)).toList(),
                tally.bonus().stream()
                        .map(bonus -> bonus(bonus, tally.top().design()))
                        .toList(),
                ledgers,
                notices(tally, pieces),
                totals(tally, ledgers, shopping, system));
    }

    /** The same, where so many cuts were made that no sheet of this plan has. */
    TallyView withCutBefore(int cuts) {
        if (cuts == 0) {
            return this;
        }
        List<Problem> more = new ArrayList<>(notices);
        more.add(
                0,
                new Problem(
                        "Cut already",
                        cuts + (cuts == 1 ? " cut was" : " cuts were") + " made for the plan as it was, and "
                                + (cuts == 1 ? "is" : "are") + " not counted here",
                        "see at the station Cut what lies on your table before you buy"));
        return new TallyView(
                unitOfLength, usualSquaringUp, inShort, groups, sets, spares, strips, bonus, cloths, more, totals);
    }

    private static List<Problem> notices(TopTally tally, Map<String, List<ShelfPieces>> pieces) {
        QuiltDesign design = tally.top().design();
        List<Problem> notices = new ArrayList<>(tally.problems());
        notices.addAll(BorderPrint.toDecide(design));
        notices.addAll(PrintOfUnits.notices(tally));
        tally.unplanned().forEach(group -> notices.add(notPlanned(group)));
        Predicate<ClothLedger> undealt =
                ledger -> design.cloth(ledger.cloth()).map(ClothInHand::dealt).orElse(false);
        if (tally.ledgers().stream().anyMatch(undealt)) {
            notices.add(new Problem(
                    "Free places",
                    "nothing is made for some of them yet, so they are counted as a fabric of their own",
                    "make and lay out their prints at the station Top"));
        }
        if (!tally.undressed().isEmpty()) {
            long count = tally.undressed().stream().mapToLong(ClothCut::count).sum();
            notices.add(new Problem(
                    "Not dressed yet",
                    count + " pieces have no fabric, so no fabric is counted for them",
                    "dress them at the station Top"));
        }
        List<String> notOnShelf = tally.ledgers().stream()
                .filter(undealt.negate())
                .filter(ledger -> pieces.getOrDefault(ledger.cloth(), List.of()).isEmpty())
                .map(ledger ->
                        design.cloth(ledger.cloth()).map(ClothInHand::name).orElse(ledger.cloth()))
                .toList();
        if (!notOnShelf.isEmpty()) {
            notices.add(new Problem(
                    "Not on the shelf",
                    "there is none of " + String.join(", ", notOnShelf),
                    "add what you have at the station Cloth, or buy what is named below"));
        }
        return notices;
    }

    private static Problem notPlanned(TopCount.Group group) {
        return new Problem(
                "Not planned: " + group.label(),
                group.count()
                        + " of them mix fabrics in a way that no method here makes; no fabric is counted for them",
                "dress the patches that are cut alike in one fabric, or build them of smaller units");
    }

    private static TotalsView totals(
            TopTally tally, List<LedgerView> ledgers, ShoppingList shopping, MeasureSystem system) {
        Area cut = tally.ledgers().stream().map(ClothLedger::needed).reduce(Area.ZERO, Area::plus);
        return new TotalsView(
                tally.count().unitCount(),
                tally.making().sets().stream().mapToLong(MadeSet::runs).sum(),
                tally.making().spareUnits(),
                system.writeArea(cut),
                (int) ledgers.stream().filter(ledger -> !ledger.enough()).count(),
                shopping.lengthsOfCloths(),
                shopping.lengthsOfNoCloth(),
                shopping.total().signum() == 0
                        ? ""
                        : shopping.total().setScale(2).toPlainString());
    }

    private static GroupView group(
            UnitPlans.Choice choice,
            Map<String, Integer> clothPlaces,
            QuiltDesign design,
            Map<String, List<ShelfPieces>> pieces) {
        MeasureSystem system = design.system();
        UnitPlan chosen = choice.chosen();
        LengthWriter writer = system.writer();
        return new GroupView(
                chosen.key().text(),
                chosen.key().choice(),
                chosen.key().kindChoice(),
                chosenApart(chosen.key(), design),
                chosen.name(),
                chosen.label(),
                writer.write(chosen.unit().finishedWidth()) + " × "
                        + writer.write(chosen.unit().finishedHeight()),
                chosen.cloths().stream()
                        .map(cloth -> clothPlaces.getOrDefault(cloth, -1))
                        .toList(),
                chosen.unit().finishedWidth().toDoubleInches(),
                chosen.unit().finishedHeight().toDoubleInches(),
                UnitDrawing.of(chosen.unit()).stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                chosen.needed(),
                chosen.extra(),
                design.plan()
                        .extraOf(chosen.key().choice())
                        .map(PlanDesign.ExtraUnits::typed)
                        .orElse(""),
                chosen.left(),
                chosen.right(),
                choice.byQuilter(),
                choice.ways().stream()
                        .map(way ->
                                way(way, way.method() == chosen.method(), system, CutSizeViews.of(way, pieces, design)))
                        .toList());
    }

    private static List<String> chosenApart(UnitsKey kind, QuiltDesign design) {
        return design.methods().stream()
                .map(QuiltDesign.MethodChoice::units)
                .filter(kind::isOfItsKind)
                .toList();
    }

    private static WayView way(UnitPlan way, boolean chosen, MeasureSystem system, @Nullable CutSizeView cutSize) {
        LengthWriter writer = system.writer();
        return new WayView(
                way.method().key(),
                way.method().displayName(),
                chosen,
                String.join(
                        ", ",
                        way.recipe().sizesToCut().stream().map(writer::write).toList()),
                way.unit().isTriangle()
                        ? ""
                        : writer.write(way.recipe().sizes().trimmedWidth()) + " × "
                                + writer.write(way.recipe().sizes().trimmedHeight()),
                way.run().units(),
                way.run().word(1),
                way.runs(),
                way.runsInWords(),
                way.made(),
                way.spare(),
                way.setEnds().map(end -> ends(end, writer)).orElse(""),
                way.cuts().stream().mapToLong(ClothCut::count).sum(),
                system.writeArea(way.clothCut()),
                Purchase.writeRoughly(way.seams(), system),
                way.sewingCuts(),
                system.writeArea(way.recipe().sizes().trimmedAway().times(way.made())),
                way.recipe().sewing().edges().label(),
                way.recipe()
                        .sewing()
                        .widestSeam()
                        .map(seam -> writer.writeWithUnit(system.seamOnARuler(seam)))
                        .orElse(null),
                cutSize,
                chosen ? way.workings() : List.of());
    }

    private static String ends(UnitPlan.SetEnd end, LengthWriter writer) {
        return end.count() + (end.count() == 1 ? " sewn end " : " sewn ends ") + writer.write(end.length()) + " × "
                + writer.writeWithUnit(end.width());
    }

    private static StripView strip(StripPlan strip, MeasureSystem system) {
        LengthWriter writer = system.writer();
        return new StripView(
                strip.uses().stream().map(Use::text).toList(),
                strip.label(),
                strip.cloth(),
                strip.count(),
                strip.sides().stream()
                        .map(side -> side.count() + " of " + writer.write(strip.cutWidth()) + " × "
                                + writer.write(side.cutLength())
                                + (side.where().isEmpty() ? "" : " " + side.where()))
                        .collect(Collectors.joining("; ")),
                strip.joined(),
                strip.cuts().stream()
                        .map(cut ->
                                cut.count() + " of " + writer.write(cut.size().height()) + " × "
                                        + writer.write(cut.size().width()))
                        .collect(Collectors.joining(", ")),
                strip.working());
    }

    private static BonusView bonus(BonusUnits bonus, QuiltDesign design) {
        LengthWriter writer = design.system().writer();
        String cloths = Stream.of(bonus.corner(), bonus.base())
                .map(cloth -> design.cloth(cloth).map(ClothInHand::name).orElse("not dressed"))
                .collect(Collectors.joining(" and "));
        return new BonusView(
                bonus.plan().key().choice(),
                "half-square triangles of " + cloths + ", " + writer.writeWithUnit(bonus.finishedSize()) + " finished",
                bonus.count(),
                writer.writeWithUnit(bonus.trimmedSize()));
    }
}
