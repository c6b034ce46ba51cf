package org.goldentally.core.account;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Accounts that were made before: where one way after the other is tried, most fabrics are cut as in the try before. Those that were
 * not asked for longest go first. For one question at a time.
 */
public final class KnownAccounts implements ClothCutter {

    /** So that a search of a large top stays small (our own figure). */
    private static final int MOST = 2_000;

    private final ClothCutter cutter;
    private final Map<CuttingRequest, ClothLedger> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<CuttingRequest, ClothLedger> eldest) {
            return size() > MOST;
        }
    };

    /** @param cutter makes those that are not known */
    public KnownAccounts(ClothCutter cutter) {
        this.cutter = cutter;
    }

    /** Worked out anew where they are not known. */
    public KnownAccounts() {
        this(ClothLedger::of);
    }

    @Override
    public ClothLedger account(CuttingRequest request) {
        ClothLedger account = known.get(request);
        if (account == null) {
            account = cutter.account(request);
            known.put(request, account);
        }
        return account;
    }
}
