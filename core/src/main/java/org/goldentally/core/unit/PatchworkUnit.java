package org.goldentally.core.unit;

import org.goldentally.core.measure.Length;

/**
 * A unit sewn from patches, or a plain patch, by the trade's names. All its sizes are finished.
 *
 * <p>Each has one size by which it is called: a half-square triangle by its side, a flying goose by its width, a setting
 * triangle by the block it goes with. {@link #resized} changes that one: a square stays a square and a goose twice as
 * wide as high, while a rectangle keeps the height, and a flipped corner the size, that was asked for apart.
 */
public sealed interface PatchworkUnit {

    /** The finished size by which the unit is called. */
    Length namedSize();

    /** Of a unit that is not square, from left to right. */
    default Length finishedWidth() {
        return namedSize();
    }

    /** Of a unit that is not square, from top to bottom. */
    default Length finishedHeight() {
        return finishedWidth();
    }

    /** Whether this is a loose triangle, whose unfinished sides are not simply the finished ones and two seams. */
    default boolean isTriangle() {
        return this instanceof QuarterSquareTriangle
                || this instanceof SideSettingTriangle
                || this instanceof CornerSettingTriangle;
    }

    /** {@code half-square triangle}. */
    String name();

    /** The same unit called by another size. */
    PatchworkUnit resized(Length newNamedSize);

    /** A square of two triangles. */
    record HalfSquareTriangleUnit(Length namedSize) implements PatchworkUnit {
        /** Side of a square unit. */
        public Length finishedSize() {
            return namedSize;
        }

        @Override
        public String name() {
            return "half-square triangle";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new HalfSquareTriangleUnit(newNamedSize);
        }
    }

    /** A square of two striped triangles, each cut from two strips sewn together. */
    record StripSetTriangleUnit(Length namedSize) implements PatchworkUnit {
        @Override
        public String name() {
            return "strip-set triangle square";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new StripSetTriangleUnit(newNamedSize);
        }
    }

    /** An hourglass: a square of four triangles, of two, three or four cloths. */
    record QuarterSquareTriangleUnit(Length namedSize, int cloths) implements PatchworkUnit {
        public QuarterSquareTriangleUnit {
            if (cloths < 2 || cloths > 4) {
                throw new IllegalArgumentException("an hourglass has two to four cloths, not " + cloths);
            }
        }

        @Override
        public String name() {
            return "hourglass of " + (cloths == 2 ? "two" : cloths == 3 ? "three" : "four") + " cloths";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new QuarterSquareTriangleUnit(newNamedSize, cloths);
        }
    }

    /** Half a half-square triangle, half plain: a square of two small triangles and a large one. */
    record SplitQuarterUnit(Length namedSize) implements PatchworkUnit {
        @Override
        public String name() {
            return "split quarter";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new SplitQuarterUnit(newNamedSize);
        }
    }

    /** A loose triangle whose long side lies on the straight grain, called by that long side. */
    record QuarterSquareTriangle(Length namedSize) implements PatchworkUnit {
        @Override
        public Length finishedHeight() {
            return namedSize.dividedBy(2);
        }

        @Override
        public String name() {
            return "loose quarter triangle";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new QuarterSquareTriangle(newNamedSize);
        }
    }

    /** A flying goose: twice as wide as high, called by its width. */
    record FlyingGeeseUnit(Length namedSize) implements PatchworkUnit {
        @Override
        public Length finishedHeight() {
            return namedSize.dividedBy(2);
        }

        @Override
        public String name() {
            return "flying goose";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new FlyingGeeseUnit(newNamedSize);
        }
    }

    /** A square or rectangle with one to four corners flipped. */
    record CornerFlipUnit(Length namedSize, Length finishedHeight, Length finishedCorner, int corners)
            implements PatchworkUnit {
        public CornerFlipUnit {
            if (corners < 1 || corners > 4) {
                throw new IllegalArgumentException("one to four corners can be flipped, not " + corners);
            }
        }

        @Override
        public String name() {
            return "corner flip, " + corners + (corners == 1 ? " corner" : " corners");
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new CornerFlipUnit(
                    newNamedSize,
                    finishedHeight.equals(namedSize) ? newNamedSize : finishedHeight,
                    finishedCorner,
                    corners);
        }
    }

    /** A square of one large triangle and one built of rows of small half-square triangles and loose triangles. */
    record PiecedHalfUnit(Length namedSize, int rows) implements PatchworkUnit {
        public PiecedHalfUnit {
            if (rows < 2 || rows > 8) {
                throw new IllegalArgumentException("a pieced half has two to eight rows, not " + rows);
            }
        }

        /** The finished side of a small square in it. */
        public Length smallFinished() {
            return namedSize.dividedBy(rows);
        }

        @Override
        public String name() {
            return "pieced half of " + rows + " rows";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new PiecedHalfUnit(newNamedSize, rows);
        }
    }

    /** The triangle that fills the side of a top whose blocks stand on point, called by the block's finished size. */
    record SideSettingTriangle(Length namedSize) implements PatchworkUnit {
        @Override
        public Length finishedWidth() {
            return namedSize.timesRootTwo();
        }

        @Override
        public Length finishedHeight() {
            return finishedWidth().dividedBy(2);
        }

        @Override
        public String name() {
            return "side setting triangle";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new SideSettingTriangle(newNamedSize);
        }
    }

    /** The triangle that fills a corner of such a top, called by the block's finished size. */
    record CornerSettingTriangle(Length namedSize) implements PatchworkUnit {
        @Override
        public Length finishedWidth() {
            return namedSize.dividedByRootTwo();
        }

        @Override
        public String name() {
            return "corner setting triangle";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new CornerSettingTriangle(newNamedSize);
        }
    }

    /** A plain square or rectangle. */
    record PlainPatch(Length namedSize, Length finishedHeight) implements PatchworkUnit {
        @Override
        public String name() {
            return namedSize.equals(finishedHeight) ? "plain square" : "plain rectangle";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new PlainPatch(newNamedSize, finishedHeight.equals(namedSize) ? newNamedSize : finishedHeight);
        }
    }

    /** A strip as long as the cloth is, called by its finished width. */
    record StripPatch(Length namedSize) implements PatchworkUnit {
        @Override
        public String name() {
            return "strip";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new StripPatch(newNamedSize);
        }
    }

    /** A segment cut across a set of equal strips, called by the finished width of a strip. */
    record StripSetSegment(Length namedSize, Length finishedWidth, int strips) implements PatchworkUnit {
        /** A segment as wide as one strip. */
        public StripSetSegment(Length namedSize, int strips) {
            this(namedSize, namedSize, strips);
        }

        public StripSetSegment {
            if (strips < 2 || strips > 4) {
                throw new IllegalArgumentException("a strip set here has two to four strips, not " + strips);
            }
        }

        @Override
        public Length finishedHeight() {
            return namedSize.times(strips);
        }

        @Override
        public String name() {
            return "segment of " + strips + " strips";
        }

        @Override
        public PatchworkUnit resized(Length newNamedSize) {
            return new StripSetSegment(
                    newNamedSize, finishedWidth.equals(namedSize) ? newNamedSize : finishedWidth, strips);
        }
    }
}
