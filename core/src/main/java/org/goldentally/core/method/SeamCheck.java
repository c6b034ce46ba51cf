package org.goldentally.core.method;

import org.goldentally.core.formula.Expression;
import org.goldentally.core.formula.Figures;
import org.goldentally.core.formula.Formula;
import org.goldentally.core.formula.Input;
import org.goldentally.core.formula.Working;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Reading;

/**
 * The seam really sewn, from a test piece: cut pieces of one width sewn side by side, pressed, and measured across. Two
 * 2 1/2 in squares that measure 4 1/2 in were sewn with exactly 1/4 in.
 *
 * <p>Of n pieces of width w, n − 1 seams take twice the seam each: {@code seam = (n·w − measured) / (2(n − 1))}
 * (geometry).
 */
public record SeamCheck(TestPiece testPiece, Length cutWidth, Length measured) {

    /** What was sewn together. */
    public enum TestPiece {
        TWO_SQUARES(2),
        THREE_STRIPS(3);

        private final int pieces;
        private final Formula seam;

        TestPiece(int pieces) {
            this.pieces = pieces;
            this.seam = Formula.exact(
                    "seam of a test piece of " + pieces + " pieces",
                    Expression.figure(Input.CUT)
                            .times(pieces)
                            .minus(Expression.figure(Input.MEASURED))
                            .dividedBy(2 * (pieces - 1)));
        }

        /** What the seam is, from the cut width of the pieces and what they measure together. */
        public Formula seam() {
            return seam;
        }
    }

    /** Reads what was typed; a test piece wider than its parts, or narrower than can be, is refused. */
    public static Reading<SeamCheck> read(TestPiece testPiece, String cutWidth, String measured, MeasureSystem system) {
        return LengthReader.readPositive("Test piece, cut width", cutWidth, system)
                .then(width -> LengthReader.readPositive("Test piece, measured", measured, system)
                        .then(across -> check(new SeamCheck(testPiece, width, across), system)));
    }

    private static Reading<SeamCheck> check(SeamCheck check, MeasureSystem system) {
        LengthWriter writer = system.writer();
        Length together = check.cutWidth.times(check.testPiece.pieces);
        if (!check.seam().isPositive()) {
            return Reading.refused(
                    "Test piece, measured",
                    writer.writeWithUnit(check.measured) + " is not less than the pieces side by side, "
                            + writer.writeWithUnit(together),
                    "measure across the seams, from raw edge to raw edge");
        }
        if (check.seam().isAtLeast(check.cutWidth.dividedBy(2))) {
            return Reading.refused(
                    "Test piece, measured",
                    writer.writeWithUnit(check.measured) + " would leave nothing of the pieces but seams",
                    "measure once more, and check the cut width");
        }
        return Reading.of(check);
    }

    private Figures figures() {
        return Figures.of(Input.CUT, cutWidth).and(Input.MEASURED, measured);
    }

    /** The seam that was sewn, exactly. */
    public Length seam() {
        return testPiece.seam.exactly(figures());
    }

    /** {@code (2 × 2 1/2 − 4 1/2) ÷ 2 = 0.25}. */
    public Working working(MeasureSystem system) {
        return new Working("Seam really sewn", testPiece.seam.worked(figures(), system.writer()));
    }

    /** Whether the units of a recipe still reach their trimmed size with this seam; where nothing is trimmed, as set. */
    public boolean reachesTrimmedSize(Recipe recipe, SewingSettings settings) {
        Length widest = recipe.sewing().widestSeam().orElse(settings.seamAllowance());
        return widest.isAtLeast(seam());
    }

    /** What this seam means for the units of a recipe, and what to change if they fall short. */
    public String advice(Recipe recipe, SewingSettings settings) {
        LengthWriter writer = settings.system().writer();
        boolean reaches = reachesTrimmedSize(recipe, settings);
        if (recipe.sewing().widestSeam().isEmpty()) {
            return reaches
                    ? "nothing is trimmed here; your seam is not wider than the one set"
                    : "nothing is trimmed here, so every unit comes out small: sew the seam that is set, "
                            + writer.writeWithUnit(settings.seamAllowance());
        }
        String widest = writer.writeWithUnit(
                settings.system().seamOnARuler(recipe.sewing().widestSeam().get()));
        return reaches
                ? "reaches its trimmed size; the seam may be up to " + widest
                : "falls short of its trimmed size: sew a narrower seam, up to " + widest
                        + ", or cut larger and trim more";
    }
}
