package org.goldentally.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToIntFunction;
import org.goldentally.core.making.SegmentSets.Segments;
import org.goldentally.core.making.Trails.Line;
import org.goldentally.core.making.Trails.Trail;
import org.goldentally.core.making.TriangleSets.Kind;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.Chain;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.StripSetCut;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.problem.Known;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/**
 * Groups of units that come from the same sets: chains through many cloths, segments of several lengths from strip sets of
 * the same strips, the two kinds of strip-set triangles.
 */
final class SharedSets {

    /** Groups that share their sets. */
    record Family(PiecingMethod method, Object what) {}

    /** Units of two cloths in a chain or ring by themselves. */
    private record Chained(boolean closed, long units) {}

    private static final String ONE = "one";
    private static final String OTHER = "other";

    private final BiFunction<Wanted, PiecingMethod, Recipe> recipes;
    private final ToIntFunction<Recipe> trianglesASet;
    private final int mostSquaresAChain;
    private final Map<Chained, Map<String, Long>> ofTwoCloths = new HashMap<>();
    private final Map<Family, List<Wanted>> families = new LinkedHashMap<>();

    SharedSets(
            BiFunction<Wanted, PiecingMethod, Recipe> recipes,
            ToIntFunction<Recipe> trianglesASet,
            int mostSquaresAChain) {
        this.recipes = recipes;
        this.trianglesASet = trianglesASet;
        this.mostSquaresAChain = mostSquaresAChain;
    }

    static boolean shares(PiecingMethod method) {
        return method instanceof Chain || method instanceof StripSetCut || method instanceof StripSetTriangles;
    }

    void add(Wanted units, PiecingMethod method) {
        families.computeIfAbsent(family(units, method), any -> new ArrayList<>())
                .add(units);
    }

    void remove(Wanted units, PiecingMethod method) {
        Family family = family(units, method);
        Optional.ofNullable(families.get(family)).ifPresent(members -> members.remove(units));
    }

    Map<Family, List<Wanted>> families() {
        return families;
    }

    List<Wanted> others(Wanted units, PiecingMethod method) {
        return families.getOrDefault(family(units, method), List.of()).stream()
                .filter(other -> !other.equals(units))
                .toList();
    }

    private Family family(Wanted units, PiecingMethod method) {
        List<String> cloths = units.key().cloths();
        return switch (units.key().unit()) {
            case StripSetSegment segment -> new Family(method, List.of(segment.namedSize(), segment.strips(), cloths));
            case StripSetTriangleUnit triangles ->
                new Family(
                        method,
                        List.of(
                                triangles,
                                cloths.stream().sorted().distinct().toList(),
                                recipes.apply(units, method).cuts()));
            default ->
                new Family(
                        method,
                        List.of(units.key().unit(), recipes.apply(units, method).cuts()));
        };
    }

    /** Pieces that all of these take beyond what the others take. */
    List<ClothCut> more(PiecingMethod method, List<Wanted> others, List<Wanted> all, Wanted units) {
        boolean joinsChains = method instanceof Chain && !others.isEmpty();
        Map<CutOfCloth, Long> now = joinsChains ? halfTheTriangles(method, others) : pieces(method, others);
        List<ClothCut> more = new ArrayList<>();
        (joinsChains ? halfTheTriangles(method, all) : pieces(method, all)).forEach((cut, count) -> {
            long added = count - now.getOrDefault(cut, 0L);
            if (added > 0) {
                more.add(new ClothCut(
                        cut.cloth(),
                        cut.piece().size(),
                        cut.piece().name(),
                        added,
                        new Use.ForUnits(units.key()),
                        units.label()));
            }
        });
        return more;
    }

    /** The least squares that chains of any length take; what one group adds to others is told by it. */
    private Map<CutOfCloth, Long> halfTheTriangles(PiecingMethod method, List<Wanted> members) {
        CutPiece square = recipes.apply(members.getFirst(), method).cuts().getFirst();
        Map<String, Long> triangles = new LinkedHashMap<>();
        members.forEach(units -> units.key().cloths().forEach(cloth -> triangles.merge(cloth, units.all(), Long::sum)));
        Map<CutOfCloth, Long> squares = new LinkedHashMap<>();
        triangles.forEach((cloth, count) -> squares.put(new CutOfCloth(cloth, square), Math.ceilDiv(count, 2)));
        return squares;
    }

    /** A piece and the cloth it is cut of. */
    record CutOfCloth(String cloth, CutPiece piece) {}

    Map<CutOfCloth, Long> pieces(PiecingMethod method, List<Wanted> members) {
        Map<CutOfCloth, Long> pieces = new LinkedHashMap<>();
        if (members.isEmpty()) {
            return pieces;
        }
        Wanted first = members.getFirst();
        Recipe recipe = recipes.apply(first, method);
        switch (method) {
            case Chain chain -> {
                CutPiece square = recipe.cuts().getFirst();
                squares(chain, members).forEach((cloth, count) -> pieces.put(new CutOfCloth(cloth, square), count));
            }
            case StripSetCut segments ->
                longest(members)
                        .cuts()
                        .forEach(cut -> pieces.merge(
                                strip(first, cut), (long) ends(members).size() * cut.perSet(), Long::sum));
            case StripSetTriangles triangles ->
                recipe.cuts()
                        .forEach(cut -> pieces.put(
                                strip(first, cut), triangleSets(members).sets()));
            default -> throw new IllegalStateException(method + " shares no sets");
        }
        return pieces;
    }

    private Map<String, Long> squares(Chain chain, List<Wanted> members) {
        Line line = line(members.getFirst());
        if (members.size() > 1 || line.one().equals(line.other())) {
            return squares(trails(chain, members));
        }
        // Many groups are of two cloths each and as large as others; what a chain takes does not depend on which
        // cloths.
        Map<String, Long> likeIt = ofTwoCloths.computeIfAbsent(
                new Chained(chain.isClosed(), line.count()),
                any -> squares(Trails.through(
                        List.of(new Line(ONE, OTHER, line.count())), chain.isClosed(), mostSquaresAChain)));
        Map<String, Long> squares = new LinkedHashMap<>();
        squares.put(line.one(), Known.of(likeIt, ONE));
        squares.put(line.other(), Known.of(likeIt, OTHER));
        return squares;
    }

    private static Map<String, Long> squares(List<Trail> trails) {
        Map<String, Long> squares = new LinkedHashMap<>();
        trails.forEach(trail -> trail.squares().forEach(cloth -> squares.merge(cloth, 1L, Long::sum)));
        return squares;
    }

    private static CutOfCloth strip(Wanted units, CutPiece cut) {
        return new CutOfCloth(units.cloth(cut.role()), cut);
    }

    /** The chains through all units of these groups. */
    List<Trail> trails(Chain chain, List<Wanted> members) {
        return Trails.through(members.stream().map(SharedSets::line).toList(), chain.isClosed(), mostSquaresAChain);
    }

    private static Line line(Wanted units) {
        return new Line(units.cloth(ClothRole.A), units.cloth(ClothRole.B), units.all());
    }

    /** What is left of each strip set that these segments are cut from. */
    List<Length> ends(List<Wanted> members) {
        List<Segments> segments = members.stream()
                .map(units -> new Segments(segment(units).sizes().rawWidth(), units.all()))
                .toList();
        return SegmentSets.ends(segments, stripLength(longest(members)));
    }

    private Recipe segment(Wanted units) {
        return recipes.apply(units, Methods.of(MethodId.STRIP_SET_SEGMENTS));
    }

    /** The strips are as long as the cloth is wide, or as the longest segment. */
    private Recipe longest(List<Wanted> members) {
        return members.stream()
                .map(this::segment)
                .max(Comparator.comparing(SharedSets::stripLength))
                .orElseThrow();
    }

    private static Length stripLength(Recipe recipe) {
        return recipe.cuts().getFirst().size().width();
    }

    /** The strip sets for all triangles of both kinds. */
    TriangleSets triangleSets(List<Wanted> members) {
        Wanted any = members.getFirst();
        List<String> first = any.key().cloths();
        String ofStrip = any.cloth(ClothRole.A);
        List<String> second = first.stream()
                .map(cloth -> cloth.equals(ofStrip) ? any.cloth(ClothRole.B) : ofStrip)
                .toList();
        return TriangleSets.least(
                trianglesASet.applyAsInt(recipes.apply(any, Methods.of(MethodId.STRIP_SET_TRIANGLES))),
                new Kind(first, wanted(members, first)),
                new Kind(second, wanted(members, second)));
    }

    private static long wanted(List<Wanted> members, List<String> cloths) {
        return members.stream()
                .filter(units -> units.key().cloths().equals(cloths))
                .mapToLong(Wanted::all)
                .sum();
    }
}
