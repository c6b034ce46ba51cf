package org.goldentally.core.yields;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.Methods;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.yields.MethodAnswer.Impossible;
import org.goldentally.core.yields.MethodAnswer.Part;
import org.goldentally.core.yields.MethodAnswer.Possible;

/**
 * Answers what a piece of cloth gives: {@code engine.ask(tenInchSquare, threeInchHalfSquare, settings)} has an answer
 * for every method that makes the unit.
 *
 * <ol>
 *   <li>The method says what one set takes.
 *   <li>Each part's pieces are laid on the cloth; the part that serves fewest sets decides.
 *   <li>Where a part does not fit at all, the shortfall is named and the largest size is sought that does.
 *   <li>Where it fits, a look at slightly smaller sizes tells whether one of them would give many more.
 * </ol>
 */
public final class YieldEngine {

    /** A smaller size is worth a hint if it gives a quarter more units (our own limit). */
    private static final double MANY_MORE = 1.25;

    /** How many marks of the ruler below the asked size are looked at for a hint (our own limit). */
    private static final int MARKS_BELOW = 4;

    /** Smaller units are seldom sewn: 1/2 in finished (our own limit, for lists of sizes only). */
    private static final Length SMALLEST = Length.inches(0, 1, 2);

    /** Every method that makes the unit, in their usual order. */
    public List<MethodAnswer> ask(ClothPiece piece, PatchworkUnit unit, SewingSettings settings) {
        List<MethodAnswer> answers = new ArrayList<>();
        for (PiecingMethod method : Methods.making(unit)) {
            answers.add(ask(piece, unit, method, settings));
        }
        return answers;
    }

    /** What one method makes of a piece of cloth. */
    public MethodAnswer ask(ClothPiece piece, PatchworkUnit unit, PiecingMethod method, SewingSettings settings) {
        Recipe recipe = method.recipe(unit, settings, piece);
        List<Part> parts = new ArrayList<>();
        long sets = Long.MAX_VALUE;
        for (CutPiece cut : recipe.cuts()) {
            PieceLayout layout = PieceLayout.of(piece, cut.size());
            long ofThisPart = layout.count() / cut.perSet();
            if (layout.blocks().isEmpty()) {
                return new Impossible(
                        method,
                        recipe,
                        new YieldWords(settings).doesNotFit(piece, cut),
                        largestNamedSize(piece, unit, method, settings));
            }
            parts.add(new Part(cut, layout, ofThisPart));
            sets = Math.min(sets, ofThisPart);
        }
        return new Possible(
                method,
                recipe,
                List.copyOf(parts),
                sets,
                hints(piece, unit, method, settings, parts, sets * recipe.unitsPerSet()));
    }

    /** Units from one such piece of every cloth, without laying them out: 0 where it cannot be done. */
    public long units(ClothPiece piece, PatchworkUnit unit, PiecingMethod method, SewingSettings settings) {
        Recipe recipe = method.recipe(unit, settings, piece);
        long sets = Long.MAX_VALUE;
        for (CutPiece cut : recipe.cuts()) {
            sets = Math.min(sets, PieceLayout.capacity(piece, cut.size()) / cut.perSet());
        }
        return sets * recipe.unitsPerSet();
    }

    /**
     * The largest size on the ruler's grid for which the piece gives anything: a 10 in square eight at a time in the trim
     * school gives 4 in finished. Found by halving, since a larger unit never wants a smaller piece.
     */
    public Optional<Length> largestNamedSize(
            ClothPiece piece, PatchworkUnit unit, PiecingMethod method, SewingSettings settings) {
        long low = 0;
        long high = settings.grid().stepsIn(piece.width().plus(piece.length())) + 1;
        while (high - low > 1) {
            long middle = (low + high) / 2;
            if (fits(piece, unit.resized(settings.grid().steps(middle)), method, settings)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low == 0 ? Optional.empty() : Optional.of(settings.grid().steps(low));
    }

    /** The finished sizes on the ruler's grid from 1/2 in on: 1/2, 5/8, 3/4 and so on. */
    public List<Length> sizesUpTo(Length largest, SewingSettings settings) {
        List<Length> sizes = new ArrayList<>();
        Length step = settings.grid().step();
        for (Length size = SMALLEST.roundedUpTo(settings.grid()); largest.isAtLeast(size); size = size.plus(step)) {
            sizes.add(size);
        }
        return sizes;
    }

    private static boolean fits(ClothPiece piece, PatchworkUnit unit, PiecingMethod method, SewingSettings settings) {
        for (CutPiece cut : method.recipe(unit, settings, piece).cuts()) {
            if (PieceLayout.capacity(piece, cut.size()) == 0) {
                return false;
            }
        }
        return true;
    }

    private List<Problem> hints(
            ClothPiece piece,
            PatchworkUnit unit,
            PiecingMethod method,
            SewingSettings settings,
            List<Part> parts,
            long unitsNow) {
        YieldWords words = new YieldWords(settings);
        List<Problem> hints = new ArrayList<>();
        parts.stream()
                .filter(part -> part.isTight(words.room()))
                .findFirst()
                .ifPresent(part -> hints.add(words.tight(part.cut(), piece)));
        words.offTheRuler(unit).ifPresent(hints::add);
        if (unitsNow == 0) {
            hints.add(words.noWholeSet());
        }
        manyMore(piece, unit, method, settings, unitsNow).ifPresent(hints::add);
        return hints;
    }

    /** The first size below that gives many more. */
    private Optional<Problem> manyMore(
            ClothPiece piece, PatchworkUnit unit, PiecingMethod method, SewingSettings settings, long unitsNow) {
        for (int marks = 1; marks <= MARKS_BELOW; marks++) {
            Length smaller = unit.namedSize().minus(settings.grid().steps(marks));
            if (!smaller.isPositive()) {
                break;
            }
            long units = units(piece, unit.resized(smaller), method, settings);
            if (units >= MANY_MORE * unitsNow && units > unitsNow) {
                return Optional.of(new YieldWords(settings).aLittleLess(smaller, units - unitsNow));
            }
        }
        return Optional.empty();
    }
}
