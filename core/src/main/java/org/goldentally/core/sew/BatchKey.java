package org.goldentally.core.sew;

import java.util.List;
import java.util.Set;
import org.goldentally.core.identity.Key;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.UnitKeys;

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
        SASHING,
        ROWS,
        BINDING
    }

    /** What tells it from all others. */
    default Key key() {
        return switch (this) {
            case Units(UnitsKey units) -> Key.of("unit").with(units.key());
            case OddUnits(UnitsKey units) -> Key.of("odd-unit").with(units.key());
            case Halves(Half half, boolean loose) ->
                Key.of(loose ? "odd-half" : "half")
                        .withMinted(half.one())
                        .withMinted(half.other())
                        .with(half.size().width());
            case Joined(PatchworkUnit unit, boolean closed, List<String> squares, int number) ->
                Key.of(closed ? "ring" : "chain")
                        .with(number)
                        .with(UnitKeys.of(unit))
                        .withMinted(squares);
            case Bonus(UnitsKey from) -> Key.of("bonus").with(from.key());
            case InnerBlocks(String block, Length width, Length height, boolean mirrored) ->
                Key.of(mirrored ? "inner-mirrored" : "inner")
                        .withMinted(block)
                        .with(width)
                        .with(height);
            case Blocks(TopPart.Kind kind, String block, boolean mirrored) ->
                Key.of(mirrored ? "blocks-mirrored" : "blocks").with(kind).withMinted(block);
            case Border(int number) -> Key.of("border").with(number);
            case Once once -> Key.of("once").with(once);
        };
    }

    /** As in the log from now on; long ones are shortened to their code and a digest. */
    default String text() {
        return key().shortText();
    }

    /** All that the log may know it by: as it is written now, and as it was before. */
    default Set<String> inLog() {
        return Set.of(text(), FormerBatchKeys.of(this));
    }
}
