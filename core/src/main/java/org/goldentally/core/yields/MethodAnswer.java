package org.goldentally.core.yields;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.cutting.PieceLayout;
import org.goldentally.core.cutting.TightFit;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.method.CutPiece;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.unit.Hands;

/** What one method says to a piece of cloth and a unit: what it gives, or why it cannot be. */
public sealed interface MethodAnswer {

    /** Who answers. */
    PiecingMethod method();

    /** What one set takes and gives; for an impossible one, what it would take. */
    Recipe recipe();

    /**
     * It can be done.
     *
     * @param parts what the piece gives towards each part of the unit
     * @param setsFromOneOfEach sets from one such piece of every cloth
     * @param hints a little less size that gives many more, tight fits, sizes that no ruler shows
     */
    record Possible(PiecingMethod method, Recipe recipe, List<Part> parts, long setsFromOneOfEach, List<Problem> hints)
            implements MethodAnswer {

        /** Units from one such piece of every cloth: a 10 in square of each of two gives 8, eight at a time. */
        public long unitsFromOneOfEach() {
            return setsFromOneOfEach * recipe.unitsPerSet();
        }

        /** Units from so many such pieces in all, shared evenly among the cloths: 42 squares of two cloths are 21 pairs. */
        public long unitsFrom(long pieces) {
            return pieces / recipe.cloths() * unitsFromOneOfEach();
        }

        /** Of the units from one such piece of every cloth, how many are of either hand; none where hands do not differ. */
        public Hands hands() {
            Hands each = recipe.hands();
            return new Hands(
                    Math.toIntExact(each.left() * setsFromOneOfEach),
                    Math.toIntExact(each.right() * setsFromOneOfEach));
        }

        /**
         * What so many units need.
         *
         * @param units that are wanted
         */
        public Enough enoughFor(long units) {
            long sets = Math.ceilDiv(units, recipe.unitsPerSet());
            long made = sets * recipe.unitsPerSet();
            return new Enough(sets, made, made - units);
        }

        /** Whole sets, and the units that they give. */
        public record Enough(long sets, long made, long spare) {}

        /** Whether a part has no more room than that beside edges to cut true. */
        public boolean isTight(Length room) {
            return parts.stream().anyMatch(part -> part.isTight(room));
        }

        /** Straight cuts in all: those that cut the pieces, of each cloth, and those after sewing. */
        public long straightCuts() {
            long cutting = 0;
            for (Part part : parts) {
                cutting += part.layout().straightCuts();
            }
            if (parts.size() == 1) {
                cutting *= recipe.cloths();
            }
            return cutting + setsFromOneOfEach * recipe.sewing().cuts();
        }

        /** Of all sets from one such piece of every cloth. */
        public Length seamLength() {
            return recipe.sewing().seamLength().times(setsFromOneOfEach);
        }

        /** Cloth in narrow rests and trimmed off the units, of one such piece of every cloth. */
        public Area wasted() {
            Area wasted = recipe.sizes().trimmedAway().times(unitsFromOneOfEach());
            for (Part part : parts) {
                wasted = wasted.plus(part.layout().trimmingsArea());
            }
            return wasted;
        }

        /** One such piece of every cloth, together. */
        public Area cloth() {
            return parts.getFirst().layout().piece().area().times(recipe.cloths());
        }
    }

    /**
     * What the piece gives if it is cut up for one part of the unit.
     *
     * @param cut the pieces of this part
     * @param layout all that one piece of cloth gives of them, as it lies
     * @param sets how many sets that serves
     */
    record Part(CutPiece cut, PieceLayout layout, long sets) {

        /** Whether the cuts come closer to an edge that has still to be cut true than there should be room. */
        public boolean isTight(Length room) {
            return TightFit.of(layout.piece(), layout.blocks(), room);
        }

        /** How many pieces of cloth are wanted for some sets. */
        public long piecesFor(long wantedSets) {
            return Math.ceilDiv(wantedSets * cut.perSet(), layout.count());
        }
    }

    /**
     * It cannot be done with this piece.
     *
     * @param problem which cut does not fit, and by how much
     * @param nearest the largest size that the piece gives by this method; empty if it gives none
     */
    record Impossible(PiecingMethod method, Recipe recipe, Problem problem, Optional<Length> nearest)
            implements MethodAnswer {}
}
