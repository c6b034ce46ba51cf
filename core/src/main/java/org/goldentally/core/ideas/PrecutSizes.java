package org.goldentally.core.ideas;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
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
record PrecutSizes(SewingSettings settings, MeasureSystem system) {

    /** A unit whose squares leave more of a precut than this is not made for it (our own limit). */
    private static final Length MOST_CUT_OFF = Length.inches(1, 1, 8);

    private static final int MOST_SIZES = 3;
    private static final int MOST_HALVES = 40;

    private static final List<MethodId> OF_HALF_SQUARES =
            List.of(MethodId.FOUR_AT_A_TIME, MethodId.EIGHT_AT_A_TIME, MethodId.TWO_AT_A_TIME);

    private static final Set<PieceForm> PRECUTS = Set.of(PieceForm.SQUARE, PieceForm.STRIP);

    static PrecutSizes in(MeasureSystem system) {
        return new PrecutSizes(ReadDesign.of(QuiltDesign.first(system)).sizes().settings(), system);
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
        return sizes.stream()
                .sorted(Comparator.comparing(cell -> cell.times(across).apartFrom(usualBlock)))
                .limit(MOST_SIZES)
                .toList();
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
