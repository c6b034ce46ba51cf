package org.goldentally.core.account;

import java.util.HashMap;
import java.util.Map;

/** Works accounts out once, as the application does. */
public final class Remembered implements ClothCutter {

    private final Map<CuttingRequest, ClothLedger> known = new HashMap<>();

    @Override
    public ClothLedger account(CuttingRequest request) {
        return known.computeIfAbsent(request, ClothLedger::of);
    }
}
