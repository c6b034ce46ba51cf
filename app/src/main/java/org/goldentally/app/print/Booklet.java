package org.goldentally.app.print;

import java.util.ArrayList;
import java.util.List;
import org.goldentally.app.cut.CutView;
import org.goldentally.app.drawing.StepView;
import org.goldentally.app.plan.ShoppingView;
import org.goldentally.app.sew.CardView;
import org.goldentally.app.sew.SewBook;
import org.goldentally.core.design.ClothInHand;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.geometry.Point;
import org.goldentally.core.geometry.Polygon;
import org.goldentally.core.measure.LengthWriter;
import org.goldentally.core.quilt.QuiltTop;
import org.goldentally.core.quilt.TopPart;

/** A quilt as a booklet: the top, what to buy, how to cut, a card for each batch, how blocks are laid out. */
final class Booklet {

    private static final String[] ROLES = {"A", "B", "C", "D"};

    /** Beyond so many pieces or seams a picture says more than words. */
    private static final int MANY = 16;

    private final PrintedPages pages;
    private final QuiltTop top;
    private final QuiltDesign design;
    private final LengthWriter writer;

    private static final int CHAIN_COLUMNS = 4;

    Booklet(PrintedPages pages, QuiltTop top) {
        this.pages = pages;
        this.top = top;
        this.design = top.design();
        this.writer = design.system().writer();
    }

    void print(String name, ShoppingView shopping, CutView cut, SewBook sew) {
        theTop(name);
        pages.newPage();
        ShoppingSheet.print(pages, shopping);
        CuttingSheets.print(pages, cut);
        for (SewBook.Page card : sew.pages()) {
            card(card);
        }
    }

    private void theTop(String name) {
        pages.heading(name, 26);
        pages.paragraph("The top finishes at " + writer.write(top.finishedWidth()) + " × "
                + writer.writeWithUnit(top.finishedHeight()) + "; blocks finish at "
                + writer.write(top.sizes().blockWidth()) + " × "
                + writer.writeWithUnit(top.sizes().blockHeight()) + ". Seam " + design.seam() + " "
                + design.system().abbreviation() + ".");
        pages.space(10);
        double width = top.finishedWidth().toDoubleInches();
        double height = top.finishedHeight().toDoubleInches();
        List<ClothInHand> listed =
                design.cloths().stream().filter(cloth -> !cloth.dealt()).toList();
        float high = Math.clamp(pages.room() - 14 - pages.tableHeight(listed.size()), 240, 430);
        PrintedPages.Drawing drawing = pages.drawing(width, height, pages.width(), high, 0);
        for (TopPart part : top.parts()) {
            List<Polygon> outlines = part.outlines();
            for (int i = 0; i < outlines.size(); i++) {
                drawing.polygon(
                        corners(outlines.get(i)),
                        colour(part.figure().patches().get(i).cloth()),
                        0.25f,
                        false);
            }
        }
        pages.below(drawing.points(height) + 14);
        List<List<String>> cloths = listed.stream()
                .map(cloth -> List.of(
                        cloth.name(),
                        cloth.background() ? "background" : "",
                        cloth.directional() ? "up and down: never turned" : ""))
                .toList();
        pages.table(List.of("Cloth", "", ""), cloths, 0.5f, 0.2f, 0.3f);
    }

    private static double[] corners(Polygon outline) {
        double[] corners = new double[2 * outline.corners().size()];
        for (int i = 0; i < outline.corners().size(); i++) {
            Point corner = outline.corners().get(i);
            corners[2 * i] = corner.x().toDoubleInches();
            corners[2 * i + 1] = corner.y().toDoubleInches();
        }
        return corners;
    }

    private String colour(String cloth) {
        return design.cloth(cloth).map(ClothInHand::colour).orElse("#ffffff");
    }

    private String colour(int place) {
        return place >= 0 && place < design.cloths().size()
                ? design.cloths().get(place).colour()
                : "#ffffff";
    }

    private void card(SewBook.Page page) {
        CardView card = page.card();
        boolean large = page.withLayout() && card.layouts().stream().anyMatch(Booklet::isLarge);
        pages.need(large ? 500 : 260);
        pages.heading(page.title() + ": " + page.needed(), 16);
        pages.paragraph(page.subtitle());
        if (!card.checks().isEmpty()) {
            pages.table(
                    List.of("Check", "Size"),
                    card.checks().stream()
                            .map(check -> List.of(check.name(), check.size()))
                            .toList(),
                    0.5f,
                    0.5f);
        }
        chain(card);
        list(page);
        steps(card);
        if (page.withLayout()) {
            card.layouts().forEach(this::layout);
        }
        pages.paragraph("Made: " + "_____  ".repeat(8));
        pages.space(10);
    }

    /** The squares of a chain in their order, a box before each to tick it off. */
    private void chain(CardView card) {
        if (card.chain().isEmpty()) {
            return;
        }
        List<String> squares = new ArrayList<>();
        for (int i = 0; i < card.chain().size(); i++) {
            squares.add("[  ] " + (i + 1) + " " + name(card.chain().get(i)));
        }
        pages.paragraph("Lay the squares in this order, and join each to the next:");
        List<List<String>> rows = new ArrayList<>();
        for (int from = 0; from < squares.size(); from += CHAIN_COLUMNS) {
            List<String> row = new ArrayList<>(squares.subList(from, Math.min(squares.size(), from + CHAIN_COLUMNS)));
            while (row.size() < CHAIN_COLUMNS) {
                row.add("");
            }
            rows.add(row);
        }
        pages.table(List.of("", "", "", ""), rows, 0.25f, 0.25f, 0.25f, 0.25f);
    }

    /** The combinations of cloths that are made alike, a box before each. */
    private void list(SewBook.Page page) {
        if (page.list().isEmpty()) {
            return;
        }
        pages.table(
                List.of("", "Cloths", "Sets", "Units"),
                page.list().stream()
                        .map(line -> List.of("[  ]", line.cloths(), "" + line.sets(), "" + line.units()))
                        .toList(),
                0.08f,
                0.6f,
                0.16f,
                0.16f);
    }

    private String name(int place) {
        return place >= 0 && place < design.cloths().size()
                ? design.cloths().get(place).name()
                : "not dressed";
    }

    /** Three steps in a row: drawing, title, words. */
    private void steps(CardView card) {
        float column = pages.width() / 3;
        for (int from = 0; from < card.steps().size(); from += 3) {
            List<StepView> row =
                    card.steps().subList(from, Math.min(from + 3, card.steps().size()));
            int first = from;
            pages.need(205);
            for (int i = 0; i < row.size(); i++) {
                draw(row.get(i), card.roles(), i * column, column - 14);
            }
            pages.below(104);
            pages.columns(
                    row.stream()
                            .map(step -> (first + row.indexOf(step) + 1) + ". " + step.title() + ". " + step.text()
                                    + (step.caution().isEmpty() ? "" : " " + step.caution()))
                            .toList(),
                    column,
                    14);
        }
    }

    private void draw(StepView step, List<Integer> roles, float indent, float wide) {
        double side = Math.max(step.width(), step.height());
        if (side <= 0) {
            return;
        }
        PrintedPages.Drawing drawing = pages.drawing(
                Math.max(step.width(), side / 10), Math.max(step.height(), side / 10), wide * 0.8f, 92, indent);
        for (StepView.ShapeView shape : step.shapes()) {
            double[] points = points(shape.points(), step.left(), step.top());
            double shift = shape.layer() > 0 ? -side * 0.025 : 0;
            for (int i = 0; i < points.length; i++) {
                points[i] += shift;
            }
            switch (shape.kind()) {
                case "cloth" -> drawing.polygon(points, cloth(shape, roles), 0.6f, false);
                case "trim" -> drawing.polygon(points, "", 1.4f, true);
                case "stitch" -> lines(drawing, points, 1f, true);
                case "cut" -> lines(drawing, points, 1.8f, false);
                default -> lines(drawing, points, 0.5f, false);
            }
        }
    }

    private String cloth(StepView.ShapeView shape, List<Integer> roles) {
        for (int i = 0; i < ROLES.length && i < roles.size(); i++) {
            if (ROLES[i].equals(shape.cloth())) {
                return colour(roles.get(i));
            }
        }
        return "#ffffff";
    }

    private static void lines(PrintedPages.Drawing drawing, double[] points, float wide, boolean dashed) {
        for (int i = 0; i + 3 < points.length; i += 2) {
            drawing.line(points[i], points[i + 1], points[i + 2], points[i + 3], wide, dashed);
        }
    }

    private static double[] points(String svg, double left, double top) {
        String[] numbers = svg.strip().split("[ ,]+");
        double[] points = new double[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            points[i] = Double.parseDouble(numbers[i]) - (i % 2 == 0 ? left : top);
        }
        return points;
    }

    private void layout(CardView.LayoutPicture layout) {
        boolean large = isLarge(layout);
        pages.need(large ? 420 : 250);
        pages.heading("Laid out: " + layout.name(), 13);
        pages.space(4);
        PrintedPages.Drawing drawing = large
                ? pages.drawing(layout.width(), layout.height(), pages.width(), 380, 0)
                : pages.drawing(layout.width(), layout.height(), 260, 200, 0);
        for (int i = 0; i < layout.patches().size(); i++) {
            drawing.polygon(
                    points(layout.patches().get(i), 0, 0),
                    colour(layout.cloths().get(i)),
                    0.3f,
                    false);
        }
        layout.pieces().forEach(piece -> {
            drawing.polygon(points(piece.outline(), 0, 0), "", 1f, false);
            double room = 2 * Math.min(piece.labelX() - piece.x(), piece.x() + piece.width() - piece.labelX());
            drawing.plate(piece.number() + piece.way(), piece.labelX(), piece.labelY(), room, piece.height(), 11);
        });
        double size = Math.min(
                Math.max(layout.width(), layout.height()) / 45,
                layout.pieces().stream()
                                .mapToDouble(piece -> Math.max(piece.width(), piece.height()))
                                .min()
                                .orElse(1)
                        / 9);
        layout.seams().forEach(seam -> arrow(drawing, seam, size));
        pages.below(drawing.points(layout.height()) + 8);
        layout.joins().forEach(pages::paragraph);
        if (!layout.presses().isEmpty()) {
            pages.paragraph("Press: "
                    + (layout.presses().size() > MANY
                            ? "as the arrows show, seen from the right side: they point to the side that a seam is pressed to;"
                                    + " two arrows, open"
                            : String.join("; ", layout.presses()))
                    + ".");
        }
        layout.notes().forEach(pages::paragraph);
    }

    private static boolean isLarge(CardView.LayoutPicture layout) {
        return layout.pieces().size() > MANY;
    }

    /** A head in the middle of the seam that points to where its allowances lie; two where it is pressed open. */
    private static void arrow(PrintedPages.Drawing drawing, CardView.PressedSeam seam, double size) {
        double x = (seam.fromX() + seam.toX()) / 2;
        double y = (seam.fromY() + seam.toY()) / 2;
        boolean lying = seam.fromY() == seam.toY();
        switch (seam.direction()) {
            case LEFT -> head(drawing, x, y, -size, 0);
            case RIGHT -> head(drawing, x, y, size, 0);
            case UP -> head(drawing, x, y, 0, -size);
            case DOWN -> head(drawing, x, y, 0, size);
            case OPEN -> {
                head(drawing, x, y, lying ? 0 : size, lying ? size : 0);
                head(drawing, x, y, lying ? 0 : -size, lying ? -size : 0);
            }
        }
    }

    private static void head(PrintedPages.Drawing drawing, double x, double y, double dx, double dy) {
        drawing.polygon(
                new double[] {x - dy, y + dx, x + 1.6 * dx, y + 1.6 * dy, x + dy, y - dx}, "#000000", 0.6f, false);
    }
}
