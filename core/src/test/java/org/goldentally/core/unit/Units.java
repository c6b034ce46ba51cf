package org.goldentally.core.unit;

import java.util.List;
import org.goldentally.core.measure.Length;
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

/** One unit of every kind, for tests. */
public final class Units {

    private static final Length THREE = Length.inches(3);

    public static final List<PatchworkUnit> OF_EVERY_KIND = List.of(
            new HalfSquareTriangleUnit(THREE),
            new StripSetTriangleUnit(THREE),
            new QuarterSquareTriangleUnit(THREE, 2),
            new QuarterSquareTriangleUnit(THREE, 3),
            new QuarterSquareTriangleUnit(THREE, 4),
            new SplitQuarterUnit(THREE),
            new QuarterSquareTriangle(THREE),
            new FlyingGeeseUnit(Length.inches(4)),
            new CornerFlipUnit(THREE, Length.inches(5), Length.inches(1), 1),
            new CornerFlipUnit(THREE, Length.inches(5), Length.inches(1), 4),
            new PiecedHalfUnit(Length.inches(6), 3),
            new SideSettingTriangle(Length.inches(6)),
            new CornerSettingTriangle(Length.inches(6)),
            new PlainPatch(THREE, Length.inches(2)),
            new StripPatch(THREE),
            new StripSetSegment(Length.inches(2), Length.inches(2), 3));

    private Units() {}
}
