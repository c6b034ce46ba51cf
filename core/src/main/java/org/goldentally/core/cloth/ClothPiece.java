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

    public ClothPiece {
        if (!width.isPositive() || !length.isPositive()) {
            throw new IllegalArgumentException(
                    "a piece of cloth has a width and a length, not " + width + " x " + length);
        }
    }

    /** A square as it comes in a pack of squares. */
    public static ClothPiece square(Length side) {
        return new ClothPiece(PieceForm.SQUARE, side, side, Edge.STRAIGHT);
    }

    /** Width times length, with edges that are still to be cut true. */
    public Area area() {
        return width.times(length);
    }

    /** The shorter of width and length. */
    public Length shorterSide() {
        return Length.min(width, length);
    }

    /** {@code 10 in square}, {@code fat quarter, 18 × 20 in}, {@code 72 in (2 yd) length, 42 in wide}. */
    public String describe(MeasureSystem system) {
        return describe(1, system).substring(2);
    }

    /** {@code 42 squares, 10 in}, {@code 3 fat quarters, 18 × 20 in}, {@code 1 length, 72 in (2 yd), 42 in wide}. */
    public String describe(int count, MeasureSystem system) {
        LengthWriter writer = system.writer();
        String size = switch (form) {
            case SQUARE -> width.equals(length) ? writer.writeWithUnit(width) : sides(writer);
            case STRIP -> writer.writeWithUnit(length) + " wide, " + writer.writeWithUnit(width) + " long";
            case CUT -> width.equals(length) ? writer.writeWithUnit(width) : sides(writer);
            case FAT_QUARTER, FAT_EIGHTH, SCRAP -> sides(writer);
            case YARDAGE ->
                writer.writeWithUnit(length) + purchase(system) + ", " + writer.writeWithUnit(width) + " wide";
        };
        return count + " " + form.name(count) + ", " + size + (edge == Edge.PINKED ? ", pinked" : "");
    }

    private String sides(LengthWriter writer) {
        return writer.write(width) + " × " + writer.writeWithUnit(length);
    }

    /** The length as it is bought: {@code (2 yd)}, {@code (1.5 m)}; nothing where it is not a plain part of one. */
    private String purchase(MeasureSystem system) {
        return Purchase.isSold(length, system) ? " (" + Purchase.write(length, system) + ")" : "";
    }
}
