package org.goldentally.core.piecing;

import org.goldentally.core.measure.Length;

/** A unit sewn from patches (or one plain patch), by the trade's names. All sizes are finished. */
public sealed interface PatchworkUnit {

    Length finishedWidth();

    Length finishedHeight();

    /** {@code half-square triangle}. */
    String name();

    /** The same unit in another finished width, in the same proportion. */
    PatchworkUnit resized(Length newFinishedWidth);

    /** A square of two triangles. */
    record HalfSquareTriangleUnit(Length finishedSize) implements PatchworkUnit {
        @Override
        public Length finishedWidth() {
            return finishedSize;
        }

        @Override
        public Length finishedHeight() {
            return finishedSize;
        }

        @Override
        public String name() {
            return "half-square triangle";
        }

        @Override
        public PatchworkUnit resized(Length newFinishedWidth) {
            return new HalfSquareTriangleUnit(newFinishedWidth);
        }
    }
}
