package org.goldentally.app.top;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.core.block.Figure;
import org.goldentally.core.block.Figure.FigurePatch;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;
import org.springframework.web.util.HtmlUtils;

/** Tops and blocks as SVG files of their true size, each patch with the name of its cloth. */
final class TopSvg {

    private static final String NOT_DRESSED = "#d7dbd6";

    private final QuiltDesign design;
    private final Map<String, Integer> clothPlaces;
    private final StringBuilder svg = new StringBuilder();

    private TopSvg(QuiltDesign design) {
        this.design = design;
        this.clothPlaces = TopPictureView.clothPlaces(design.cloths());
    }

    static String of(QuiltTop top, String name) {
        TopSvg svg = new TopSvg(top.design());
        svg.open(top.finishedWidth().toDoubleInches(), top.finishedHeight().toDoubleInches(), name);
        for (TopPart part : top.parts()) {
            svg.svg
                    .append("<g transform=\"matrix(")
                    .append(SvgNumbers.matrix(part.placing()))
                    .append(")\">");
            svg.title(part.where() + (part.isBlock() ? ": " + part.name() : ""));
            svg.patches(part.figure());
            svg.svg.append("</g>\n");
        }
        return svg.close();
    }

    static String of(Figure figure, QuiltDesign design, String name) {
        TopSvg svg = new TopSvg(design);
        svg.open(
                figure.finishedWidth().toDoubleInches(), figure.finishedHeight().toDoubleInches(), name);
        svg.patches(figure);
        return svg.close();
    }

    private void open(double width, double height, String name) {
        double perUnit = 1 / design.system().one().toDoubleInches();
        String unit = design.system().abbreviation();
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %s %s\" width=\"%s%s\" height=\"%s%s\""
                        + " stroke=\"#17202b\" stroke-width=\"0.03\" stroke-linejoin=\"round\">%n",
                SvgNumbers.number(width),
                SvgNumbers.number(height),
                SvgNumbers.number(width * perUnit),
                unit,
                SvgNumbers.number(height * perUnit),
                unit));
        title(name);
    }

    private void patches(Figure figure) {
        List<FigurePatch> patches = figure.patches();
        for (FigurePatch patch : patches) {
            Integer place = clothPlaces.get(patch.cloth());
            ClothInHand cloth = place == null ? null : design.cloths().get(place);
            svg.append("<polygon points=\"")
                    .append(SvgNumbers.points(patch.outline()))
                    .append("\" fill=\"")
                    .append(cloth == null ? NOT_DRESSED : HtmlUtils.htmlEscape(cloth.colour()))
                    .append("\">");
            title(cloth == null ? "not dressed" : cloth.name());
            svg.append("</polygon>");
        }
    }

    private void title(String text) {
        svg.append("<title>").append(HtmlUtils.htmlEscape(text, "UTF-8")).append("</title>");
    }

    private String close() {
        return svg.append("</svg>\n").toString();
    }
}
