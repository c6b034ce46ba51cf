package org.goldentally.core.method;

import org.goldentally.core.cloth.ClothPiece;
import org.goldentally.core.habits.SewingSettings;
import org.goldentally.core.unit.ClothRole;
import org.goldentally.core.unit.PatchworkUnit;

/** A way of making a unit: two at a time, eight at a time, by strips. */
public sealed interface PiecingMethod
        permits BiasStrips,
                Chain,
                CornerFlip,
                FlippedGeese,
                FourGeese,
                GridOfCells,
                HalfSquareMethod,
                Hourglass,
                LooseGeese,
                LooseHalfSquares,
                LooseQuarters,
                LooseTriangles,
                PiecedHalf,
                PlainCut,
                SplitQuarter,
                StripSetCut,
                StripSetTriangles,
                StripTube {

    /** What it is known by. */
    MethodId id();

    /** The same as text, as documents keep it. */
    default String key() {
        return id().key();
    }

    /** {@code eight at a time}. */
    default String displayName() {
        return id().displayName();
    }

    /** Whether this method makes such a unit at all, at any size. */
    boolean makes(PatchworkUnit unit);

    /** Whether one set joins squares of many different cloths, so that its units are in many pairings of them. */
    default boolean joinsManyCloths() {
        return this instanceof Chain;
    }

    /** Whether it is taken only where the quilter chooses it. */
    default boolean isOnlyByChoice() {
        return joinsManyCloths() || this instanceof LooseQuarters;
    }

    /**
     * Whether whole sheets or strips are drawn, sewn and cut up: worth that for many units alike, and taken by itself only
     * where it saves fabric.
     */
    default boolean isForMany() {
        return this instanceof GridOfCells || this instanceof BiasStrips || this instanceof StripTube;
    }

    /** Whether patches of one part may be of different cloths, since each is cut from its own square. */
    default boolean cutsEachPatchApart() {
        return this instanceof LooseGeese || this instanceof LooseQuarters || flipsCorners();
    }

    /** Whether squares are sewn onto corners and the corners cut away, which leaves triangles for bonus units. */
    default boolean flipsCorners() {
        return this instanceof FlippedGeese || this instanceof CornerFlip;
    }

    /**
     * How many parts for one patch each, free to meet any other cloth, one piece cut for a role gives; 0 where the pieces
     * of a set stay together. A square cut once from corner to corner gives two triangles, a square of a pair a triangle
     * to either of the two halves that are crossed later.
     */
    default int partsOfPiece(ClothRole role) {
        return 0;
    }

    /** Whether halves are sewn first and then crossed, each crossing giving two units. */
    default boolean crosses() {
        return this instanceof Hourglass || this instanceof SplitQuarter;
    }

    /**
     * What one set takes and gives for this unit.
     *
     * @param unit one that this method {@link #makes}
     * @param piece the piece of cloth it is cut from; only methods that use up a whole strip or sheet look at it
     */
    Recipe recipe(PatchworkUnit unit, SewingSettings settings, ClothPiece piece);
}
