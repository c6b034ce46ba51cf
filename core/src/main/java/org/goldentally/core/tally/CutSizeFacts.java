package org.goldentally.core.tally;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.goldentally.core.account.ShelfPieces;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.PieceForm;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.CutSize;
import org.goldentally.core.making.UnitPlan;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.UnitSizes;

/**
 * What follows from how large the pieces of a group are cut.
 *
 * @param cut what it is, now and at the least
 * @param toTrim how much wider than trimmed the unit comes off the machine; none of what is not trimmed as a whole
 * @param ofStrip units that a strip across the usual width of cloth gives
 * @param asItComes larger and smaller precut squares on the shelf that would do without being cut
 * @param tightIn precut squares on the shelf that are larger by so little that both edges can hardly be cut true
 */
public record CutSizeFacts(
        Recipe.CutWithRoom cut, Optional<ToTrim> toTrim, long ofStrip, List<Length> asItComes, List<Length> tightIn) {

    /** A seam may wander by so much from one unit to the next (our own figure). */
    private static final Length WANDERING = Length.inches(0, 1, 16);

    /**
     * What trimming takes.
     *
     * @param raw the shorter side before trimming
     * @param width off the width
     * @param height off the height
     * @param little whether that is so little that a true seam is wanted
     */
    public record ToTrim(Length raw, Length width, Length height, boolean little) {}

    /** Empty where nothing is cut with room. */
    public static Optional<CutSizeFacts> of(UnitPlan way, Map<String, List<ShelfPieces>> shelf, MeasureSystem system) {
        return way.recipe()
                .cutWithRoom()
                .map(cut -> new CutSizeFacts(
                        cut,
                        toTrim(way),
                        ofStrip(way, cut, system),
                        asItComes(way, cut, shelf),
                        tightIn(way, cut, shelf, system)));
    }

    private static Optional<ToTrim> toTrim(UnitPlan way) {
        UnitSizes sizes = way.recipe().sizes();
        if (way.unit().isTriangle() || !sizes.needsTrimming()) {
            return Optional.empty();
        }
        Length width = sizes.rawWidth().minus(sizes.trimmedWidth());
        Length height = sizes.rawHeight().minus(sizes.trimmedHeight());
        return Optional.of(new ToTrim(
                Length.min(sizes.rawWidth(), sizes.rawHeight()),
                width,
                height,
                Length.min(width, height).isShorterThan(WANDERING)));
    }

    /** Of one cloth of the unit, the first; strips of a set are counted as they are. */
    private static long ofStrip(UnitPlan way, Recipe.CutWithRoom cut, MeasureSystem system) {
        boolean square = way.recipe().cuts().getFirst().size().isSquare();
        if (!square) {
            return way.recipe().unitsPerSet();
        }
        long pieces = UsualSizes.of(system).widthOfFabric().wholeTimes(cut.cut());
        int perSet = way.recipe().cuts().getFirst().perSet();
        return pieces * way.recipe().unitsPerSet() / perSet;
    }

    private static List<Length> asItComes(UnitPlan way, Recipe.CutWithRoom cut, Map<String, List<ShelfPieces>> shelf) {
        return squares(way, cut, shelf)
                .filter(side -> side.isAtLeast(cut.least())
                        && side.isShorterThan(cut.least().times(2))
                        && !side.equals(cut.cut()))
                .toList();
    }

    private static List<Length> tightIn(
            UnitPlan way, Recipe.CutWithRoom cut, Map<String, List<ShelfPieces>> shelf, MeasureSystem system) {
        Length room = UsualSizes.of(system).tightWithin();
        return squares(way, cut, shelf)
                .filter(side -> side.isLongerThan(cut.cut()) && room.isAtLeast(side.minus(cut.cut())))
                .toList();
    }

    /** Sides of the precut squares of its cloths, where it is made of squares of one size. */
    private static Stream<Length> squares(UnitPlan way, Recipe.CutWithRoom cut, Map<String, List<ShelfPieces>> shelf) {
        boolean ofSquares = way.recipe().cuts().getFirst().size().equals(CutSize.square(cut.cut()));
        return !ofSquares
                ? Stream.empty()
                : way.cloths().stream()
                        .flatMap(cloth -> shelf.getOrDefault(cloth, List.of()).stream())
                        .map(ShelfPieces::piece)
                        .filter(piece -> piece.form() == PieceForm.SQUARE)
                        .map(ClothPiece::shorterSide)
                        .distinct()
                        .sorted();
    }
}
