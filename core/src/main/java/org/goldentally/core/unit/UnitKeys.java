package org.goldentally.core.unit;

import org.goldentally.core.identity.Key;
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

/** What units are called in keys, and what tells one from another. Both are stored: they are never changed. */
public final class UnitKeys {

    private UnitKeys() {}

    /** What kind of unit it is, of every size: {@code half-square}, {@code hourglass-2}. */
    public static String codeOf(PatchworkUnit unit) {
        return switch (unit) {
            case HalfSquareTriangleUnit half -> "half-square";
            case StripSetTriangleUnit triangles -> "strip-set-triangles";
            case QuarterSquareTriangleUnit hourglass -> "hourglass-" + hourglass.cloths();
            case SplitQuarterUnit split -> "split-quarter";
            case QuarterSquareTriangle quarter -> "quarter-triangle";
            case FlyingGeeseUnit goose -> "goose";
            case CornerFlipUnit flip -> "corner-flip-" + flip.corners();
            case PiecedHalfUnit half -> "pieced-half-" + half.rows();
            case SideSettingTriangle side -> "side-setting-triangle";
            case CornerSettingTriangle corner -> "corner-setting-triangle";
            case PlainPatch plain -> plain.namedSize().equals(plain.finishedHeight()) ? "plain-square" : "plain-oblong";
            case StripPatch strip -> "strip";
            case StripSetSegment segment -> "segment-" + segment.strips();
        };
    }

    /** This unit in this size. */
    public static Key of(PatchworkUnit unit) {
        Key key = Key.of(codeOf(unit)).with(unit.namedSize());
        return switch (unit) {
            case CornerFlipUnit flip -> key.with(flip.finishedHeight()).with(flip.finishedCorner());
            case PlainPatch plain -> key.with(plain.finishedHeight());
            case StripSetSegment segment -> key.with(segment.finishedWidth());
            case HalfSquareTriangleUnit half -> key;
            case StripSetTriangleUnit triangles -> key;
            case QuarterSquareTriangleUnit hourglass -> key;
            case SplitQuarterUnit split -> key;
            case QuarterSquareTriangle quarter -> key;
            case FlyingGeeseUnit goose -> key;
            case PiecedHalfUnit half -> key;
            case SideSettingTriangle side -> key;
            case CornerSettingTriangle corner -> key;
            case StripPatch strip -> key;
        };
    }
}
