package org.goldentally.app.top;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.app.problems.PlacedProblem;
import org.goldentally.core.cloth.Lightness;
import org.goldentally.core.design.BorderDesign;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.finishing.BorderPrint;
import org.goldentally.core.finishing.FabricWidths;
import org.goldentally.core.finishing.Finishing;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.quilt.BorderFit;
import org.goldentally.core.quilt.Judging;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.SpareFigure;
import org.goldentally.core.quilt.TopCount;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.UnitDrawing;
import org.goldentally.core.unit.UnitSymmetry.Hand;

/**
 * The top as the wall shows it: picture, sizes, counts, judgement, and what is wrong where.
 *
 * @param problems mistakes, each at its part; the top is drawn and counted all the same
 * @param notices what the quilter should know
 * @param refused what keeps the newest design from being worked out; then all else is of the last one that could be
 * @param prints how prints with an up and a down lie in borders
 * @param fits how a pieced border that does not come out even could be made to
 */
record TopView(
        String unitOfLength,
        List<SizeView> sizes,
        TopPictureView picture,
        List<BlockPictureView> blocks,
        List<SpareBlockView> spareBlocks,
        CountView count,
        List<ClothValueView> cloths,
        JudgingView judging,
        List<PlacedProblem> problems,
        List<Problem> notices,
        List<BorderFitView> fits,
        List<BorderPrintView> prints,
        FinishingView finishing,
        List<Problem> refused) {

    record SizeView(
            String what,
            String finishedWidth,
            String finishedHeight,
            String unfinishedWidth,
            String unfinishedHeight) {}

    /**
     * A block that is made beyond the top.
     *
     * @param index among the spare blocks of the design
     * @param cloths for each patch the place of its cloth among the quilt's
     */
    record SpareBlockView(
            int index, String block, String name, TopPictureView.OutlinesView shape, List<Integer> cloths) {}

    /** Totals under their own names, and the groups that they are made of. */
    record CountView(
            int blocks,
            String blocksInWords,
            long units,
            long trianglesInUnits,
            long plainPieces,
            long looseTriangles,
            long strips,
            String blank,
            List<CountRow> rows) {}

    /**
     * A row of the counts.
     *
     * @param use what the accounts call it
     * @param sort {@code unit}, {@code piece}, {@code triangle} or {@code strip}
     * @param cloths places of its cloths among the quilt's, one for each patch; -1 is not dressed
     * @param parts which parts of the picture use it
     */
    record CountRow(
            String key,
            String use,
            String sort,
            String label,
            String finished,
            String unfinished,
            List<Integer> cloths,
            Hand hand,
            long count,
            int blocks,
            double drawnWidth,
            double drawnHeight,
            List<String> patches,
            List<Integer> parts) {}

    /** @param shown whether any of it is seen on the top */
    record ClothValueView(String key, int lightness, String word, String area, boolean shown) {}

    /** @param notJudged keys of cloths whose colour nobody has said yet */
    record JudgingView(
            List<ClosePairView> closePairs,
            List<SharedClothView> sharedCloths,
            List<OddOneView> oddOnes,
            List<String> notJudged) {}

    record ClosePairView(String cloth, String other, int difference, long units, List<Integer> parts) {}

    record SharedClothView(String cloth, String partId, String otherId, String where) {}

    record OddOneView(String partId, String where, String expected) {}

    /** Offers for a border, from 0; widths are typed as they are. */
    record BorderFitView(int border, String spacerAcross, String spacerUpright, List<String> widths) {}

    /**
     * How a print lies in a border, from 0.
     *
     * @param uprightAllRound how its sides would be cut; empty where it is upright already
     */
    record BorderPrintView(int border, String says, List<BorderDesign.SideJoin> uprightAllRound) {

        static BorderPrintView of(BorderPrint.InBorder each, QuiltTop top) {
            BorderDesign border = top.design().borders().get(each.border());
            return new BorderPrintView(
                    each.border(),
                    each.says(),
                    each.print().onItsSide().isEmpty() ? List.of() : BorderPrint.uprightAllRound(border));
        }
    }

    record FinishingView(
            String binding, String backing, String behind, List<Working> workings, List<Problem> problems) {}

    static TopView of(QuiltTop top) {
        return of(top, FabricWidths.UNKNOWN, List.of());
    }

    /** @param widths of the fabrics that finish it, where they are on the shelf */
    static TopView of(QuiltTop top, FabricWidths widths, List<Problem> refused) {
        MeasureSystem system = top.design().system();
        TopCount count = TopCount.of(top);
        Map<PartId, Integer> partPlaces = new HashMap<>();
        for (int i = 0; i < top.parts().size(); i++) {
            partPlaces.put(top.parts().get(i).id(), i);
        }
        return new TopView(
                system.abbreviation(),
                sizes(top),
                TopPictureView.of(top),
                BlockPictureView.of(top),
                spareBlocks(top),
                count(top, count, partPlaces),
                cloths(top, count),
                judging(top, partPlaces),
                top.flaws().stream()
                        .map(flaw -> PlacedProblem.of(flaw.partId().text(), flaw.problem()))
                        .distinct()
                        .toList(),
                top.notices(),
                top.fits().stream().map(fit -> fit(fit, system.writer())).toList(),
                BorderPrint.inBordersOf(top.design()).stream()
                        .map(each -> BorderPrintView.of(each, top))
                        .toList(),
                finishing(top, widths),
                refused);
    }

    private static List<SpareBlockView> spareBlocks(QuiltTop top) {
        Map<String, Integer> clothPlaces =
                TopPictureView.clothPlaces(top.design().cloths());
        return SpareFigure.of(top).stream()
                .map(spare -> new SpareBlockView(
                        spare.index(),
                        spare.blockKey(),
                        spare.name(),
                        TopPictureView.shape(spare.figure()),
                        TopPictureView.cloths(spare.figure(), clothPlaces)))
                .toList();
    }

    private static List<SizeView> sizes(QuiltTop top) {
        SewingSettings settings = top.settings();
        return List.of(
                size("Block", top.sizes().blockWidth(), top.sizes().blockHeight(), settings),
                size("Blocks as set", top.centreWidth(), top.centreHeight(), settings),
                size("Top", top.finishedWidth(), top.finishedHeight(), settings));
    }

    private static SizeView size(String what, Length width, Length height, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        return new SizeView(
                what,
                writer.write(width),
                writer.write(height),
                writer.write(settings.unfinished(width)),
                writer.write(settings.unfinished(height)));
    }

    private static CountView count(QuiltTop top, TopCount count, Map<PartId, Integer> partPlaces) {
        Map<String, Integer> clothPlaces =
                TopPictureView.clothPlaces(top.design().cloths());
        List<CountRow> rows = new ArrayList<>();
        count.units().forEach(group -> rows.add(row("unit", group, top, clothPlaces, partPlaces)));
        count.pieces().forEach(group -> rows.add(row("piece", group, top, clothPlaces, partPlaces)));
        count.triangles().forEach(group -> rows.add(row("triangle", group, top, clothPlaces, partPlaces)));
        count.strips().forEach(group -> rows.add(row("strip", group, top, clothPlaces, partPlaces)));
        return new CountView(
                top.blockCount(),
                top.blocksInWords(),
                count.unitCount(),
                count.trianglesInUnits(),
                count.pieceCount(),
                count.looseTriangleCount(),
                count.strips().stream().mapToLong(TopCount.Group::count).sum(),
                count.blankArea().isZero() ? "" : top.design().system().writeArea(count.blankArea()),
                rows);
    }

    private static CountRow row(
            String sort,
            TopCount.Group group,
            QuiltTop top,
            Map<String, Integer> clothPlaces,
            Map<PartId, Integer> partPlaces) {
        SewingSettings settings = top.settings();
        LengthWriter writer = settings.system().writer();
        Length width = group.unit().finishedWidth();
        Length height = group.unit().finishedHeight();
        boolean loose = group.unit().isTriangle();
        return new CountRow(
                group.key().text(),
                Use.of(group.key()).text(),
                sort,
                group.label(),
                writer.write(width) + " × " + writer.write(height),
                loose
                        ? ""
                        : writer.write(settings.unfinished(width)) + " × " + writer.write(settings.unfinished(height)),
                group.cloths().stream()
                        .map(cloth -> clothPlaces.getOrDefault(cloth, -1))
                        .toList(),
                group.hand(),
                group.count(),
                group.blocks(),
                width.toDoubleInches(),
                height.toDoubleInches(),
                UnitDrawing.of(group.unit()).stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                group.partIds().stream().map(partPlaces::get).toList());
    }

    private static List<ClothValueView> cloths(QuiltTop top, TopCount count) {
        List<ClothValueView> cloths = new ArrayList<>();
        for (ClothInHand cloth : top.design().cloths()) {
            double lightness = cloth.judgedLightness();
            cloths.add(new ClothValueView(
                    cloth.key(),
                    (int) Math.round(lightness),
                    cloth.canBeJudged() ? Lightness.word(lightness) : "colour only guessed",
                    top.design().system().writeArea(count.areas().getOrDefault(cloth.key(), Area.ZERO)),
                    count.areas().containsKey(cloth.key())));
        }
        return cloths;
    }

    private static JudgingView judging(QuiltTop top, Map<PartId, Integer> partPlaces) {
        Judging judging = Judging.of(top);
        return new JudgingView(
                judging.closePairs().stream()
                        .map(pair -> new ClosePairView(
                                pair.cloth(),
                                pair.other(),
                                (int) Math.round(pair.difference()),
                                pair.units(),
                                pair.partIds().stream().map(partPlaces::get).toList()))
                        .toList(),
                judging.sharedCloths().stream()
                        .map(shared -> new SharedClothView(
                                shared.cloth(),
                                shared.part().id().text(),
                                shared.other().id().text(),
                                where(shared.part(), shared.other())))
                        .toList(),
                judging.oddOnes().stream()
                        .map(odd -> new OddOneView(
                                odd.part().id().text(), odd.part().where(), odd.expected()))
                        .toList(),
                judging.notJudged());
    }

    /** {@code row 3, blocks 1 and 2}, or both places in full. */
    private static String where(TopPart part, TopPart other) {
        if (part.row() == other.row()) {
            return "row " + (part.row() + 1) + ", blocks " + (part.column() + 1) + " and " + (other.column() + 1);
        }
        return part.where() + " and " + other.where();
    }

    private static BorderFitView fit(BorderFit fit, LengthWriter writer) {
        return new BorderFitView(
                fit.border(),
                writer.write(fit.spacerAcross()),
                writer.write(fit.spacerUpright()),
                fit.widths().stream().map(writer::write).toList());
    }

    private static FinishingView finishing(QuiltTop top, FabricWidths widths) {
        Finishing finishing = Finishing.of(top, top.design().finishing().panels(), widths);
        LengthWriter writer = top.design().system().writer();
        return new FinishingView(
                finishing
                        .binding()
                        .map(binding -> binding.strips() + " strips cut " + writer.writeWithUnit(binding.stripWidth()))
                        .orElse(""),
                finishing
                        .backing()
                        .map(backing -> (backing.panels() == 1 ? "1 panel" : backing.panels() + " panels") + " of "
                                + writer.writeWithUnit(backing.panelLength()))
                        .orElse(""),
                writer.write(finishing.backingWidth()) + " × " + writer.write(finishing.backingHeight()),
                finishing.workings(),
                finishing.problems());
    }
}
