package org.goldentally.core.quilt;

import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthReader;
import org.goldentally.core.piecing.SewingSettings;
import org.goldentally.core.problem.Reading;

/**
 * A block's size as the quilter says it: of the block or of one unit in it, finished or unfinished. {@code unit, 4 1/2
 * in unfinished} in a block two units wide is a block of 8 in finished.
 *
 * @param typed the size as typed, kept to the letter
 */
public record BlockSize(Of of, As as, String typed) {

    /** What the size belongs to. */
    public enum Of {
        BLOCK("Block size"),
        UNIT("Unit size");

        private final String where;

        Of(String where) {
            this.where = where;
        }
    }

    /** Which of the sizes it is. */
    public enum As {
        FINISHED("finished"),
        UNFINISHED("unfinished");

        private final String label;

        As(String label) {
            this.label = label;
        }
    }

    /** Smaller finished units than this cannot be sewn: 1/4 in (our own limit). */
    static final Length SMALLEST_UNIT = Length.inches(0, 1, 4);

    /** The finished size of a block that is a number of equal units wide. */
    public Reading<Length> finishedBlockSize(int unitsAcross, SewingSettings settings) {
        String where = of.where + ", " + as.label;
        return LengthReader.readPositive(where, typed, settings.system()).then(size -> {
            Length finished = as == As.FINISHED ? size : settings.finished(size);
            Length block = of == Of.BLOCK ? finished : finished.times(unitsAcross);
            if (block.dividedBy(unitsAcross).isShorterThan(SMALLEST_UNIT)) {
                String write = settings.system().writer().writeWithUnit(size);
                return Reading.refused(
                        where,
                        write + " leaves nothing to see of a unit once the seams are taken",
                        "type a larger size; a unit wants 1/4 in finished at least");
            }
            return Reading.of(block);
        });
    }
}
