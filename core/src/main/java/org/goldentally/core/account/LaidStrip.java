package org.goldentally.core.account;

import java.util.List;
import org.goldentally.core.cutting.Rectangle;
import org.goldentally.core.making.ClothCut;
import org.goldentally.core.measure.Length;

/**
 * A strip of a planned piece, at its place: how it is cut into segments, and these into pieces.
 *
 * @param x from where on: nothing, but for strips of what is beside long pieces
 * @param y how far down the piece of cloth it starts
 * @param width of the piece of cloth, or of the part of it that the strip goes across
 */
public record LaidStrip(Length x, Length y, Length width, Length height, List<LaidSegment> segments) {

    /** Pieces above each other, from {@code x} on; those that are narrower than the segment are trimmed. */
    public record LaidSegment(Length x, Length width, List<LaidPiece> pieces) {
        public LaidSegment {
            pieces = List.copyOf(pieces);
        }
    }

    /** A piece as it lies, and what it is cut for. */
    public record LaidPiece(ClothCut cut, Length width, Length height) {}

    /** All of it, at its place on the piece of cloth. */
    public Rectangle outline() {
        return new Rectangle(x, y, width, height);
    }

    /** Whether it is cut of what is beside long pieces. */
    public boolean isBeside() {
        return x.isPositive();
    }

    public LaidStrip {
        segments = List.copyOf(segments);
    }
}
