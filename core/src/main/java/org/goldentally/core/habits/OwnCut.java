package org.goldentally.core.habits;

import org.goldentally.core.measure.Length;

/** How large the pieces of some units are cut, where it is not by the school of the quilt. */
public sealed interface OwnCut {

    /** By another school than the rest. */
    record BySchool(Allowance school) implements OwnCut {}

    /** To a size of her own: the first piece that is cut with room; other pieces of the unit get as much room. */
    record Cut(Length size) implements OwnCut {}

    /** So that the unit has this size before it is trimmed. */
    record Raw(Length size) implements OwnCut {}
}
