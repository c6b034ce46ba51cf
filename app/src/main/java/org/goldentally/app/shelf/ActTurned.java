package org.goldentally.app.shelf;

/**
 * Said when something that was done to the shelf is taken back, or done again.
 *
 * @param stands whether it is done now
 */
public record ActTurned(long act, boolean stands) {}
