package org.goldentally.core.sew;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.PartId;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.sew.Assembly.Box;
import org.goldentally.core.sew.Assembly.Part;
import org.goldentally.core.unit.PatchworkUnit;

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

    /** Lightness of what is not dressed. */
    private static final double MIDDLE = 50;

    /**
     * A piece at its place.
     *
     * @param what its unit, or the part of the top that it is
     * @param id of a part of the top; empty in a block
     * @param quarterTurns clockwise from how its card shows it
     */
    public record LaidPiece(
            int number,
            Box box,
            Polygon outline,
            String what,
            Optional<PartId> id,
            List<String> cloths,
            int quarterTurns,
            boolean mirrored) {

        LaidPiece numbered(int other) {
            return new LaidPiece(other, box, outline, what, id, cloths, quarterTurns, mirrored);
        }
    }

    /**
     * Of a block as it is sewn, before it is turned in the top.
     *
     * @param dressings of one block: the way of pressing suits all of them together
     * @param mirrored whether it is sewn as the mirror image of how it is designed
     */
    public static Layout of(List<Figure> dressings, boolean mirrored, ReadDesign design) {
        Figure first = dressings.getFirst();
        Placing seen = seen(first, mirrored);
        Map<Box, LaidPiece> byBox = new LinkedHashMap<>();
        List<Box> ofUnits = new ArrayList<>();
        for (FigureUnit unit : first.units()) {
            int turns = unit.place().quarterTurns();
            Polygon outline = seen.apply(unit.place().box());
            Box box = around(outline.corners());
            ofUnits.add(box);
            byBox.put(
                    box,
                    new LaidPiece(
                            0,
                            box,
                            outline,
                            unit.unit().name(),
                            Optional.empty(),
                            unit.cloths(),
                            Math.floorMod(mirrored ? -turns : turns, 4),
                            unit.isMirrored() != mirrored));
        }
        first.patches().stream()
                .filter(FigurePatch::isBlank)
                .map(patch -> seen.apply(patch.outline()))
                .forEach(outline -> {
                    Box box = around(outline.corners());
                    byBox.put(box, new LaidPiece(0, box, outline, "empty", Optional.empty(), List.of(), 0, false));
                });
        Map<Box, Double> lightness = lightness(dressings, ofUnits, design.typed());
        return of(byBox, part -> lightness(part, lightness), design, first.finishedWidth(), first.finishedHeight());
    }

    /** How a figure is seen from the right side when it is sewn. */
    public static Placing seen(Figure figure, boolean mirrored) {
        return Placing.turned(figure.finishedWidth(), figure.finishedHeight(), mirrored, 0, Length.ZERO, Length.ZERO);
    }

    /**
     * Of the top inside its borders, a block being one piece, turned so that its rows lie level. The corner triangles of
     * a top on point are not among its pieces: they are sewn on last.
     */
    static Optional<Layout> of(QuiltTop top, RowsFrame frame) {
        Map<Box, LaidPiece> byBox = new LinkedHashMap<>();
        for (TopPart part : top.parts()) {
            boolean last = part.figure().units().stream()
                    .anyMatch(unit -> unit.unit() instanceof PatchworkUnit.CornerSettingTriangle);
            if (!part.isOfBorder() && !last) {
                Polygon outline = frame.apply(outline(part));
                Box box = around(outline.corners());
                byBox.put(
                        box,
                        new LaidPiece(
                                0,
                                box,
                                outline,
                                part.name(),
                                Optional.of(part.id()),
                                List.of(),
                                frame.quarterTurns(part),
                                part.placing().mirrored()));
            }
        }
        // Blocks are neither light nor dark: rows take turns.
        return byBox.isEmpty()
                ? Optional.empty()
                : Optional.of(of(byBox, part -> 0, top.read(), top.centreWidth(), top.centreHeight()));
    }

    /** A part of one patch has its outline, any other its box. */
    private static Polygon outline(TopPart part) {
        Figure figure = part.figure();
        return figure.patches().size() == 1
                ? part.outlines().getFirst()
                : part.placing()
                        .apply(Polygon.rectangle(Point.ORIGIN, figure.finishedWidth(), figure.finishedHeight()));
    }

    private static Layout of(
            Map<Box, LaidPiece> byBox,
            ToDoubleFunction<Part> lightness,
            ReadDesign design,
            Length finishedWidth,
            Length finishedHeight) {
        Assembly assembly = Assembly.of(List.copyOf(byBox.keySet()));
        List<LaidPiece> pieces = new ArrayList<>();
        for (Box box : assembly.pieces()) {
            pieces.add(Known.of(byBox, box).numbered(pieces.size() + 1));
        }
        Length seams = design.sizes().settings().seamAllowance().times(2);
        return new Layout(
                assembly,
                List.copyOf(pieces),
                PressingMap.of(assembly, design.typed().plan().pressing(), lightness),
                finishedWidth.plus(seams),
                finishedHeight.plus(seams));
    }

    Layout pressed(PressingMap other) {
        return new Layout(assembly, pieces, other, unfinishedWidth, unfinishedHeight);
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

    /** Of each unit in its box, over all dressings, by area. */
    private static Map<Box, Double> lightness(List<Figure> dressings, List<Box> ofUnits, QuiltDesign design) {
        Map<String, Double> ofCloth = new LinkedHashMap<>();
        design.cloths().forEach(cloth -> ofCloth.put(cloth.key(), cloth.judgedLightness()));
        Map<Box, Double> sums = new LinkedHashMap<>();
        Map<Box, Double> areas = new LinkedHashMap<>();
        for (Figure figure : dressings) {
            for (FigurePatch patch : figure.patches()) {
                if (!patch.isBlank()) {
                    Box box = ofUnits.get(patch.unit());
                    double area = patch.outline().area().toDoubleSquareInches();
                    areas.merge(box, area, Double::sum);
                    sums.merge(box, area * ofCloth.getOrDefault(patch.cloth(), MIDDLE), Double::sum);
                }
            }
        }
        sums.replaceAll((box, sum) -> sum / Known.of(areas, box));
        return sums;
    }

    private static double lightness(Part part, Map<Box, Double> ofBox) {
        return switch (part) {
            case Assembly.Single single -> ofBox.getOrDefault(single.box(), MIDDLE);
            case Assembly.Joined joined ->
                joined.parts().stream()
                        .mapToDouble(each -> lightness(each, ofBox))
                        .average()
                        .orElse(MIDDLE);
            case Assembly.PartialSeams partial ->
                partial.parts().stream()
                        .mapToDouble(each -> lightness(each, ofBox))
                        .average()
                        .orElse(MIDDLE);
        };
    }
}
