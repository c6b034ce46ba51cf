package org.goldentally.core.making;

import org.goldentally.core.identity.Key;
import org.goldentally.core.quilt.GroupKey;

/** What pieces of cloth are cut for. */
public sealed interface Use {

    /** Units, pieces of blocks, triangles. */
    record ForUnits(UnitsKey units) implements Use {}

    /** Strips of sashing or of a border. */
    record ForStrips(GroupKey group) implements Use {}

    /** What finishes a quilt. */
    enum Finish implements Use {
        BINDING,
        BACKING
    }

    /** What cloth is cut for when it is cut for this group. */
    static Use of(GroupKey group) {
        return group.sort() == GroupKey.Sort.STRIP
                ? new ForStrips(group)
                : new ForUnits(new UnitsKey(group.unit(), group.cloths()));
    }

    /** What tells it from all others. */
    default Key key() {
        return switch (this) {
            case ForUnits(UnitsKey units) -> units.key();
            case ForStrips(GroupKey group) -> group.key();
            case Finish finish -> Key.of("finish").with(finish);
        };
    }

    /** How it is sent. */
    default String text() {
        return key().text();
    }
}
