package org.goldentally.core.piecing;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.piecing.method.BiasStrips;
import org.goldentally.core.piecing.method.Chain;
import org.goldentally.core.piecing.method.CornerFlip;
import org.goldentally.core.piecing.method.EightAtATime;
import org.goldentally.core.piecing.method.FlippedGeese;
import org.goldentally.core.piecing.method.FourAtATime;
import org.goldentally.core.piecing.method.FourGeese;
import org.goldentally.core.piecing.method.GridOfCells;
import org.goldentally.core.piecing.method.Hourglass;
import org.goldentally.core.piecing.method.LooseGeese;
import org.goldentally.core.piecing.method.LooseHalfSquares;
import org.goldentally.core.piecing.method.LooseTriangles;
import org.goldentally.core.piecing.method.PiecedHalf;
import org.goldentally.core.piecing.method.PlainCut;
import org.goldentally.core.piecing.method.SplitQuarter;
import org.goldentally.core.piecing.method.StripSetCut;
import org.goldentally.core.piecing.method.StripSetTriangles;
import org.goldentally.core.piecing.method.StripTube;
import org.goldentally.core.piecing.method.TwoAtATime;

/** All methods, in the order in which they are shown. */
public final class Methods {

    public static final List<PiecingMethod> ALL = List.of(
            new TwoAtATime(),
            new FourAtATime(),
            new EightAtATime(),
            new LooseHalfSquares(),
            new GridOfCells(),
            Chain.open(),
            Chain.closed(),
            new StripTube(),
            new BiasStrips(),
            new StripSetTriangles(),
            new Hourglass(),
            new SplitQuarter(),
            new LooseTriangles(),
            new FlippedGeese(),
            new FourGeese(),
            new LooseGeese(),
            new CornerFlip(),
            new PiecedHalf(),
            new PlainCut(),
            new StripSetCut());

    private Methods() {}

    public static List<PiecingMethod> making(PatchworkUnit unit) {
        return ALL.stream().filter(method -> method.makes(unit)).toList();
    }

    public static Optional<PiecingMethod> byKey(String key) {
        return ALL.stream().filter(method -> method.key().equals(key)).findFirst();
    }
}
