package org.goldentally.core.cutting;

import org.goldentally.core.measure.Length;

/**
 * Strips joined end to end into one run, from which long pieces are cut: {@code n} strips as long as the cloth is wide
 * reach {@code n·width − (n − 1)·loss} (geometry). Five strips of 40 in joined straight with a 1/4 in seam are 198 in.
 *
 * <p>Bindings, borders and sashing are all counted here, so that they agree.
 *
 * @param width how long each strip is before it is joined
 * @param loss what each join takes of the length
 */
public record JoinedStrips(Length width, Length loss) {

    public JoinedStrips {
        if (!width.isLongerThan(loss)) {
            throw new IllegalArgumentException(
                    "strips of " + width + " that lose " + loss + " at each join grow no longer");
        }
    }

    /** Joined with a straight seam, which takes the seam allowance of both. */
    public static JoinedStrips straight(Length width, Length seamAllowance) {
        return new JoinedStrips(width, seamAllowance.times(2));
    }

    /** Joined on the diagonal, which takes as much length as the strip is wide. */
    public static JoinedStrips diagonal(Length width, Length stripWidth) {
        return new JoinedStrips(width, stripWidth);
    }

    /** How long so many strips are, joined. */
    public Length reach(long strips) {
        return strips == 0 ? Length.ZERO : width.times(strips).minus(loss.times(strips - 1));
    }

    /** The least number of strips that reach a length. */
    public long stripsFor(Length length) {
        if (!length.isPositive()) {
            return 0;
        }
        // n·width − (n − 1)·loss ≥ length, so n ≥ (length − loss) ÷ (width − loss).
        Length open = length.minus(loss);
        Length each = width.minus(loss);
        if (!open.isPositive()) {
            return 1;
        }
        long whole = open.wholeTimes(each);
        return each.times(whole).isShorterThan(open) ? whole + 1 : whole;
    }
}
