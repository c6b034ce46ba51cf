package org.goldentally.core.account;

/** Makes the account of one cloth; {@link ClothLedger#of} works it out, others remember what was worked out before. */
public interface ClothCutter {
    ClothLedger account(CuttingRequest request);
}
