package org.goldentally.core.measure;

/**
 * An exact area: a 10 in square has {@code inches(10).times(inches(10))}, 100 sq in.
 *
 * <p>Exact like {@link Length}, so that cloth used, cloth left and trimmings add up to the cloth taken, to the last
 * thread.
 */
public record Area(RootTwo squareInches) implements Comparable<Area> {

    public static final Area ZERO = new Area(RootTwo.ZERO);

    /** Both together. */
    public Area plus(Area other) {
        return new Area(squareInches.plus(other.squareInches));
    }

    /** What is left; below nothing where the other is larger. */
    public Area minus(Area other) {
        return new Area(squareInches.minus(other.squareInches));
    }

    /** So many of it. */
    public Area times(long factor) {
        return new Area(squareInches.times(RootTwo.of(factor, 1)));
    }

    /** One of two equal parts, exactly. */
    public Area half() {
        return new Area(squareInches.times(RootTwo.of(1, 2)));
    }

    /** Whether there is none. */
    public boolean isZero() {
        return squareInches.signum() == 0;
    }

    /** Whether it is below nothing, as a difference can be. */
    public boolean isNegative() {
        return squareInches.signum() < 0;
    }

    /** This area in hundredths of the other, for a share such as "9 % trimmed". For showing only. */
    public double percentOf(Area whole) {
        return whole.isZero() ? 0 : 100 * squareInches.toDouble() / whole.squareInches.toDouble();
    }

    /** For showing and for comparison with other programs only. */
    public double toDoubleSquareInches() {
        return squareInches.toDouble();
    }

    @Override
    public int compareTo(Area other) {
        return squareInches.compareTo(other.squareInches);
    }

    @Override
    public String toString() {
        return MeasureSystem.INCH.writeArea(this);
    }
}
