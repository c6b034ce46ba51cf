package org.goldentally.core.tally;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.design.FinishingDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.quilt.Finishing;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopCount;

/**
 * The tally of a whole top: how each group of units is made, and each cloth's account.
 *
 * @param strips strips of sashing, borders and binding, joined where they are longer than the cloth is wide
 * @param ledgers one for each cloth of the quilt that anything is cut of
 * @param undressed pieces of patches that have no cloth yet
 */
public record TopTally(
        QuiltTop top,
        TopCount count,
        List<UnitPlans.Choice> choices,
        List<StripPlan> strips,
        List<ClothLedger> ledgers,
        List<ClothCut> undressed) {

    /**
     * Equal strips: 4 border strips of 60 1/2 in, joined of 7 strips across the width.
     *
     * @param cutLength what each is cut to
     * @param joined whether they are longer than the cloth is wide
     */
    public record StripPlan(
            String key,
            String label,
            String cloth,
            long count,
            Length cutLength,
            Length cutWidth,
            boolean joined,
            ClothCut cut) {}

    public static TopTally of(QuiltTop top, Map<String, List<ShelfPieces>> shelf) {
        QuiltDesign design = top.design();
        TopCount count = TopCount.of(top);
        Length usual = UsualSizes.widthOfFabric(design.system());
        List<UnitPlans.Choice> choices = new UnitPlans(design, usual).of(count);
        List<StripPlan> strips = new ArrayList<>();
        for (TopCount.Group group : count.strips()) {
            String cloth = group.cloths().getFirst();
            strips.add(strip(group, cloth, width(shelf.get(cloth), usual), top.settings()));
        }
        Finishing finishing = top.finishing();
        finishing.binding().ifPresent(binding -> strips.add(binding(binding, design.finishing())));
        Map<String, List<ClothCut>> byCloth = new LinkedHashMap<>();
        choices.forEach(choice -> choice.chosen().cuts().forEach(cut -> add(byCloth, cut)));
        strips.forEach(strip -> add(byCloth, strip.cut()));
        List<ClothLedger> ledgers = new ArrayList<>();
        design.cloths().forEach(cloth -> {
            List<ClothCut> cuts = byCloth.get(cloth.key());
            if (cuts != null) {
                List<ShelfPieces> pieces = shelf.getOrDefault(cloth.key(), List.of());
                ledgers.add(ClothLedger.of(cloth.key(), cuts, pieces, width(pieces, usual), design.system()));
            }
        });
        return new TopTally(top, count, choices, strips, ledgers, byCloth.getOrDefault("", List.of()));
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
     * Strips longer than the cloth is wide are joined straight, which takes a seam of both at each join: {@code n} strips
     * give {@code n·W − (n − 1)·2a} (geometry).
     */
    private static StripPlan strip(TopCount.Group group, String cloth, Length width, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length cutLength = settings.unfinished(group.unit().finishedWidth()).roundedUpTo(settings.grid());
        Length cutWidth = settings.unfinished(group.unit().finishedHeight()).roundedUpTo(settings.grid());
        String label = group.label() + ", " + writer.write(group.unit().finishedHeight()) + " finished";
        boolean joined = cutLength.isLongerThan(width);
        CutSize size = CutSize.rectangle(joined ? width : cutLength, cutWidth);
        long pieces = group.count();
        if (joined) {
            Length loss = settings.seamAllowance().times(2);
            Length perStrip = width.minus(loss);
            Length wanted = cutLength.times(group.count()).minus(loss);
            long whole = wanted.wholeTimes(perStrip);
            pieces = perStrip.times(whole).isShorterThan(wanted) ? whole + 1 : whole;
        }
        ClothCut cut = new ClothCut(cloth, size, "strip", pieces, group.key(), label);
        return new StripPlan(group.key(), label, cloth, group.count(), cutLength, cutWidth, joined, cut);
    }

    private static StripPlan binding(Finishing.Binding binding, FinishingDesign finishing) {
        CutSize size = CutSize.rectangle(binding.widthOfFabric(), binding.stripWidth());
        ClothCut cut = new ClothCut(finishing.bindingCloth(), size, "strip", binding.strips(), "binding", "binding");
        return new StripPlan(
                "binding", "binding", finishing.bindingCloth(), 1, binding.length(), binding.stripWidth(), true, cut);
    }
}
