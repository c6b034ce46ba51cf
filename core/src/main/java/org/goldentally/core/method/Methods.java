package org.goldentally.core.method;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.unit.PatchworkUnit;

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
            new LooseQuarters(),
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

    /** All methods that can make such a unit, in the order in which they are offered. */
    public static List<PiecingMethod> making(PatchworkUnit unit) {
        return ALL.stream().filter(method -> method.makes(unit)).toList();
    }

    /** The method that an identity stands for. */
    public static PiecingMethod of(MethodId id) {
        return ALL.stream().filter(method -> method.id() == id).findFirst().orElseThrow();
    }

    /** The method with this key; empty for a key that no method has. */
    public static Optional<PiecingMethod> byKey(String key) {
        return ALL.stream().filter(method -> method.key().equals(key)).findFirst();
    }
}
