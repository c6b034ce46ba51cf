package org.goldentally.app.print;

import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.goldentally.core.measure.MeasureSystem;
import org.goldentally.core.problem.Problem;
import org.goldentally.core.problem.RefusedException;

/**
 * What is printed on, and with. Letter (8 1/2 × 11 in) and A4 (210 × 297 mm, ISO 216).
 *
 * @param black whether cloths are named and numbered only, not coloured
 */
record Paper(PDRectangle size, MeasureSystem system, boolean black) {

    /**
     * As it was asked for; what is left empty is as the quilt's measures have it: Letter for inches, A4 for centimetres.
     *
     * @throws RefusedException if it is none of these
     */
    static Paper of(String paper, String ink, MeasureSystem system) {
        PDRectangle size = switch (paper) {
            case "" -> system == MeasureSystem.INCH ? PDRectangle.LETTER : PDRectangle.A4;
            case "letter" -> PDRectangle.LETTER;
            case "a4" -> PDRectangle.A4;
            default ->
                throw new RefusedException(
                        new Problem("paper", "“" + paper + "” is no paper known here", "ask for letter or a4"));
        };
        return switch (ink) {
            case "", "colour" -> new Paper(size, system, false);
            case "black" -> new Paper(size, system, true);
            default ->
                throw new RefusedException(
                        new Problem("ink", "“" + ink + "” is no way of printing", "ask for colour or black"));
        };
    }
}
