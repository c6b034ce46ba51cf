package org.goldentally.core.cutting;

/**
 * By which rules sheets are laid out. Rules get better, and what is cut by a sheet stays cut: a quilt of which steps are ticked that only
 * the former sheets have keeps those.
 */
public enum CuttingRules {
    /** As sheets are laid out from now on. */
    NOW,
    /**
     * As they were up to documents of format 11: all strips of a border or of sashing from one run, one order of the sizes,
     * pieces so that a cloth gives most of them, no sections beside long pieces, strips of sets as long as is usual.
     */
    FORMER
}
