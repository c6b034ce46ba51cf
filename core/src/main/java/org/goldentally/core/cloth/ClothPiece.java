package org.goldentally.core.cloth;

import org.goldentally.core.measure.Area;
import org.goldentally.core.measure.Length;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.measure.MeasureSystem;

/**
 * One piece of a cloth as it lies on the table: a 10 in square, a strip, a fat quarter, a length, a scrap.
 *
 * @param form what it was bought as
 * @param width across the cloth, from selvage towards selvage; the usable, measured width
 * @param length along the cloth
 * @param edge straight, or pinked (zigzag), in which case it may measure up to 1/8 in short
 */
public record ClothPiece(PieceForm form, Length width, Length length, Edge edge) {

    /** How the piece's outside was cut. */
    public enum Edge {
        STRAIGHT,
        PINKED
    }

    /**
     * A plan that leaves less than this of a piece is a tight fit: precuts may measure up to 1/8 in short on a side
     * (common practice, no source).
     */
    public static final Length TIGHT_WITHIN = Length.inches(0, 1, 8);

    public ClothPiece {
        if (!width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException("a piece of cloth has a width and a length, not " + width + " x " + length);
        }
    }

    public static ClothPiece square(Length side) {
        return new ClothPiece(PieceForm.SQUARE, side, side, Edge.STRAIGHT);
    }

    public Area area() {
        return width.times(length);
    }

    public Length shorterSide() {
        return Length.min(width, length);
    }

    /** {@code 10 in square}, {@code fat quarter 18 x 20 in}, {@code 72 in (2 yd) of 42 in wide}. */
    public String describe(MeasureSystem system) {
        LengthWriter writer = system.writer();
        String unit = " " + system.abbreviation();
        String pinked = edge == Edge.PINKED ? ", pinked" : "";
        return switch (form) {
            case SQUARE -> (width.equals(length) ? writer.write(width) + unit : both(writer) + unit) + " square" + pinked;
            case STRIP -> writer.write(length) + unit + " strip, " + writer.write(width) + " long" + pinked;
            case FAT_QUARTER, FAT_EIGHTH -> form.name(1) + " " + both(writer) + unit + pinked;
            case YARDAGE -> writer.write(length) + unit + " of " + writer.write(width) + " wide cloth" + pinked;
            case SCRAP -> both(writer) + unit + " scrap" + pinked;
        };
    }

    private String both(LengthWriter writer) {
        return writer.write(width) + " × " + writer.write(length);
    }
}
