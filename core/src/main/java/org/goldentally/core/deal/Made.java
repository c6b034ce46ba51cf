package org.goldentally.core.deal;

/**
 * A block that is made, before it is laid out.
 *
 * @param sort of blocks that it can change places with
 * @param prints index of the print of each of its free places
 * @param lightness the mean of its prints', as far as they are known
 * @param mirrored whether it is sewn as the mirror image: the other hand of what a crossing gives
 */
@SuppressWarnings("ArrayRecordComponent")
record Made(String sort, int[] prints, double lightness, boolean mirrored) {

    boolean has(int print) {
        for (int each : prints) {
            if (each == print) {
                return true;
            }
        }
        return false;
    }

    int shares(Made other) {
        int shared = 0;
        for (int print : prints) {
            shared += other.has(print) ? 1 : 0;
        }
        return shared;
    }
}
