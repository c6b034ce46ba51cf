package org.goldentally.core.piecing;

import java.util.List;
import java.util.Optional;
import org.goldentally.core.piecing.method.EightAtATime;
import org.goldentally.core.piecing.method.FourAtATime;
import org.goldentally.core.piecing.method.TwoAtATime;

/** All methods, in the order in which they are shown. */
public final class Methods {

    public static final List<PiecingMethod> ALL = List.of(new TwoAtATime(), new FourAtATime(), new EightAtATime());

    private Methods() {}

    public static List<PiecingMethod> making(PatchworkUnit unit) {
        return ALL.stream().filter(method -> method.makes(unit)).toList();
    }

    public static Optional<PiecingMethod> byKey(String key) {
        return ALL.stream().filter(method -> method.key().equals(key)).findFirst();
    }
}
