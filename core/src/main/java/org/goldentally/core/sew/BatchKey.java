package org.goldentally.core.sew;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit;

/** What is sewn in one go. {@link #text} finds it again in the log, whatever else in the quilt was changed. */
public sealed interface BatchKey {

    /** A group of units in their cloths. */
    record Units(UnitsKey units) implements BatchKey {}

    /** The odd units of a group whose others are sewn in pairs, of loose triangles. */
    record OddUnits(UnitsKey units) implements BatchKey {}

    /** Halves to be crossed, in pairs or one by one of loose triangles. */
    record Halves(Half half, boolean loose) implements BatchKey {}

    /** One chain or ring, by its squares in order. */
    record Joined(PatchworkUnit unit, boolean closed, List<String> squares, int number) implements BatchKey {}

    /** From the offcuts of other units. */
    record Bonus(UnitsKey from) implements BatchKey {}

    /** Blocks that are set into others. */
    record InnerBlocks(String block, Length width, Length height, boolean mirrored) implements BatchKey {}

    /** Blocks of the top; a block and its mirror image are two batches: one is not the other turned. */
    record Blocks(TopPart.Kind kind, String block, boolean mirrored) implements BatchKey {

        static Blocks of(TopPart part) {
            return new Blocks(part.kind(), part.blockKey(), part.placing().mirrored());
        }
    }

    /** A border, from 1 on. */
    record Border(int number) implements BatchKey {}

    /** What there is once in a quilt. */
    enum Once implements BatchKey {
        ROWS,
        BINDING
    }

    /** Longer ones are written short. */
    int LONGEST = 400;

    /** As in the log; long ones are shortened to their beginning and a digest. */
    default String text() {
        return switch (this) {
            case Units(UnitsKey units) -> "unit " + shortened(units.text());
            case OddUnits(UnitsKey units) -> "odd " + shortened(units.text());
            case Halves(Half half, boolean loose) ->
                (loose ? "odd half " : "half ")
                        + shortened(half.one() + "," + half.other() + " "
                                + half.size().width());
            case Joined(PatchworkUnit unit, boolean closed, List<String> squares, int number) ->
                (closed ? "ring " : "chain ") + number + " "
                        + shortened(unit.finishedWidth() + " " + String.join(",", squares));
            case Bonus(UnitsKey from) -> "bonus " + shortened(from.text());
            case InnerBlocks(String block, Length width, Length height, boolean mirrored) ->
                "inner " + shortened(block + " " + width + " x " + height + (mirrored ? " mirrored" : ""));
            case Blocks(TopPart.Kind kind, String block, boolean mirrored) ->
                "block " + kind + " " + block + (mirrored ? " mirrored" : "");
            case Border(int number) -> "border " + number;
            case Once once -> once == Once.ROWS ? "rows" : "binding";
        };
    }

    /** A unit of very many cloths would have a very long key: it gets a short one that is the same each time. */
    private static String shortened(String text) {
        return text.length() <= LONGEST
                ? text
                : UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8)).toString();
    }
}
