package org.goldentally.core.piecing;

import java.util.List;
import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.piecing.step.Habits;
import org.goldentally.core.piecing.step.Step;

/** A way of making a unit: two at a time, eight at a time, by strips. */
public interface PiecingMethod {

    /** A stable key: {@code eight-at-a-time}. */
    String key();

    /** {@code eight at a time}. */
    String displayName();

    /** Whether this method makes such a unit at all, at any size. */
    boolean makes(PatchworkUnit unit);

    /** Whether one set joins squares of many different cloths, so that its units are in many pairings of them. */
    default boolean joinsManyCloths() {
        return false;
    }

    /**
     * What one set takes and gives for this unit.
     *
     * @param unit one that this method {@link #makes}
     * @param piece the piece of cloth it is cut from; only methods that use up a whole strip or sheet look at it
     */
    Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece);

    /** How one set is made, from cut pieces to trimmed unit, in the size of the recipe that this method gave. */
    List<Step> steps(PatchworkUnit unit, Recipe recipe, SewingSettings settings, Habits habits);
}
