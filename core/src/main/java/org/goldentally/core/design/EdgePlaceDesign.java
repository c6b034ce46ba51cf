package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.design.PlaceDesign.Exchange;
import org.goldentally.core.problem.LeftOut;
import org.goldentally.core.problem.Limits;

/**
 * A place of the sashing, of a border or of a setting triangle that is dressed otherwise than the rest of it.
 *
 * @param part the part of the top, as {@code border-1-2} or {@code stone-0-3}
 * @param unit which one along it, from 0; a strip or square of one piece is its own only one
 * @param exchanges cloths that are others here
 * @param locked whether it stays as it is when free places are laid out anew
 */
public record EdgePlaceDesign(
        String part,
        @LeftOut("0") int unit,
        @LeftOut("[]") List<Exchange> exchanges,
        @LeftOut("false") boolean locked) {

    public EdgePlaceDesign {
        Limits.text(part, 40, "part");
        Limits.between(unit, 0, 12_000, "unit");
        Limits.list(exchanges, 200, "exchanges");
        exchanges = List.copyOf(exchanges);
    }

    /** The same with other cloths. */
    public EdgePlaceDesign with(List<Exchange> others) {
        return new EdgePlaceDesign(part, unit, others, locked);
    }
}
