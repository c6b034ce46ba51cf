package org.goldentally.core.measure;

import java.util.List;
import java.util.Locale;

/** The system of measure of a quilt: inches with yards, or centimetres with metres. A quilt has one. */
public enum MeasureSystem {
    INCH(
            "in",
            "4 7/8 or 4.875",
            List.of(Grid.SIXTEENTH_INCH, Grid.EIGHTH_INCH, Grid.QUARTER_INCH, Grid.HALF_INCH),
            Grid.EIGHTH_INCH),
    CENTIMETRE("cm", "12.5", List.of(Grid.MILLIMETRE, Grid.HALF_CENTIMETRE), Grid.HALF_CENTIMETRE);

    private final String abbreviation;
    private final String example;
    private final List<Grid> grids;
    private final Grid usualGrid;

    MeasureSystem(String abbreviation, String example, List<Grid> grids, Grid usualGrid) {
        this.abbreviation = abbreviation;
        this.example = example;
        this.grids = grids;
        this.usualGrid = usualGrid;
    }

    /** {@code in} or {@code cm}. */
    public String abbreviation() {
        return abbreviation;
    }

    /** How a length may be typed, for a refusal. */
    String example() {
        return example;
    }

    /** The rulers' grids to choose from, finest first. */
    public List<Grid> grids() {
        return grids;
    }

    /** 1/8 in, or 0.5 cm (common practice, no source). */
    public Grid usualGrid() {
        return usualGrid;
    }

    /** The seam sewn unless the quilter says otherwise: 1/4 in, or 0.75 cm (common practice, no source). */
    public Length usualSeam() {
        return switch (this) {
            case INCH -> Length.inches(0, 1, 4);
            case CENTIMETRE -> Length.centimetres(0, 3, 4);
        };
    }

    /** The widest seam that a ruler shows and that is no wider than this: a full 5/16 in for 0.354 in. */
    public Length seamOnARuler(Length widest) {
        return widest.roundedDownTo(grids.getFirst());
    }

    /** 1 in, or 1 cm: what a bare number means. */
    public Length one() {
        return switch (this) {
            case INCH -> Length.inches(1);
            case CENTIMETRE -> Length.centimetres(1, 0, 1);
        };
    }

    /** Writes lengths as this system does. */
    public LengthWriter writer() {
        return switch (this) {
            case INCH -> LengthWriter.INCHES;
            case CENTIMETRE -> LengthWriter.CENTIMETRES;
        };
    }

    /** {@code 100 sq in}, or {@code 645.2 sq cm}, to one decimal: areas are shown, never cut. */
    public String writeArea(Area area) {
        double shown = area.toDoubleSquareInches() * (this == CENTIMETRE ? 2.54 * 2.54 : 1);
        String number = String.format(Locale.ROOT, "%.1f", shown);
        return (number.endsWith(".0") ? number.substring(0, number.length() - 2) : number) + " sq " + abbreviation;
    }
}
