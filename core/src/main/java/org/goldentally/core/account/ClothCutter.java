package org.goldentally.core.account;

/** Makes the account of one cloth; {@link ClothLedger#of} works it out, others remember what was worked out before. */
public interface ClothCutter {
    /** Cuts one cloth for a whole top and keeps account of it. */
    ClothLedger account(CuttingRequest request);
}
