package org.goldentally.core.meaning;

import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.problem.RefusedException;

/**
 * A design and what it means.
 *
 * @param typed what the quilter decided, as typed
 * @param sizes without them nothing can be drawn
 * @param finishing sizes of binding and backing
 * @param work what is said of how the work is done
 */
public record ReadDesign(QuiltDesign typed, TopSizes sizes, FinishingSizes finishing, WorkChoices work) {

    /**
     * Reads a design.
     *
     * @throws RefusedException where a size cannot be read that the top is drawn with, with every problem
     */
    public static ReadDesign of(QuiltDesign typed) {
        return new ReadDesign(
                typed, TopSizes.of(typed), FinishingSizes.of(typed.finishing(), typed.system()), WorkChoices.of(typed));
    }

    /** The same sizes, made and finished as another design says. */
    public ReadDesign madeAs(QuiltDesign other) {
        return new ReadDesign(
                other, sizes, FinishingSizes.of(other.finishing(), other.system()), WorkChoices.of(other));
    }
}
