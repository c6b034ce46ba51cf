package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfCloth;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.meaning.ReadDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.MethodId;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.UnitKind;

/**
 * Sizes of a cell that precut squares and strips give with next to nothing cut off (common practice, no source; geometry of the cut
 * sizes): squares of 10 in make half-square triangles of 6 in finished four at a time and of 4 in eight at a time, squares of
 * 5 in make 4 in two at a time and hourglasses of 3 1/2 in, strips of 2 1/2 in make plain squares of 2 in.
 */
record PrecutSizes(SewingSettings settings, Length squaringUp, MeasureSystem system) {

    /** A unit whose squares leave more of a precut than this is not made for it (our own limit). */
    private static final Length MOST_CUT_OFF = Length.inches(1, 1, 8);

    /** Less of a piece than this in squares is not worth a size of its own. */
    private static final double WELL_FILLED = 0.85;

    /** As wide as the widest usual fabric; what is longer is no short length. */
    private static final Length LONGEST_SHORT = Length.inches(45);

    private static final int FEWEST_SHORT = 3;
    private static final int MOST_SIZES = 3;
    private static final int MOST_HALVES = 40;

    private static final List<MethodId> OF_HALF_SQUARES =
            List.of(MethodId.FOUR_AT_A_TIME, MethodId.EIGHT_AT_A_TIME, MethodId.TWO_AT_A_TIME);

    private static final Set<PieceForm> PRECUTS = Set.of(PieceForm.SQUARE, PieceForm.STRIP);

    static PrecutSizes in(MeasureSystem system) {
        ReadDesign usual = ReadDesign.of(QuiltDesign.first(system));
        return new PrecutSizes(usual.sizes().settings(), usual.work().squaringUp(), system);
    }

    /** Sizes of a cell of this block, from what there is most of; the block about as large as is usual comes first. */
    List<Length> of(Block block, List<ShelfCloth> cloths, Length usualBlock) {
        int across = Math.max(block.across(), block.down());
        Set<Length> sizes = new LinkedHashSet<>();
        List<PiecingMethod> methods = methods(block);
        for (Length precut : precuts(cloths)) {
            List<Length> cells = methods.isEmpty()
                    ? largest(precut, this::cutPlain)
                    : methods.stream()
                            .flatMap(method -> largest(precut, finished -> cut(method, finished)).stream())
                            .toList();
            cells.stream()
                    .filter(cell -> !cell.times(across).isLongerThan(usualBlock.times(2)))
                    .forEach(sizes::add);
        }
        List<Length> ofPrecuts = sizes.stream()
                .sorted(Comparator.comparing(cell -> cell.times(across).apartFrom(usualBlock)))
                .limit(MOST_SIZES)
                .toList();
        return Stream.concat(ofPrecuts.stream(), ofShortLengths(methods, across, cloths, usualBlock).stream())
                .distinct()
                .toList();
    }

    /** Sizes whose squares fill most of the commonest fat quarter or short length, the fullest first. */
    private List<Length> ofShortLengths(
            List<PiecingMethod> methods, int across, List<ShelfCloth> cloths, Length usualBlock) {
        Map<ClothPiece, Integer> counts = new LinkedHashMap<>();
        cloths.stream()
                .flatMap(cloth -> cloth.pieces().stream())
                .filter(pieces -> !PRECUTS.contains(pieces.piece().form()) && isShort(pieces.piece()))
                .forEach(pieces -> counts.merge(pieces.piece(), pieces.count(), Integer::sum));
        Optional<ClothPiece> commonest = counts.entrySet().stream()
                .filter(each -> each.getValue() >= FEWEST_SHORT)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
        Length half = system == MeasureSystem.INCH ? system.one().dividedBy(2) : system.one();
        return commonest.stream()
                .flatMap(piece -> IntStream.rangeClosed(2, MOST_HALVES)
                        .mapToObj(half::times)
                        .filter(cell -> isUsual(cell.times(across), usualBlock))
                        .filter(cell -> filled(piece, methods, cell) >= WELL_FILLED)
                        .sorted(Comparator.comparingDouble((Length cell) -> -filled(piece, methods, cell)))
                        .limit(MOST_SIZES))
                .toList();
    }

    private static boolean isShort(ClothPiece piece) {
        return !Length.max(piece.width(), piece.length()).isLongerThan(LONGEST_SHORT)
                && !Length.min(piece.width(), piece.length()).isLongerThan(Length.inches(36));
    }

    /** Between two thirds and half as much again. */
    private static boolean isUsual(Length block, Length usual) {
        return !block.times(3).isShorterThan(usual.times(2)) && !block.times(2).isLongerThan(usual.times(3));
    }

    /** How much of a piece, squared up at one end, is in rows of the squares for such a cell; of several methods on the average. */
    private double filled(ClothPiece piece, List<PiecingMethod> methods, Length cell) {
        return Stream.concat(
                        methods.stream()
                                .filter(method -> method.id() != MethodId.EIGHT_AT_A_TIME)
                                .map(method -> cut(method, cell)),
                        Stream.of(cutPlain(cell)).filter(any -> methods.isEmpty()))
                .mapToDouble(cut -> filled(piece, cut))
                .average()
                .orElse(0);
    }

    private double filled(ClothPiece piece, Length cut) {
        Length along = piece.length().minus(squaringUp);
        long squares =
                along.isPositive() ? along.wholeTimes(cut) * piece.width().wholeTimes(cut) : 0;
        return squares * cut.times(cut).toDoubleSquareInches() / piece.area().toDoubleSquareInches();
    }

    /** Sides of precut squares and widths of precut strips, those with most of them first. */
    private static List<Length> precuts(List<ShelfCloth> cloths) {
        Map<Length, Integer> counts = new LinkedHashMap<>();
        cloths.stream()
                .flatMap(cloth -> cloth.pieces().stream())
                .filter(pieces -> PRECUTS.contains(pieces.piece().form()))
                .forEach(pieces -> counts.merge(pieces.piece().shorterSide(), pieces.count(), Integer::sum));
        return counts.entrySet().stream()
                .sorted(Map.Entry.<Length, Integer>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    private static List<PiecingMethod> methods(Block block) {
        Set<UnitKind> kinds = new LinkedHashSet<>();
        TraditionalBlocks.withSmaller(block)
                .forEach(each ->
                        each.parts().forEach(part -> kinds.add(part.unit().kind())));
        List<PiecingMethod> methods = new ArrayList<>();
        if (kinds.contains(UnitKind.HALF_SQUARE)) {
            OF_HALF_SQUARES.forEach(id -> methods.add(Methods.of(id)));
        }
        if (kinds.contains(UnitKind.HOURGLASS)) {
            methods.add(Methods.of(MethodId.CROSSED_PAIRS));
        }
        return methods;
    }

    /** The largest finished size, on half inches or whole centimetres, whose squares come of this one. */
    private List<Length> largest(Length square, UnaryOperator<Length> cutSize) {
        for (int half = MOST_HALVES; half >= 2; half--) {
            Length finished = system == MeasureSystem.INCH
                    ? system.one().times(half).dividedBy(2)
                    : system.one().times(half);
            Length cut = cutSize.apply(finished);
            if (!cut.isLongerThan(square)) {
                return square.minus(cut).isLongerThan(MOST_CUT_OFF) ? List.of() : List.of(finished);
            }
        }
        return List.of();
    }

    private Length cutPlain(Length finished) {
        return finished.plus(settings.seamAllowance().times(2));
    }

    private Length cut(PiecingMethod method, Length finished) {
        PatchworkUnit unit = method.id() == MethodId.CROSSED_PAIRS
                ? new QuarterSquareTriangleUnit(finished, 2)
                : new HalfSquareTriangleUnit(finished);
        try {
            Recipe recipe = method.recipe(unit, settings, ClothPiece.square(finished.times(4)));
            return recipe.cuts().getFirst().shorterSide();
        } catch (RefusedException noSuchSize) {
            return finished.times(4);
        }
    }
}
