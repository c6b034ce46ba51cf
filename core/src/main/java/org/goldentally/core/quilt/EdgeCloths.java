package org.goldentally.core.quilt;

import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.block.Figure;
import org.goldentally.core.design.EdgePlaceDesign;
import org.goldentally.core.design.PlaceDesign.Exchange;

/** Cloths that are others at single places of sashing, borders and setting triangles. */
final class EdgeCloths {

    private final Map<String, Map<Integer, Map<String, String>>> edges = new HashMap<>();
    /** What looks the same shares one figure, so that it is drawn and counted once. */
    private final Map<Figure, Map<Map<String, String>, Figure>> dressed = new IdentityHashMap<>();

    EdgeCloths(List<EdgePlaceDesign> places) {
        places.forEach(place -> edges.computeIfAbsent(place.part(), any -> new HashMap<>())
                .put(place.unit(), exchanges(place.exchanges())));
    }

    static Map<String, String> exchanges(List<Exchange> said) {
        Map<String, String> exchanges = new LinkedHashMap<>();
        said.forEach(exchange -> exchanges.put(exchange.from(), exchange.to()));
        return exchanges;
    }

    /** Cloths exchanged in each unit along a part; nearly always none. */
    Map<Integer, Map<String, String>> at(PartId part) {
        return edges.isEmpty() ? Map.of() : edges.getOrDefault(part.text(), Map.of());
    }

    /** A part of one piece, or one unit, in the cloths that it has at its place. */
    Figure dressed(Figure figure, PartId part) {
        Map<String, String> others = at(part).getOrDefault(0, Map.of());
        return others.isEmpty()
                ? figure
                : dressed.computeIfAbsent(figure, any -> new HashMap<>()).computeIfAbsent(others, figure::inCloths);
    }
}
