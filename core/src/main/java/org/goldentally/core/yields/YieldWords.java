package org.goldentally.core.yields;

import java.util.Optional;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.cloth.UsualSizes;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.PatchworkUnit;

/** What is said of yields: what does not fit, and hints. */
final class YieldWords {

    private final SewingSettings settings;
    private final LengthWriter writer;

    YieldWords(SewingSettings settings) {
        this.settings = settings;
        this.writer = settings.system().writer();
    }

    /** What each edge needs that has still to be cut true. */
    Length room() {
        return UsualSizes.of(settings.system()).tightWithin();
    }

    Problem doesNotFit(ClothPiece piece, CutPiece cut) {
        Length longCut = Length.max(cut.size().width(), cut.size().height());
        Length shortCut = Length.min(cut.size().width(), cut.size().height());
        Length longSide = Length.max(piece.width(), piece.length());
        Length missing = Length.max(shortCut.minus(piece.shorterSide()), longCut.minus(longSide));
        String size = cut.size().isSquare()
                ? writer.writeWithUnit(longCut)
                : writer.write(shortCut) + " × " + writer.writeWithUnit(longCut);
        return new Problem(
                cut.clothLabel(),
                "the " + cut.name() + " is cut " + size + "; the piece (" + piece.describe(settings.system()) + ") is "
                        + writer.writeWithUnit(missing) + " too small",
                "take a larger piece or a smaller unit");
    }

    Problem tight(CutPiece cut, ClothPiece piece) {
        return new Problem(
                cut.clothLabel(),
                "tight fit: the cuts come closer than " + writer.writeWithUnit(room()) + " to an edge that has"
                        + " still to be cut true"
                        + (piece.edge() == ClothPiece.Edge.PINKED ? ", since it is pinked" : ""),
                "measure the piece before the first cut");
    }

    Problem noWholeSet() {
        return new Problem(
                "Whole sets",
                "one such piece of each fabric does not make a whole set; it takes more than one of some",
                "see below how many pieces a number of units takes");
    }

    Problem aLittleLess(Length smaller, long more) {
        return new Problem(
                "A little less",
                "at " + writer.writeWithUnit(smaller) + " finished you would get " + more + " more",
                "make the unit that size, if the quilt allows it");
    }

    Optional<Problem> offTheRuler(PatchworkUnit unit) {
        Length trimmed = settings.unfinished(unit.namedSize());
        if (unit.isTriangle() || trimmed.isOn(settings.grid())) {
            return Optional.empty();
        }
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
