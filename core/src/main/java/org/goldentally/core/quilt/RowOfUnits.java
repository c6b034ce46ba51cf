package org.goldentally.core.quilt;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import org.goldentally.core.block.Block;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.PatchCount;
import org.goldentally.core.block.UnitDesign;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;
import org.goldentally.core.unit.UnitKind;

/**
 * Units that take turns along a strip: a pieced border's side, or sashing made of units. Sixteen hourglasses of 3 in
 * fill a side of 48 in; what they cannot fill stays blank and is named.
 *
 * @param units as they stand with the outside of the border up
 * @param unitLength how long plain and striped units are along the row; nothing is as long as the row is wide
 * @param mirrorAtMiddle whether the second half mirrors the first; one unit then stands in the middle where there is room
 * @param middle that unit; the next in turn where nothing is said
 */
record RowOfUnits(List<UnitDesign> units, Length unitLength, boolean mirrorAtMiddle, List<UnitDesign> middle) {

    /** More patches than a side of a large quilt has (our own limit). */
    private static final long MOST_PATCHES = 12_000;

    /** A single plain piece fills the whole row. */
    boolean isOnePiece() {
        return units.size() == 1 && units.getFirst().kind() == UnitKind.PLAIN && unitLength.isZero();
    }

    Length lengthOf(UnitDesign unit, Length rowWidth) {
        return unit.kind().isOfAnyLength() && unitLength.isPositive()
                ? unitLength
                : unit.kind().lengthInRow(rowWidth, unit.quarterTurns());
    }

    /** The step in which a row so wide can grow: one unit if all are equally long, else one turn of all of them. */
    Length step(Length rowWidth) {
        Length first = lengthOf(units.getFirst(), rowWidth);
        boolean alike = units.stream().allMatch(unit -> lengthOf(unit, rowWidth).equals(first));
        // A spacer makes room for pairs, unless it was said what stands in the middle of an odd number.
        boolean odd = !middle.isEmpty() && lengthOf(middle.getFirst(), rowWidth).equals(first);
        if (alike && (!mirrorAtMiddle || odd)) {
            return first;
        }
        Length turn = units.stream().map(unit -> lengthOf(unit, rowWidth)).reduce(Length.ZERO, Length::plus);
        return mirrorAtMiddle ? turn.times(2) : turn;
    }

    /** How much of a row stays blank. */
    Length remainder(Length length, Length rowWidth) {
        return isOnePiece() ? Length.ZERO : length.minus(filled(length, rowWidth));
    }

    private Length filled(Length length, Length rowWidth) {
        return sequence(length, rowWidth).stream()
                .map(unit -> lengthOf(unit, rowWidth))
                .reduce(Length.ZERO, Length::plus);
    }

    /** The units one after the other, as many as there is room for. */
    private List<UnitDesign> sequence(Length length, Length rowWidth) {
        Length room = mirrorAtMiddle ? length.dividedBy(2) : length;
        List<UnitDesign> sequence = new ArrayList<>();
        Length x = Length.ZERO;
        UnitDesign next = units.getFirst();
        while (!x.plus(lengthOf(next, rowWidth)).isLongerThan(room)) {
            sequence.add(next);
            x = x.plus(lengthOf(next, rowWidth));
            next = units.get(sequence.size() % units.size());
        }
        if (mirrorAtMiddle) {
            List<UnitDesign> second =
                    sequence.reversed().stream().map(RowOfUnits::mirrored).toList();
            UnitDesign between = middle.isEmpty() ? next : middle.getFirst();
            if (!x.times(2).plus(lengthOf(between, rowWidth)).isLongerThan(length)) {
                sequence.add(between);
            }
            sequence.addAll(second);
        }
        return sequence;
    }

    /**
     * The row laid out.
     *
     * @param exchanges the cloths that are others, for each of its units from 0
     */
    Figure figure(
            Length length,
            Length rowWidth,
            String where,
            Function<String, Optional<Block>> blocks,
            MeasureSystem system,
            List<Problem> flaws,
            IntFunction<Map<String, String>> exchanges) {
        if (isOnePiece()) {
            return Figure.plain(length, rowWidth, cloth(units.getFirst())).inCloths(exchanges.apply(0));
        }
        checkPatches(length, rowWidth, where, blocks);
        List<UnitDesign> sequence = sequence(length, rowWidth);
        Map<UnitDesign, Figure> laidOut = new HashMap<>();
        List<Figure> figures = new ArrayList<>();
        for (int i = 0; i < sequence.size(); i++) {
            Figure own = laidOut.computeIfAbsent(
                    sequence.get(i),
                    unit -> Figure.of(unit, lengthOf(unit, rowWidth), rowWidth, where, blocks, system));
            figures.add(own.inCloths(exchanges.apply(i)));
        }
        return Figure.row(length, rowWidth, figures, flaws);
    }

    /** Refuses a row of more patches than anyone sews before one of them is laid out. */
    private void checkPatches(Length length, Length rowWidth, String where, Function<String, Optional<Block>> blocks) {
        PatchCount patches = new PatchCount(blocks);
        Length shortest =
                units.stream().map(unit -> lengthOf(unit, rowWidth)).reduce(rowWidth.plus(length), Length::min);
        long each = units.stream().mapToLong(patches::of).max().orElse(0);
        if (length.wholeTimes(shortest) * each > MOST_PATCHES) {
            throw new RefusedException(new Problem(
                    where.substring(0, 1).toUpperCase(Locale.ROOT) + where.substring(1),
                    "so many units in one row are more than we can plan",
                    "make them longer, or of fewer patches"));
        }
    }

    /** Seen in a mirror that stands across the row: turned the other way round as well. */
    private static UnitDesign mirrored(UnitDesign unit) {
        return new UnitDesign(
                unit.kind(),
                unit.count(),
                unit.corner(),
                unit.block(),
                -unit.quarterTurns(),
                !unit.mirrored(),
                unit.cloths());
    }

    private static String cloth(UnitDesign unit) {
        return unit.cloths().isEmpty() ? "" : unit.cloths().getFirst();
    }
}
