package org.goldentally.core.yields;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
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
                        doesNotFit(piece, cut, settings),
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

    private static Problem doesNotFit(ClothPiece piece, CutPiece cut, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        Length longCut = Length.max(cut.size().width(), cut.size().height());
        Length shortCut = Length.min(cut.size().width(), cut.size().height());
        Length longSide = Length.max(piece.width(), piece.length());
        Length missing = Length.max(shortCut.minus(piece.shorterSide()), longCut.minus(longSide));
        String size = cut.size().isSquare()
                ? writer.writeWithUnit(longCut)
                : writer.write(shortCut) + " × " + writer.writeWithUnit(longCut);
        return new Problem(
                cut.clothLabel(),
                "the " + cut.name() + " is cut " + size + "; the " + piece.describe(settings.system()) + " is "
                        + writer.writeWithUnit(missing) + " too small",
                "take a larger piece or a smaller unit");
    }

    private List<Problem> hints(
            ClothPiece piece,
            PatchworkUnit unit,
            PiecingMethod method,
            SewingSettings settings,
            List<Part> parts,
            long unitsNow) {
        List<Problem> hints = new ArrayList<>();
        LengthWriter writer = settings.system().writer();
        Length room = UsualSizes.of(settings.system()).tightWithin();
        for (Part part : parts) {
            if (part.isTight(room)) {
                hints.add(new Problem(
                        part.cut().clothLabel(),
                        "tight fit: the cuts come closer than " + writer.writeWithUnit(room) + " to an edge that has"
                                + " still to be cut true"
                                + (piece.edge() == ClothPiece.Edge.PINKED ? ", since it is pinked" : ""),
                        "measure the piece before the first cut"));
                break;
            }
        }
        offTheRuler(unit, settings).ifPresent(hints::add);
        if (unitsNow == 0) {
            hints.add(new Problem(
                    "Whole sets",
                    "one such piece of each cloth does not make a whole set; it takes more than one of some",
                    "see below how many pieces a number of units takes"));
        }
        for (int marks = 1; marks <= MARKS_BELOW; marks++) {
            Length smaller = unit.namedSize().minus(settings.grid().steps(marks));
            if (!smaller.isPositive()) {
                break;
            }
            long units = units(piece, unit.resized(smaller), method, settings);
            if (units >= MANY_MORE * unitsNow && units > unitsNow) {
                hints.add(new Problem(
                        "A little less",
                        "at " + writer.writeWithUnit(smaller) + " finished you would get " + (units - unitsNow)
                                + " more",
                        "make the unit that size, if the quilt allows it"));
                break;
            }
        }
        return hints;
    }

    private static Optional<Problem> offTheRuler(PatchworkUnit unit, SewingSettings settings) {
        Length trimmed = settings.unfinished(unit.namedSize());
        if (unit.isTriangle() || trimmed.isOn(settings.grid())) {
            return Optional.empty();
        }
        LengthWriter writer = settings.system().writer();
        Length below = settings.finished(trimmed.roundedDownTo(settings.grid()));
        Length above = settings.finished(trimmed.roundedUpTo(settings.grid()));
        return Optional.of(new Problem(
                "Size",
                writer.writeWithUnit(trimmed) + " trimmed is not on a ruler with marks every "
                        + settings.grid().label(),
                "friendly finished sizes nearby are " + (below.isPositive() ? writer.write(below) + " and " : "")
                        + writer.writeWithUnit(above)));
    }
}
