package org.goldentally.core.making;

import org.goldentally.core.method.Chain;
import org.goldentally.core.method.PiecingMethod;
import org.goldentally.core.method.Recipe;
import org.goldentally.core.method.StripSetTriangles;
import org.goldentally.core.method.TwoAtATime;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.Hands;

/**
 * What is sewn at once where parts are shared: a crossing gives two units, of loose triangles each unit is sewn by itself,
 * the triangles of strip sets serve groups of either kind.
 *
 * @param name {@code pair}, {@code crossing}
 * @param units that one run gives
 * @param hands of these, where they differ
 */
public record Run(String name, int units, Hands hands) {

    private static final Hands ONE_OF_EACH = new Hands(1, 1);

    static final Run CROSSING_OF_ONE_HAND = new Run("crossing", 2, Hands.NONE);
    static final Run SINGLE = new Run("unit", 1, Hands.NONE);

    /** A set by itself is a run, unless its parts are shared. */
    static Run of(PiecingMethod method, Recipe recipe) {
        if (method.crosses()) {
            return recipe.hands().differ() ? new Run("crossing", 2, ONE_OF_EACH) : CROSSING_OF_ONE_HAND;
        }
        if (method instanceof Chain || method instanceof StripSetTriangles || sharesTriangles(method)) {
            return SINGLE;
        }
        return new Run(recipe.setName(), recipe.unitsPerSet(), recipe.hands());
    }

    private static boolean sharesTriangles(PiecingMethod method) {
        return !(method instanceof TwoAtATime) && method.partsOfPiece(ClothRole.A) > 0;
    }

    /** Whether it is a set of the recipe as it stands. */
    boolean isWholeSet(Recipe recipe) {
        return name.equals(recipe.setName());
    }

    /** {@code pair} or {@code pairs}; {@code sets} for what has a longer name. */
    public String word(long runs) {
        return Recipe.counted(name, runs);
    }
}
