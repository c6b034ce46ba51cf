package org.goldentally.app.cut;

import org.goldentally.app.cut.CutView.PieceSheet;
import org.goldentally.app.cut.CutView.SheetCut;
import org.goldentally.app.cut.CutView.SheetRest;

/** A piece of cloth with its cuts as a drawing by itself, to scale, in inches. */
final class CutSvg {

    private CutSvg() {}

    static String of(PieceSheet piece, String colour) {
        StringBuilder svg = new StringBuilder();
        double font = Math.max(piece.width(), piece.length()) / 48;
        svg.append(String.format(
                java.util.Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$sin\" height=\"%2$sin\" viewBox=\"0 0 %1$s %2$s\""
                        + " font-family=\"sans-serif\" font-size=\"%3$.3f\" text-anchor=\"middle\">%n",
                number(piece.width()),
                number(piece.length()),
                font));
        svg.append(rectangle(0, 0, piece.width(), piece.length(), "#ffffff", font / 8, ""));
        for (SheetRest rest : piece.leftovers()) {
            svg.append(rectangle(
                    rest.x(),
                    rest.y(),
                    rest.width(),
                    rest.height(),
                    "none",
                    font / 14,
                    " stroke-dasharray=\"" + number(font / 2) + "\""));
            svg.append(text(rest.x() + rest.width() / 2, rest.y() + rest.height() / 2, "left " + rest.label()));
        }
        for (SheetCut cut : piece.cuts()) {
            for (long i = 0; i < cut.across() * cut.along(); i++) {
                double x = cut.x() + (i % cut.across()) * cut.width();
                double y = cut.y() + Math.floorDiv(i, cut.across()) * cut.height();
                svg.append(rectangle(x, y, cut.width(), cut.height(), colour, font / 12, " fill-opacity=\"0.4\""));
                svg.append(text(x + cut.width() / 2, y + cut.height() / 2, cut.letter()));
            }
        }
        return svg.append("</svg>\n").toString();
    }

    private static String rectangle(
            double x, double y, double width, double height, String fill, double line, String more) {
        return "<rect x=\"" + number(x) + "\" y=\"" + number(y) + "\" width=\"" + number(width) + "\" height=\""
                + number(height) + "\" fill=\"" + fill + "\" stroke=\"#17202b\" stroke-width=\"" + number(line) + "\""
                + more + "/>\n";
    }

    private static String text(double x, double y, String text) {
        return "<text x=\"" + number(x) + "\" y=\"" + number(y) + "\" dominant-baseline=\"middle\">" + text
                + "</text>\n";
    }

    private static String number(double value) {
        return java.math.BigDecimal.valueOf(value)
                .setScale(4, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
