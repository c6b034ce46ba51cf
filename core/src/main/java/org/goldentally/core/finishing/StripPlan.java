package org.goldentally.core.finishing;

import java.util.List;
import org.goldentally.core.design.BorderSideDesign;
import org.goldentally.core.formula.Working;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.making.Use;
import org.goldentally.core.measure.Length;

/**
 * Long strips of one width: the four sides of a border of 50 and 46 in, cut from one run of 5 strips across the width.
 *
 * @param uses what it is for: groups of the count, or the binding or backing
 * @param sides what is cut of the strips, or of the run that they are joined into
 * @param cutWidth how wide they are cut
 * @param cuts what is cut of cloth
 * @param working how the number of strips came about
 */
public record StripPlan(
        Kind kind,
        List<Use> uses,
        String label,
        String cloth,
        List<Side> sides,
        Length cutWidth,
        List<ClothCut> cuts,
        Working working) {

    /** What long strips are for. */
    public enum Kind {
        SASHING,
        BORDER,
        BINDING,
        BACKING
    }

    /**
     * Equal strips as they are cut to.
     *
     * @param cutLength over-length, where they are trimmed to what the top really measures
     * @param trimmedLength what they are trimmed to if the top measures what it should
     * @param on the sides of the border they are for, where some are cut otherwise than others; mostly nothing
     * @param lie how an up and a down of their print lies there
     */
    public record Side(
            long count,
            Length cutLength,
            Length trimmedLength,
            Source source,
            List<BorderSideDesign.Side> on,
            BorderPrint.Lie lie) {

        public Side {
            on = List.copyOf(on);
        }

        /** Strips cut in one piece across the cloth, or of which it does not matter. */
        public Side(long count, Length cutLength, Length trimmedLength) {
            this(count, cutLength, trimmedLength, Source.ACROSS, List.of(), BorderPrint.Lie.ANY);
        }

        /** So many of them, cut from there. */
        Side from(long some, Source other) {
            return new Side(some, cutLength, trimmedLength, other, on, lie);
        }

        /** {@code right and left, the print upright}; nothing where all sides are alike. */
        public String where() {
            return on.isEmpty() ? "" : BorderPrint.names(on) + lie.says();
        }

        /** Whether it is cut longer than it should be in the end, and trimmed to what the top really measures. */
        public boolean isOverLength() {
            return cutLength.isLongerThan(trimmedLength);
        }
    }

    /** What long strips are cut from. */
    public enum Source {
        /** The width of the cloth, in one piece. */
        ACROSS,
        /** Strips joined into one run. */
        RUN,
        /** What is left at the end of the run, within its last strip, so that no join falls in it. */
        END_OF_RUN,
        /** The length of the cloth, in one piece. */
        ALONG
    }

    public StripPlan {
        uses = List.copyOf(uses);
        sides = List.copyOf(sides);
        cuts = List.copyOf(cuts);
    }

    /** Whether strips are joined into one run before sides are cut from it. */
    public boolean joined() {
        return sides.stream().anyMatch(side -> side.source == Source.RUN);
    }

    /** How many sides, or strips, there are in the end. */
    public long count() {
        return sides.stream().mapToLong(Side::count).sum();
    }

    /** How many strips are cut of cloth for them. */
    public long stripsCut() {
        return cuts.stream().mapToLong(ClothCut::count).sum();
    }

    StripPlan with(List<ClothCut> otherCuts, Working otherWorking) {
        return new StripPlan(kind, uses, label, cloth, sides, cutWidth, otherCuts, otherWorking);
    }
}
