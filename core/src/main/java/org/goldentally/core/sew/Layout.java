package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.design.SettingDesign;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.Judging;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Assembly.Box;
import org.goldentally.core.sew.Assembly.Part;

/**
 * A block, or the top, laid out for sewing: numbered pieces, how each is turned, how they are joined and pressed.
 *
 * @param pieces in the order of their numbers
 * @param unfinishedWidth what it measures when joined, raw edges all round
 */
public record Layout(
        Assembly assembly,
        List<LaidPiece> pieces,
        PressingMap pressing,
        Length unfinishedWidth,
        Length unfinishedHeight) {

    /**
     * A piece at its place.
     *
     * @param what its unit
     * @param quarterTurns clockwise from how its card shows it
     */
    public record LaidPiece(
            int number, Box box, String what, List<String> cloths, int quarterTurns, boolean mirrored) {}

    /** Of a block as it is designed, before it is turned in the top. */
    public static Layout of(Figure figure, QuiltDesign design) {
        List<Box> boxes = new ArrayList<>();
        Map<Box, LaidPiece> byBox = new LinkedHashMap<>();
        for (FigureUnit unit : figure.units()) {
            Box box = around(unit.place().box().corners());
            boxes.add(box);
            byBox.put(
                    box,
                    new LaidPiece(
                            0,
                            box,
                            unit.unit().name(),
                            unit.cloths(),
                            unit.place().quarterTurns(),
                            unit.isMirrored()));
        }
        figure.patches().stream()
                .filter(FigurePatch::isBlank)
                .map(patch -> around(patch.outline().corners()))
                .forEach(box -> {
                    boxes.add(box);
                    byBox.put(box, new LaidPiece(0, box, "empty", List.of(), 0, false));
                });
        Assembly assembly = Assembly.of(boxes);
        Map<Box, Double> lightness = lightness(figure, boxes, design);
        PressingMap pressing = PressingMap.of(assembly, design.plan().pressing(), part -> lightness(part, lightness));
        List<LaidPiece> pieces = new ArrayList<>();
        for (int i = 0; i < assembly.pieces().size(); i++) {
            LaidPiece piece = byBox.get(assembly.pieces().get(i));
            pieces.add(new LaidPiece(
                    i + 1, piece.box(), piece.what(), piece.cloths(), piece.quarterTurns(), piece.mirrored()));
        }
        Length seams = design.settings().seamAllowance().times(2);
        return new Layout(
                assembly,
                pieces,
                pressing,
                figure.finishedWidth().plus(seams),
                figure.finishedHeight().plus(seams));
    }

    /**
     * Of the top inside its borders, a block being one piece; empty where blocks stand on their corners, since their rows
     * run on the diagonal.
     */
    public static Optional<Layout> of(QuiltTop top) {
        QuiltDesign design = top.design();
        List<TopPart> inner = top.parts().stream()
                .filter(part -> !part.id().startsWith("border-"))
                .toList();
        if (design.setting().kind() == SettingDesign.Kind.ON_POINT || inner.isEmpty()) {
            return Optional.empty();
        }
        Map<Box, TopPart> byBox = new LinkedHashMap<>();
        inner.forEach(part -> byBox.put(
                around(part.placing()
                        .apply(Polygon.rectangle(
                                Point.ORIGIN,
                                part.figure().finishedWidth(),
                                part.figure().finishedHeight()))
                        .corners()),
                part));
        Assembly assembly = Assembly.of(List.copyOf(byBox.keySet()));
        List<LaidPiece> pieces = new ArrayList<>();
        for (int i = 0; i < assembly.pieces().size(); i++) {
            TopPart part = byBox.get(assembly.pieces().get(i));
            pieces.add(new LaidPiece(
                    i + 1,
                    assembly.pieces().get(i),
                    part.name(),
                    List.of(),
                    part.placing().quarterTurns(),
                    part.placing().mirrored()));
        }
        // Blocks are neither light nor dark: rows take turns.
        PressingMap pressing = PressingMap.of(assembly, design.plan().pressing(), part -> 0);
        Length seams = design.settings().seamAllowance().times(2);
        return Optional.of(new Layout(
                assembly,
                pieces,
                pressing,
                top.centreWidth().plus(seams),
                top.centreHeight().plus(seams)));
    }

    /** The least upright box round these points. */
    public static Box around(List<Point> corners) {
        Length left = corners.getFirst().x();
        Length top = corners.getFirst().y();
        Length right = left;
        Length bottom = top;
        for (Point corner : corners) {
            left = Length.min(left, corner.x());
            top = Length.min(top, corner.y());
            right = Length.max(right, corner.x());
            bottom = Length.max(bottom, corner.y());
        }
        return new Box(left, top, right, bottom);
    }

    private static Map<Box, Double> lightness(Figure figure, List<Box> boxes, QuiltDesign design) {
        Map<String, Double> ofCloth = new LinkedHashMap<>();
        design.cloths().forEach(cloth -> ofCloth.put(cloth.key(), Judging.lightness(cloth)));
        Map<Box, Double> lightness = new LinkedHashMap<>();
        for (Box box : boxes) {
            double sum = 0;
            double area = 0;
            for (FigurePatch patch : figure.patches()) {
                Box of = around(patch.outline().corners());
                boolean inside = of.left().isAtLeast(box.left())
                        && of.top().isAtLeast(box.top())
                        && box.right().isAtLeast(of.right())
                        && box.bottom().isAtLeast(of.bottom());
                if (inside) {
                    double patchArea = patch.outline().area().toDoubleSquareInches();
                    sum += patchArea * ofCloth.getOrDefault(patch.cloth(), 50.0);
                    area += patchArea;
                }
            }
            lightness.put(box, area == 0 ? 50 : sum / area);
        }
        return lightness;
    }

    private static double lightness(Part part, Map<Box, Double> ofBox) {
        return switch (part) {
            case Assembly.Single single -> ofBox.getOrDefault(single.box(), 50.0);
            case Assembly.Joined joined ->
                joined.parts().stream()
                        .mapToDouble(each -> lightness(each, ofBox))
                        .average()
                        .orElse(50);
            case Assembly.PartialSeams partial ->
                partial.parts().stream()
                        .mapToDouble(each -> lightness(each, ofBox))
                        .average()
                        .orElse(50);
        };
    }
}
