package org.goldentally.app.top;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;

/**
 * The top to draw, to scale, in inches: shapes that are drawn once, figures that are shapes in cloths, and parts that show
 * a figure somewhere.
 *
 * @param shapes the outlines of a figure's patches as SVG points, in the figure's own box
 */
public record TopPictureView(
        double width, double height, List<OutlinesView> shapes, List<FigureView> figures, List<TopPartView> parts) {

    /**
     * Patches of a box.
     *
     * @param units along a strip of units, which of them each patch belongs to, from 0; empty for everything else
     */
    public record OutlinesView(double width, double height, List<String> patches, List<Integer> units) {}

    /**
     * A shape in cloths.
     *
     * @param cloths for each patch the place of its cloth among the quilt's cloths; -1 not dressed, -2 blank
     */
    public record FigureView(int shape, List<Integer> cloths) {}

    /**
     * Where a figure is shown.
     *
     * @param transform the six numbers of an SVG matrix
     */
    public record TopPartView(
            String id,
            TopPart.Kind kind,
            String where,
            String name,
            String blockKey,
            int row,
            int column,
            int quarterTurns,
            boolean mirrored,
            int figure,
            String transform) {}

    private static final int NOT_DRESSED = -1;
    private static final int BLANK = -2;

    /** The picture of a top, part by part. */
    public static TopPictureView of(QuiltTop top) {
        Map<String, Integer> clothPlaces = clothPlaces(top.design().cloths());
        Map<Polygon, Integer> shapeOf = new IdentityHashMap<>();
        Map<Figure, Integer> figureOf = new IdentityHashMap<>();
        List<OutlinesView> shapes = new ArrayList<>();
        List<FigureView> figures = new ArrayList<>();
        List<TopPartView> parts = new ArrayList<>();
        for (TopPart part : top.parts()) {
            int figure = figureOf.computeIfAbsent(part.figure(), each -> {
                // Figures in other cloths share the very outlines of the first.
                int shape = shapeOf.computeIfAbsent(each.patches().getFirst().outline(), any -> {
                    shapes.add(part.isRowOfUnits() ? strip(each) : shape(each));
                    return shapes.size() - 1;
                });
                figures.add(new FigureView(shape, cloths(each, clothPlaces)));
                return figures.size() - 1;
            });
            parts.add(new TopPartView(
                    part.id().text(),
                    part.kind(),
                    part.where(),
                    part.name(),
                    part.blockKey(),
                    part.row(),
                    part.column(),
                    part.placing().quarterTurns(),
                    part.placing().mirrored(),
                    figure,
                    SvgNumbers.matrix(part.placing())));
        }
        return new TopPictureView(
                top.finishedWidth().toDoubleInches(), top.finishedHeight().toDoubleInches(), shapes, figures, parts);
    }

    static Map<String, Integer> clothPlaces(List<ClothInHand> cloths) {
        Map<String, Integer> places = new HashMap<>();
        for (int i = 0; i < cloths.size(); i++) {
            places.putIfAbsent(cloths.get(i).key(), i);
        }
        return places;
    }

    static OutlinesView shape(Figure figure) {
        return outlines(figure, List.of());
    }

    private static OutlinesView strip(Figure figure) {
        return outlines(
                figure, figure.patches().stream().map(patch -> patch.part()).toList());
    }

    private static OutlinesView outlines(Figure figure, List<Integer> units) {
        return new OutlinesView(
                figure.finishedWidth().toDoubleInches(),
                figure.finishedHeight().toDoubleInches(),
                figure.patches().stream()
                        .map(patch -> SvgNumbers.points(patch.outline()))
                        .toList(),
                units);
    }

    static List<Integer> cloths(Figure figure, Map<String, Integer> clothPlaces) {
        return figure.patches().stream()
                .map(patch -> patch.isBlank() ? BLANK : clothPlaces.getOrDefault(patch.cloth(), NOT_DRESSED))
                .toList();
    }
}
