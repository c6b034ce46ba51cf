package org.goldentally.core.sew;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.goldentally.core.making.Half;
import org.goldentally.core.making.UnitsKey;
import org.goldentally.core.measure.Length;
import org.goldentally.core.quilt.TopPart;
import org.goldentally.core.unit.PatchworkUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerFlipUnit;
import org.goldentally.core.unit.PatchworkUnit.CornerSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.FlyingGeeseUnit;
import org.goldentally.core.unit.PatchworkUnit.HalfSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.PiecedHalfUnit;
import org.goldentally.core.unit.PatchworkUnit.PlainPatch;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangle;
import org.goldentally.core.unit.PatchworkUnit.QuarterSquareTriangleUnit;
import org.goldentally.core.unit.PatchworkUnit.SideSettingTriangle;
import org.goldentally.core.unit.PatchworkUnit.SplitQuarterUnit;
import org.goldentally.core.unit.PatchworkUnit.StripPatch;
import org.goldentally.core.unit.PatchworkUnit.StripSetSegment;
import org.goldentally.core.unit.PatchworkUnit.StripSetTriangleUnit;

/**
 * How batches were known in logs written before keys had a codec: by words, sizes as they were said and what Java prints of a
 * record. Those logs only grow, so this is frozen; the words in it are no longer those on the screen, and need not be.
 */
final class FormerBatchKeys {

    private static final int LONGEST = 400;

    private FormerBatchKeys() {}

    static String of(BatchKey key) {
        return switch (key) {
            case BatchKey.Units(UnitsKey units) -> "unit " + shortened(text(units));
            case BatchKey.OddUnits(UnitsKey units) -> "odd " + shortened(text(units));
            case BatchKey.Halves(Half half, boolean loose) ->
                (loose ? "odd half " : "half ")
                        + shortened(half.one() + "," + half.other() + " "
                                + half.size().width());
            case BatchKey.Joined(PatchworkUnit unit, boolean closed, List<String> squares, int number) ->
                (closed ? "ring " : "chain ") + number + " "
                        + shortened(unit.finishedWidth() + " " + String.join(",", squares));
            case BatchKey.Bonus(UnitsKey from) -> "bonus " + shortened(text(from));
            case BatchKey.InnerBlocks(String block, Length width, Length height, boolean mirrored) ->
                "inner " + shortened(block + " " + width + " x " + height + (mirrored ? " mirrored" : ""));
            case BatchKey.Blocks(TopPart.Kind kind, String block, boolean mirrored) ->
                "block " + kind + " " + block + (mirrored ? " mirrored" : "");
            case BatchKey.Border(int number) -> "border " + number;
            case BatchKey.Once once -> once.name().toLowerCase(Locale.ROOT);
        };
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST
                ? text
                : UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8)).toString();
    }

    private static String text(UnitsKey units) {
        PatchworkUnit unit = units.unit();
        return name(unit) + " " + unit.finishedWidth() + " x " + unit.finishedHeight() + " " + printed(unit) + ": "
                + String.join(",", units.cloths());
    }

    private static String name(PatchworkUnit unit) {
        return switch (unit) {
            case HalfSquareTriangleUnit half -> "half-square triangle";
            case StripSetTriangleUnit triangles -> "strip-set triangle square";
            case QuarterSquareTriangleUnit hourglass ->
                "hourglass of " + List.of("two", "three", "four").get(hourglass.cloths() - 2) + " cloths";
            case SplitQuarterUnit split -> "split quarter";
            case QuarterSquareTriangle quarter -> "loose quarter triangle";
            case FlyingGeeseUnit goose -> "flying goose";
            case CornerFlipUnit flip ->
                "corner flip, " + flip.corners() + (flip.corners() == 1 ? " corner" : " corners");
            case PiecedHalfUnit half -> "pieced half of " + half.rows() + " rows";
            case SideSettingTriangle side -> "side setting triangle";
            case CornerSettingTriangle corner -> "corner setting triangle";
            case PlainPatch plain ->
                plain.namedSize().equals(plain.finishedHeight()) ? "plain square" : "plain rectangle";
            case StripPatch strip -> "strip";
            case StripSetSegment segment -> "segment of " + segment.strips() + " strips";
        };
    }

    /** As the record of that time was printed. */
    private static String printed(PatchworkUnit unit) {
        String size = "[namedSize=" + unit.namedSize();
        return switch (unit) {
            case HalfSquareTriangleUnit half -> "HalfSquareTriangleUnit" + size + "]";
            case StripSetTriangleUnit triangles -> "StripSetTriangleUnit" + size + "]";
            case QuarterSquareTriangleUnit hourglass ->
                "QuarterSquareTriangleUnit" + size + ", cloths=" + hourglass.cloths() + "]";
            case SplitQuarterUnit split -> "SplitQuarterUnit" + size + "]";
            case QuarterSquareTriangle quarter -> "QuarterSquareTriangle" + size + "]";
            case FlyingGeeseUnit goose -> "FlyingGeeseUnit" + size + "]";
            case CornerFlipUnit flip ->
                "CornerFlipUnit" + size + ", finishedHeight=" + flip.finishedHeight() + ", finishedCorner="
                        + flip.finishedCorner() + ", corners=" + flip.corners() + "]";
            case PiecedHalfUnit half -> "PiecedHalfUnit" + size + ", rows=" + half.rows() + "]";
            case SideSettingTriangle side -> "SideSettingTriangle" + size + "]";
            case CornerSettingTriangle corner -> "CornerSettingTriangle" + size + "]";
            case PlainPatch plain -> "PlainPatch" + size + ", finishedHeight=" + plain.finishedHeight() + "]";
            case StripPatch strip -> "StripPatch" + size + "]";
            case StripSetSegment segment ->
                "StripSetSegment" + size + ", finishedWidth=" + segment.finishedWidth() + ", strips=" + segment.strips()
                        + "]";
        };
    }
}
