package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.design.BorderDesign.Join;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.piecing.Working;
import org.goldentally.core.quilt.Finishing;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;

/**
 * The tally of a whole top: how each group of units is made, and each cloth's account.
 *
 * @param strips strips of sashing, borders and binding, joined where they are longer than the cloth is wide
 * @param ledgers one for each cloth of the quilt that anything is cut of
 * @param undressed pieces of patches that have no cloth yet
 * @param bonus units sewn of cut-off corners, where the quilter wants them
 * @param unplanned units that no method makes in their cloths; no cloth is counted for them
 */
public record TopTally(
        QuiltTop top,
        TopCount count,
        List<UnitPlans.Choice> choices,
        List<StripPlan> strips,
        List<ClothLedger> ledgers,
        List<ClothCut> undressed,
        List<BonusUnits> bonus,
        List<TopCount.Group> unplanned) {

    /**
     * Equal strips: 4 border strips of 60 1/2 in, joined of 7 strips across the width.
     *
     * @param cutLength what each is cut to
     * @param joined whether they are longer than the cloth is wide
     * @param working how the number of strips came about
     */
    public record StripPlan(
            String key,
            String label,
            String cloth,
            long count,
            Length cutLength,
            Length cutWidth,
            boolean joined,
            ClothCut cut,
            Working working) {

        /**
         * What it is cut to before the top is measured: 1 in, or 2.5 cm, longer, to be squared up (common practice, no
         * source for how much).
         */
        public Length overLength(MeasureSystem system) {
            return cutLength.plus(system == MeasureSystem.INCH ? Length.inches(1) : Length.centimetres(2, 1, 2));
        }
    }

    static final String BINDING = "binding";
    static final String BACKING = "backing";

    /** Panels of the backing, which are as wide as their cloth. */
    private static StripPlan backing(Finishing.Backing backing, FinishingDesign design) {
        CutSize size = new CutSize(backing.widthOfFabric(), backing.panelLength(), false);
        ClothCut cut = new ClothCut(design.backingCloth(), size, "panel", backing.panels(), BACKING, BACKING);
        Working working = new Working(BACKING, backing.panels() + " side by side, each a whole length of the cloth");
        return new StripPlan(
                BACKING,
                BACKING,
                design.backingCloth(),
                backing.panels(),
                backing.panelLength(),
                backing.widthOfFabric(),
                false,
                cut,
                working);
    }

    /** Whether pieces are panels of the backing. */
    public static boolean isBacking(ClothCut cut) {
        return cut.use().equals(BACKING);
    }

    public static boolean isBinding(StripPlan strip) {
        return strip.key().equals(BINDING);
    }

    /** How one cloth is cut; {@link ClothLedger#of} itself, or something that remembers what it answered. */
    public interface ClothCutter {
        ClothLedger account(CuttingRequest request);
    }

    public static TopTally of(QuiltTop top, Map<String, List<ShelfPieces>> shelf) {
        return of(top, shelf, ClothLedger::of);
    }

    public static TopTally of(QuiltTop top, Map<String, List<ShelfPieces>> shelf, ClothCutter cutter) {
        return of(top, TopCount.of(top), top.design(), shelf, cutter);
    }

    /**
     * The tally of a top that is counted already, made as another design says: to try methods without counting anew.
     *
     * @param design differs from the top's in nothing that changes the count
     */
    public static TopTally of(
            QuiltTop top,
            TopCount count,
            QuiltDesign design,
            Map<String, List<ShelfPieces>> shelf,
            ClothCutter cutter) {
        Length usual = UsualSizes.widthOfFabric(design.system());
        List<UnitPlans.Choice> choices = new UnitPlans(design, usual).of(count);
        List<StripPlan> strips = new ArrayList<>();
        for (TopCount.Group group : count.strips()) {
            String cloth = group.cloths().getFirst();
            strips.add(strip(group, cloth, width(shelf.get(cloth), usual), design, top.settings()));
        }
        Finishing finishing = Finishing.of(top);
        Optional<StripPlan> binding = finishing.binding().map(each -> binding(finishing, each, design.finishing()));
        finishing
                .backing()
                .filter(any -> !design.finishing().backingCloth().isEmpty())
                .ifPresent(backing -> strips.add(backing(backing, design.finishing())));
        boolean scrappy = design.finishing().scrappyBinding() && binding.isPresent();
        binding.filter(any -> !scrappy).ifPresent(strips::add);
        List<ClothLedger> ledgers = ledgers(design, choices, strips, shelf, cutter);
        if (scrappy) {
            ScrappyBinding scraps =
                    ScrappyBinding.from(ledgers, binding.get(), design.system().writer());
            ledgers = scraps.ledgers();
            strips.add(scraps.plan());
            if (scraps.plan().cut().count() > 0) {
                ledgers = ledgers(design, choices, strips, shelf, cutter);
                ledgers = ScrappyBinding.from(
                                ledgers, binding.get(), design.system().writer())
                        .ledgers();
            }
        }
        List<BonusUnits> bonus = choices.stream()
                .map(UnitPlans.Choice::chosen)
                .filter(plan -> design.plan().bonus().contains(UnitPlans.choiceKey(plan)))
                .flatMap(plan -> BonusUnits.of(plan, top.settings()).stream())
                .toList();
        List<ClothCut> undressed = choices.stream()
                .flatMap(choice -> choice.chosen().cuts().stream())
                .filter(cut -> cut.cloth().isEmpty())
                .collect(java.util.stream.Collectors.toCollection(ArrayList::new));
        strips.stream()
                .map(StripPlan::cut)
                .filter(cut -> cut.cloth().isEmpty() && cut.count() > 0)
                .forEach(undressed::add);
        return new TopTally(
                top, count, choices, strips, ledgers, undressed, bonus, UnitPlans.unplanned(count, choices));
    }

    static List<ClothLedger> ledgers(
            QuiltDesign design,
            List<UnitPlans.Choice> choices,
            List<StripPlan> strips,
            Map<String, List<ShelfPieces>> shelf,
            ClothCutter cutter) {
        return requests(design, choices, strips, shelf).stream()
                .map(cutter::account)
                .toList();
    }

    /** What is to be cut of each cloth of the quilt that anything is cut of. */
    static List<CuttingRequest> requests(
            QuiltDesign design,
            List<UnitPlans.Choice> choices,
            List<StripPlan> strips,
            Map<String, List<ShelfPieces>> shelf) {
        Length usual = UsualSizes.widthOfFabric(design.system());
        Map<String, List<ClothCut>> byCloth = new LinkedHashMap<>();
        choices.forEach(choice -> choice.chosen().cuts().forEach(cut -> add(byCloth, cut)));
        strips.stream().map(StripPlan::cut).filter(cut -> cut.count() > 0).forEach(cut -> add(byCloth, cut));
        List<CuttingRequest> requests = new ArrayList<>();
        for (ClothInHand cloth : design.cloths()) {
            List<ClothCut> cuts = byCloth.get(cloth.key());
            if (cuts != null) {
                List<ShelfPieces> pieces = shelf.getOrDefault(cloth.key(), List.of());
                requests.add(new CuttingRequest(
                        cloth.key(),
                        cloth.directional() ? unturned(cuts) : cuts,
                        pieces,
                        cuts.stream()
                                .filter(TopTally::isBacking)
                                .map(cut -> cut.size().width())
                                .reduce(width(pieces, usual), Length::max),
                        design.system(),
                        design.plan().cuttingOf(cloth.key())));
            }
        }
        return requests;
    }

    /** What is to be cut of one cloth, to try other ways of cutting it. */
    public Optional<CuttingRequest> request(String cloth, Map<String, List<ShelfPieces>> shelf) {
        return requests(top.design(), choices, strips, shelf).stream()
                .filter(request -> request.cloth().equals(cloth))
                .findFirst();
    }

    /** A print with an up and a down is never cut turned. */
    private static List<ClothCut> unturned(List<ClothCut> cuts) {
        return cuts.stream().map(ClothCut::unturned).toList();
    }

    private static void add(Map<String, List<ClothCut>> byCloth, ClothCut cut) {
        byCloth.computeIfAbsent(cut.cloth(), any -> new ArrayList<>()).add(cut);
    }

    /** Cloth is bought, and strips are cut, as wide as the yardage on hand; else as wide as is usual. */
    private static Length width(List<ShelfPieces> pieces, Length usual) {
        return Optional.ofNullable(pieces).orElse(List.of()).stream()
                .map(ShelfPieces::piece)
                .filter(piece -> piece.form() == PieceForm.YARDAGE)
                .map(org.goldentally.core.cloth.ClothPiece::width)
                .max(Length::compareTo)
                .orElse(usual);
    }

    /**
     * Strips longer than the cloth is wide: {@code n} strips of width {@code W} give {@code n·W − (n − 1)·2a} joined
     * straight, and {@code n·W − (n − 1)·w} joined on the diagonal, for strips cut {@code w} wide (geometry). Along the
     * length of the cloth nothing is joined.
     */
    private static StripPlan strip(
            TopCount.Group group, String cloth, Length width, QuiltDesign design, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length cutLength = settings.unfinished(group.unit().finishedWidth()).roundedUpTo(settings.grid());
        Length cutWidth = settings.unfinished(group.unit().finishedHeight()).roundedUpTo(settings.grid());
        String label = group.label() + ", " + writer.write(group.unit().finishedHeight()) + " finished";
        Join wanted = join(group, design);
        // Strips nearly as wide as the cloth leave nothing for diagonal joins.
        boolean tooWide = wanted == Join.DIAGONAL && cutWidth.times(2).isLongerThan(width);
        Join join = tooWide ? Join.STRAIGHT : wanted;
        boolean along = join == Join.ALONG_LENGTH;
        boolean joined = !along && cutLength.isLongerThan(width);
        CutSize size = along
                ? new CutSize(cutWidth, cutLength, false)
                : CutSize.rectangle(joined ? width : cutLength, cutWidth);
        long pieces = group.count();
        String how = along
                ? "cut in one piece along the length of the cloth, without a join"
                : "cut in one piece across the width";
        if (joined) {
            Length loss =
                    join == Join.DIAGONAL ? cutWidth : settings.seamAllowance().times(2);
            Length perStrip = width.minus(loss);
            Length reach = cutLength.times(group.count()).minus(loss);
            long whole = reach.wholeTimes(perStrip);
            pieces = perStrip.times(whole).isShorterThan(reach) ? whole + 1 : whole;
            how = group.count() + " of " + writer.write(cutLength) + " = "
                    + writer.write(cutLength.times(group.count())) + "; strips across the width give "
                    + writer.write(width) + ", less " + writer.write(loss) + " at each "
                    + (join == Join.DIAGONAL ? "diagonal" : "straight") + " join: " + pieces + " strips";
        }
        ClothCut cut = new ClothCut(cloth, size, "strip", pieces, group.key(), label);
        return new StripPlan(
                group.key(), label, cloth, group.count(), cutLength, cutWidth, joined, cut, new Working(label, how));
    }

    /** Borders say how they are joined; other strips are joined straight. */
    private static Join join(TopCount.Group group, QuiltDesign design) {
        String id = group.partIds().getFirst();
        if (!id.startsWith("border-")) {
            return Join.STRAIGHT;
        }
        int border = Integer.parseInt(id.split("-")[1]) - 1;
        return design.borders().get(border).join();
    }

    private static StripPlan binding(Finishing finishing, Finishing.Binding binding, FinishingDesign design) {
        CutSize size = CutSize.rectangle(binding.widthOfFabric(), binding.stripWidth());
        ClothCut cut = new ClothCut(design.bindingCloth(), size, "strip", binding.strips(), BINDING, BINDING);
        Working working = finishing.workings().stream()
                .filter(each -> each.what().equals("Binding"))
                .findFirst()
                .orElse(new Working(BINDING, ""));
        return new StripPlan(
                BINDING, BINDING, design.bindingCloth(), 1, binding.length(), binding.stripWidth(), true, cut, working);
    }
}
