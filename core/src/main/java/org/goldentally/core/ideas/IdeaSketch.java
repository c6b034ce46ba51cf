package org.goldentally.core.ideas;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.block.TraditionalBlocks;
import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;

/**
 * An idea before it is worked out: which block, in which cloths, how set, how large, with which border.
 *
 * @param letters the block's cloths, those of smaller blocks in it too
 * @param unit finished side of a cell of the block that is one wide
 * @param border finished width of a plain border; nothing is none
 */
record IdeaSketch(
        MeasureSystem system,
        Block block,
        List<String> letters,
        Dressing dressing,
        Lay lay,
        Length unit,
        Length border) {

    /** So much more fabric than its finished area a unit takes (our own estimate). */
    private static final double SEAMS = 1.3;

    /** Finds the idea again for the same cloths and wish. */
    String key() {
        return String.join(
                "|",
                block.key(),
                dressing.key(),
                lay.name(),
                system.writer().write(unit),
                border.isZero() ? "" : system.writer().write(border));
    }

    IdeaSketch withBorder(Length width) {
        return new IdeaSketch(system, block, letters, dressing, lay, unit, width);
    }

    Length blockWidth() {
        return unit.times(block.across());
    }

    Length blockHeight() {
        return unit.times(block.down());
    }

    /** How much of a block each of its cloths is, in square inches, from that of the same block in another size. */
    Map<String, Double> letterArea(IdeaSketch measured, Map<String, Double> its) {
        double scale = unit.times(unit).toDoubleSquareInches()
                / measured.unit.times(measured.unit).toDoubleSquareInches();
        Map<String, Double> scaled = new HashMap<>();
        its.forEach((letter, area) -> scaled.put(letter, area * scale));
        return scaled;
    }

    /** How much of a block each of its cloths is, in square inches. */
    Map<String, Double> letterArea() {
        Figure figure = Figure.of(block, blockWidth(), blockHeight(), TraditionalBlocks::byKey, system);
        Map<String, Area> areas = new HashMap<>();
        for (FigurePatch patch : figure.patches()) {
            areas.merge(patch.cloth(), patch.outline().area(), Area::plus);
        }
        Map<String, Double> doubles = new HashMap<>();
        areas.forEach((letter, area) -> doubles.put(letter, area.toDoubleSquareInches()));
        return doubles;
    }

    /**
     * Whether a print is large enough for what one block takes of it, seen by area: no block of 8 in from a 5 in square.
     *
     * @param inBlock how much of a block each of its cloths is
     */
    boolean hasPrintsLargeEnough(Map<String, Double> inBlock) {
        Map<String, Double> areas = new HashMap<>();
        inBlock.forEach((letter, area) -> areas.merge(samePrint(letter), area, Double::sum));
        return areas.entrySet().stream().allMatch(each -> {
            // What is still to be bought is as large as it has to be.
            double largest = dressing.of(each.getKey(), letters).stream()
                    .mapToDouble(print -> print.pieces().isEmpty()
                            ? Double.MAX_VALUE
                            : print.area().toDoubleSquareInches())
                    .max()
                    .orElse(0);
            return each.getValue() * SEAMS <= largest;
        });
    }

    /** A letter that is dressed in the same print in each block. */
    private String samePrint(String letter) {
        boolean one = dressing.spread() == Dressing.Spread.ONE_A_BLOCK && !letter.equals(Dressing.BACKGROUND);
        return one
                ? letters.stream()
                        .filter(each -> !each.equals(Dressing.BACKGROUND))
                        .findFirst()
                        .orElse(letter)
                : letter;
    }
}
