package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.geometry.Placing;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.Length;
import org.goldentally.core.problem.Known;
import org.goldentally.core.quilt.TopPart.Kind;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitDrawing;
import org.jspecify.annotations.Nullable;

/**
 * What a quilter looks for when stepping back from the wall.
 *
 * @param closePairs cloths that meet inside a unit and are so close in value that they read as one; of cloths whose
 *     colour is only guessed nothing is said
 * @param sharedCloths blocks side by side in which the same cloth, other than the background, meets itself
 * @param oddOnes blocks that stand otherwise than the pattern round them suggests
 * @param notJudged cloths of the top whose colour nobody has said yet, by their keys
 */
public record Judging(
        List<ClosePair> closePairs, List<SharedCloth> sharedCloths, List<OddOne> oddOnes, List<String> notJudged) {

    /**
     * Two cloths close in value.
     *
     * @param difference of their lightness, CIELAB L*
     * @param units in how many units they meet
     */
    public record ClosePair(String cloth, String other, double difference, long units, List<PartId> partIds) {}

    /** A cloth that meets itself across the seam between two blocks. */
    public record SharedCloth(String cloth, TopPart part, TopPart other) {}

    /** Looks a whole top over, also for the one place that is turned unlike its like. */
    public static Judging of(QuiltTop top) {
        return new Judging(closePairs(top), sharedCloths(top), OddOne.in(top), notJudged(top));
    }

    private static List<String> notJudged(QuiltTop top) {
        Set<String> used = new LinkedHashSet<>();
        Set<Figure> figures = Collections.newSetFromMap(new IdentityHashMap<>());
        top.parts().forEach(part -> figures.add(part.figure()));
        figures.forEach(figure -> figure.patches().forEach(patch -> used.add(patch.cloth())));
        return top.design().cloths().stream()
                .filter(cloth -> !cloth.canBeJudged() && !cloth.dealt() && used.contains(cloth.key()))
                .map(ClothInHand::key)
                .toList();
    }

    private static List<ClosePair> closePairs(QuiltTop top) {
        Map<String, Double> lightness = new HashMap<>();
        top.design().cloths().stream()
                .filter(ClothInHand::canBeJudged)
                .forEach(cloth -> lightness.putIfAbsent(cloth.key(), cloth.judgedLightness()));
        Map<PatchworkUnit, List<int[]>> meetings = new HashMap<>();
        Map<Figure, Map<List<String>, Integer>> perFigure = new IdentityHashMap<>();
        Map<List<String>, Long> units = new TreeMap<>(Comparator.comparing(List::toString));
        Map<List<String>, Set<PartId>> partIds = new HashMap<>();
        for (TopPart part : top.parts()) {
            Map<List<String>, Integer> pairs = perFigure.computeIfAbsent(
                    part.figure(),
                    figure -> closePairs(figure, lightness, top.design().closeInValue(), meetings));
            pairs.forEach((pair, count) -> {
                units.merge(pair, (long) count, Long::sum);
                partIds.computeIfAbsent(pair, any -> new LinkedHashSet<>()).add(part.id());
            });
        }
        List<ClosePair> close = new ArrayList<>();
        units.forEach((pair, count) -> close.add(new ClosePair(
                pair.get(0),
                pair.get(1),
                Math.abs(Known.of(lightness, pair.get(0)) - Known.of(lightness, pair.get(1))),
                count,
                List.copyOf(Known.of(partIds, pair)))));
        return close;
    }

    private static Map<List<String>, Integer> closePairs(
            Figure figure, Map<String, Double> lightness, int closeInValue, Map<PatchworkUnit, List<int[]>> meetings) {
        Map<List<String>, Integer> pairs = new LinkedHashMap<>();
        for (FigureUnit unit : figure.units()) {
            Set<List<String>> ofUnit = new LinkedHashSet<>();
            for (int[] pair : meetings.computeIfAbsent(unit.unit(), Judging::meetings)) {
                String a = unit.cloths().get(pair[0]);
                String b = unit.cloths().get(pair[1]);
                @Nullable Double lightA = lightness.get(a);
                @Nullable Double lightB = lightness.get(b);
                if (!a.equals(b) && lightA != null && lightB != null && Math.abs(lightA - lightB) < closeInValue) {
                    ofUnit.add(a.compareTo(b) < 0 ? List.of(a, b) : List.of(b, a));
                }
            }
            ofUnit.forEach(pair -> pairs.merge(pair, 1, Integer::sum));
        }
        return pairs;
    }

    /** Which patches of a unit share a seam. */
    private static List<int[]> meetings(PatchworkUnit unit) {
        List<UnitDrawing.UnitPatch> patches = UnitDrawing.of(unit);
        List<int[]> meetings = new ArrayList<>();
        for (int i = 0; i < patches.size(); i++) {
            for (int j = i + 1; j < patches.size(); j++) {
                if (Edge.share(patches.get(i).outline(), patches.get(j).outline())) {
                    meetings.add(new int[] {i, j});
                }
            }
        }
        return meetings;
    }

    /** An edge of a patch on the outline of a block, with the cloth along it. */
    private record OuterEdge(Edge edge, String cloth) {}

    /** The same of a block as it is turned, not yet moved to its place. */
    private record TurnedEdge(Edge.Reach reach, String cloth) {}

    /** The same where a block hangs. */
    private record PlacedEdge(TopPart part, String cloth, Length begin, Length end) {}

    private static List<SharedCloth> sharedCloths(QuiltTop top) {
        Set<String> background = new LinkedHashSet<>(Set.of(""));
        top.design().cloths().stream().filter(ClothInHand::background).forEach(cloth -> background.add(cloth.key()));
        Map<Figure, Map<Placing, List<TurnedEdge>>> turned = new IdentityHashMap<>();
        Map<Edge.OnLine, List<PlacedEdge>> byLine = new LinkedHashMap<>();
        for (TopPart part : top.parts()) {
            if (part.kind() != Kind.BLOCK && part.kind() != Kind.HALF_BLOCK) {
                continue;
            }
            Placing placing = part.placing();
            List<TurnedEdge> edges = turned.computeIfAbsent(part.figure(), any -> new HashMap<>())
                    .computeIfAbsent(placing.notMoved(), turning -> turned(part.figure(), turning, background));
            for (TurnedEdge each : edges) {
                Edge.Reach placed = each.reach.movedBy(placing.right(), placing.down());
                byLine.computeIfAbsent(placed.line(), any -> new ArrayList<>())
                        .add(new PlacedEdge(part, each.cloth, placed.begin(), placed.end()));
            }
        }
        Map<List<Object>, SharedCloth> shared = new LinkedHashMap<>();
        byLine.values().forEach(edges -> addShared(edges, shared));
        return List.copyOf(shared.values());
    }

    private static List<TurnedEdge> turned(Figure figure, Placing turning, Set<String> background) {
        return outerEdges(figure).stream()
                .filter(each -> !background.contains(each.cloth))
                .map(each -> new TurnedEdge(each.edge.placed(turning).reach(), each.cloth))
                .toList();
    }

    /** Along one line the edges are sorted by where they begin; only those that overlap are compared. */
    private static void addShared(List<PlacedEdge> edges, Map<List<Object>, SharedCloth> shared) {
        edges.sort(Comparator.comparing(PlacedEdge::begin));
        for (int i = 0; i < edges.size(); i++) {
            PlacedEdge edge = edges.get(i);
            for (int j = i + 1; j < edges.size() && !edges.get(j).begin.isAtLeast(edge.end); j++) {
                PlacedEdge other = edges.get(j);
                if (other.cloth.equals(edge.cloth) && !other.part.id().equals(edge.part.id())) {
                    shared.putIfAbsent(
                            List.of(edge.cloth, edge.part.id(), other.part.id()),
                            new SharedCloth(edge.cloth, edge.part, other.part));
                }
            }
        }
    }

    private static List<OuterEdge> outerEdges(Figure figure) {
        Length w = figure.finishedWidth();
        Length h = figure.finishedHeight();
        List<OuterEdge> edges = new ArrayList<>();
        for (Figure.FigurePatch patch : figure.patches()) {
            Polygon outline = patch.outline();
            for (int i = 0; i < outline.corners().size(); i++) {
                Point a = outline.corners().get(i);
                Point b = outline.corners().get((i + 1) % outline.corners().size());
                boolean left = a.x().isZero() && b.x().isZero();
                boolean right = a.x().equals(w) && b.x().equals(w);
                boolean top = a.y().isZero() && b.y().isZero();
                boolean bottom = a.y().equals(h) && b.y().equals(h);
                if (left || right || top || bottom) {
                    edges.add(new OuterEdge(new Edge(a, b), patch.cloth()));
                }
            }
        }
        return edges;
    }
}
