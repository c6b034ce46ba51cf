package org.goldentally.core.offers;

import org.goldentally.core.design.QuiltDesign;

/**
 * Something that could be done otherwise.
 *
 * @param key finds it again
 * @param what in a few words: {@code eight at a time instead of two at a time}
 * @param effect what it changes, before it is taken: {@code buys 1/8 yd less oat}
 * @param design the quilt with it taken
 */
public record Offer(Kind kind, String key, String what, String effect, QuiltDesign design) {

    /** What an offer is about. */
    public enum Kind {
        METHOD,
        CUTTING,
        BONUS_UNITS,
        SPARE_UNITS,
        SCRAPPY_BINDING,
        MIRRORING,
        CHAIN,
        EXCHANGE
    }
}
