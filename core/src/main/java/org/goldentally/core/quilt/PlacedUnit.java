package org.goldentally.core.quilt;

/**
 * A half-square triangle unit at its place in a block.
 *
 * @param quarterTurns clockwise; at 0 the first cloth fills the upper left corner
 */
public record PlacedUnit(int column, int row, int quarterTurns) {}
