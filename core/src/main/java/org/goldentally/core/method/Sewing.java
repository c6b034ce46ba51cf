package org.goldentally.core.method;

import java.util.Optional;
import org.goldentally.core.measure.Length;

/**
 * The work of one set at the machine.
 *
 * @param cuts cuts that make units of what is sewn (or, for loose triangles, triangles of squares); not those that cut
 *     the pieces from the cloth
 * @param seamLength all seams of one set
 * @param widestSeam the widest seam with which the unit still reaches its trimmed size; empty where nothing is trimmed
 * @param edges the outer edges of the raw unit
 * @param clothPairings how many different pairings of cloths one set gives
 */
public record Sewing(int cuts, Length seamLength, Optional<Length> widestSeam, OuterEdges edges, int clothPairings) {}
