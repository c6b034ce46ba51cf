package org.goldentally.app.shelf;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.goldentally.app.drawing.SvgNumbers;
import org.goldentally.core.cloth.HousePrint;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The prints that fabrics are drawn with in quilts. */
@RestController
class PrintsController {

    private static final List<PrintView> ALL =
            Arrays.stream(HousePrint.values()).map(PrintView::of).toList();

    /**
     * A print.
     *
     * @param width of its tile, in inches
     * @param height of its tile, in inches
     */
    record PrintView(HousePrint key, String name, double width, double height, List<PrintShape> shapes) {
        static PrintView of(HousePrint print) {
            return new PrintView(
                    print,
                    print.displayName(),
                    print.width(),
                    print.height(),
                    print.shapes().stream().map(PrintShape::of).toList());
        }
    }

    /** An outline in a tone of the fabric's own colour. */
    record PrintShape(HousePrint.Tone tone, String points) {
        static PrintShape of(HousePrint.Shape shape) {
            return new PrintShape(
                    shape.tone(),
                    shape.outline().stream()
                            .map(at -> SvgNumbers.number(at.x()) + "," + SvgNumbers.number(at.y()))
                            .collect(Collectors.joining(" ")));
        }
    }

    @GetMapping("/api/prints")
    List<PrintView> prints() {
        return ALL;
    }
}
