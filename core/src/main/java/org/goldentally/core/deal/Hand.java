package org.goldentally.core.deal;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.core.block.Figure.FigureUnit;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.quilt.TopPart;

/** A block, or one unit along the sashing or a border, with free places: what it is made of and what it lies beside. */
final class Hand {

    /** All of a part: what stands in a row of blocks. */
    private static final int WHOLE = -1;

    final TopPart part;

    /** Which unit along an edge; negative for a block. */
    final int unit;

    final List<FigureUnit> units;
    final List<String> freeKeys;
    /** Pairs of free places that meet in a unit. */
    final List<int[]> meets = new ArrayList<>();
    /** Free places and the lightness of a fixed cloth that they meet. */
    final List<double[]> meetsFixed = new ArrayList<>();

    /** For each hourglass its four places going round; -1 where a cloth is fixed. */
    final List<int[]> rounds = new ArrayList<>();

    final List<Integer> neighbours = new ArrayList<>();
    /** What lies two places off in a row, a column or a diagonal. */
    final List<Integer> nearby = new ArrayList<>();

    private final String sort;

    private Hand(TopPart part, int unit, List<FigureUnit> units, List<String> freeKeys) {
        this.part = part;
        this.unit = unit;
        this.units = units;
        this.freeKeys = freeKeys;
        this.sort = isEdge()
                ? units.stream().map(each -> each.unit() + " " + each.cloths()).toList() + " along an edge"
                : part.blockKey() + " " + freeKeys;
    }

    static Hand block(TopPart part, List<String> freeKeys) {
        return new Hand(part, WHOLE, part.figure().units(), freeKeys);
    }

    /** One unit along a part of the sashing, a border or the setting. */
    static Hand edge(TopPart part, int unit, List<String> freeKeys) {
        return new Hand(part, unit, unitsAt(part, unit), freeKeys);
    }

    /** How many units a part of the edges has one after the other. */
    static int unitsAlong(TopPart part) {
        return part.isRowOfUnits()
                ? 1
                        + part.figure().patches().stream()
                                .mapToInt(patch -> patch.part())
                                .max()
                                .orElse(0)
                : 1;
    }

    static List<FigureUnit> unitsAt(TopPart part, int unit) {
        if (!part.isRowOfUnits()) {
            return part.figure().units();
        }
        return part.figure().patches().stream()
                .filter(patch -> patch.part() == unit && !patch.isBlank())
                .mapToInt(patch -> patch.unit())
                .distinct()
                .mapToObj(part.figure().units()::get)
                .toList();
    }

    boolean isEdge() {
        return unit >= 0;
    }

    /** Whole blocks are turned, mirrored and made to spare; half ones and edges are not. */
    boolean isWholeBlock() {
        return part.kind() == TopPart.Kind.BLOCK;
    }

    String block() {
        return isWholeBlock() ? part.blockKey() : "";
    }

    /** What is of one sort has the same free places and can change places. */
    String sort() {
        return sort;
    }

    /** Its outline on the top: of a block the box, of a unit along an edge its patches. */
    Outline outline() {
        if (!isEdge()) {
            return new Outline(List.of(part.placing()
                    .apply(Polygon.rectangle(
                            Point.ORIGIN,
                            part.figure().finishedWidth(),
                            part.figure().finishedHeight()))));
        }
        return new Outline(part.figure().patches().stream()
                .filter(patch -> !part.isRowOfUnits() || patch.part() == unit)
                .map(patch -> part.placing().apply(patch.outline()))
                .toList());
    }
}
