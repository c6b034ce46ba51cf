package org.goldentally.app.print;

import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.goldentally.core.measure.MeasureSystem;

/** A strip of a ruler in true size, to see whether the printer left the page as large as it is. */
final class TrueRuler {

    /** Of PDF, ISO 32000-1, 8.3.2.3: a point is 1/72 in. */
    static final float POINTS_AN_INCH = 72;

    static final float POINTS_A_CENTIMETRE = 72 / 2.54f;

    private static final int INCHES = 3;
    private static final int CENTIMETRES = 8;

    private TrueRuler() {}

    static void draw(PDPageContentStream page, PrintedText font, Paper paper, float left, float base)
            throws IOException {
        boolean inches = paper.system() == MeasureSystem.INCH;
        int length = inches ? INCHES : CENTIMETRES;
        int parts = inches ? 8 : 10;
        float whole = inches ? POINTS_AN_INCH : POINTS_A_CENTIMETRE;
        page.setLineWidth(0.6f);
        page.moveTo(left, base);
        page.lineTo(left + length * whole, base);
        for (int i = 0; i <= length * parts; i++) {
            float high = i % parts == 0 ? 11 : i % (parts / 2) == 0 ? 7 : 4;
            page.moveTo(left + i * whole / parts, base);
            page.lineTo(left + i * whole / parts, base + high);
        }
        page.stroke();
        page.beginText();
        page.setFont(font.font(), 11);
        page.newLineAtOffset(left + length * whole + 8, base);
        page.showText(font.printable(length + (inches ? " in" : " cm") + " by your ruler? If not, print at 100 %."));
        page.endText();
    }
}
