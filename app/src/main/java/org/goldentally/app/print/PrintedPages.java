package org.goldentally.app.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/**
 * Pages that fill from top to bottom: headings, paragraphs, boxes to tick, tables and drawings. A page that is full is
 * followed by another; each says the quilt's name and its number, and has a ruler to check the printer by.
 */
final class PrintedPages implements AutoCloseable {

    /** What is read in the hand, and what is read at the table, from half a step away. */
    static final float TEXT = 13;

    static final float READ = 16;

    private static final float LEADING = 1.3f;
    private static final float MARGIN = 45;
    private static final float FOOT = 34;
    private static final float BOTTOM = MARGIN + FOOT;
    private static final float TICK_BOX = 15;

    private final PDDocument document = new PDDocument();
    private final Tags tags;
    private final String title;
    private final Paper paper;
    private final PrintedText regular;
    private final PrintedText bold;
    private final PDDocumentOutline outline = new PDDocumentOutline();
    private final List<Chapter> chapters = new ArrayList<>();
    private PDPage sheet;
    private PDPageContentStream page;
    private float y;
    /** Steps stand so much further in, beside a drawing. */
    private float indent;

    /** A heading of the contents: where it begins. */
    private record Chapter(String name, int page) {}

    /** A line of the contents that is written once its page is known. */
    private record Reserved(PDPage sheet, PDStructureElement contents, float y, int most) {}

    private Optional<Reserved> reserved = Optional.empty();

    /** Said under the first heading, whatever is printed; then nothing any more. */
    private Optional<String> open = Optional.empty();

    PrintedPages(String title, Paper paper) {
        this.title = title;
        this.paper = paper;
        this.tags = new Tags(document, title);
        this.regular = new PrintedText(load("inter-regular.ttf"));
        this.bold = new PrintedText(load("inter-bold.ttf"));
        document.getDocumentCatalog().setDocumentOutline(outline);
        this.sheet = new PDPage(paper.size());
        this.page = open(sheet);
    }

    /** Without ligatures, which would be looked for in every line: that takes longer than everything else together. */
    private PDType0Font load(String font) {
        try (InputStream file = PrintedPages.class.getResourceAsStream("/fonts/" + font)) {
            TrueTypeFont shapes = new TTFParser().parse(new RandomAccessReadBuffer(Objects.requireNonNull(file)));
            shapes.setEnableGsub(false);
            return PDType0Font.load(document, shapes, true);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private PDPageContentStream open(PDPage next) {
        try {
            document.addPage(next);
            sheet = next;
            y = paper.size().getHeight() - MARGIN;
            return new PDPageContentStream(document, next);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** What is still to be put right, said on the first page before anything is cut or sewn from it. */
    void sayFirst(String text) {
        open = Optional.of(text);
    }

    Paper paper() {
        return paper;
    }

    float width() {
        return paper.size().getWidth() - 2 * MARGIN;
    }

    /** Of a page that nothing is on yet. */
    float height() {
        return paper.size().getHeight() - MARGIN - BOTTOM;
    }

    /** What is left of the page. */
    float room() {
        return y - BOTTOM;
    }

    void newPage() {
        if (y < paper.size().getHeight() - MARGIN) {
            run(() -> page.close());
            page = open(new PDPage(paper.size()));
        }
    }

    /** Begins a page if less than this is left. */
    void need(float height) {
        if (room() < Math.min(height, height())) {
            newPage();
        }
    }

    void space(float height) {
        y -= height;
    }

    /** A heading that the contents list. */
    void chapter(String name) {
        need(150);
        space(room() < height() - 1 ? 10 : 0);
        chapters.add(new Chapter(name, document.getNumberOfPages()));
        PDOutlineItem item = new PDOutlineItem();
        item.setTitle(name);
        item.setDestination(sheet);
        outline.addLast(item);
        heading("H1", name, 22);
    }

    /** Where the contents stand, which are known at the end only. */
    void contents(int most) {
        tags.within("TOC", () -> reserved = Optional.of(new Reserved(sheet, tags.current(), y, most)));
        y -= most * TEXT * LEADING;
    }

    /** What the whole of it is called. */
    void title(String text) {
        heading("H1", text, 26);
    }

    void heading(String text) {
        heading("H2", text, 17);
    }

    private void heading(String level, String text, float textSize) {
        List<String> lines = bold.lines(text, textSize, width());
        need(lines.size() * textSize * LEADING + 3 * TEXT);
        tags.within(level, () -> {
            for (String line : lines) {
                y -= textSize * LEADING;
                write(bold, line, textSize, MARGIN, y);
            }
        });
        y -= 4;
        Optional<String> said = open;
        open = Optional.empty();
        said.ifPresent(problems -> note("Not ready yet.", problems));
    }

    void paragraph(String text) {
        paragraph(text, TEXT);
    }

    void paragraph(String text, float textSize) {
        tags.within("P", () -> {
            for (String line : regular.lines(text, textSize, width())) {
                need(textSize * LEADING);
                y -= textSize * LEADING;
                write(regular, line, textSize, MARGIN, y);
            }
        });
        y -= 3;
    }

    /** Steps, one after the other. */
    void list(Runnable steps) {
        tags.within("L", steps);
    }

    /** How high steps are that stand so much further in. */
    float stepsHeight(List<String> steps, float further) {
        return (float) steps.stream()
                .mapToDouble(step ->
                        regular.lines(step, READ, width() - 28 - further).size() * READ * LEADING + 5)
                .sum();
    }

    /** Steps beside what is drawn at the left, so wide and high; they go on beneath it where the page is full. */
    void stepsBeside(float wide, float high, Runnable drawn, Runnable steps) {
        float top = y;
        PDPage from = sheet;
        drawn.run();
        y = top;
        indent = wide + 14;
        list(steps);
        indent = 0;
        if (sheet.equals(from)) {
            y = Math.min(y, top - high);
        }
    }

    /** A box to tick, and beside it what to do. */
    void step(String text, boolean done) {
        List<String> lines = regular.lines(text, READ, width() - 28 - indent);
        need(lines.size() * READ * LEADING + 4);
        float left = MARGIN + indent;
        float top = y - READ * LEADING;
        tags.artifact(page, () -> {
            page.setLineWidth(1);
            page.addRect(left, top - 1, TICK_BOX, TICK_BOX);
            page.stroke();
            if (done) {
                page.moveTo(left + 3, top + 6);
                page.lineTo(left + 6, top + 2);
                page.lineTo(left + 12, top + 11);
                page.stroke();
            }
        });
        tags.within(
                "LI",
                () -> tags.within("LBody", () -> {
                    for (String line : lines) {
                        y -= READ * LEADING;
                        write(regular, line, READ, left + 26, y);
                    }
                }));
        y -= 5;
    }

    /** A framed note, such as a caution. */
    void note(String name, String text) {
        List<String> lines = regular.lines(name + " " + text, TEXT, width() - 20);
        float height = lines.size() * TEXT * LEADING + 10;
        need(height + 6);
        float top = y - 2;
        tags.artifact(page, () -> {
            page.setLineWidth(0.8f);
            page.addRect(MARGIN, top - height, width(), height);
            page.stroke();
        });
        y -= 6;
        tags.within("P", () -> {
            for (String line : lines) {
                y -= TEXT * LEADING;
                write(regular, line, TEXT, MARGIN + 10, y);
            }
        });
        y -= 14;
    }

    /** A drawing at the left, and beside it words that are read at the table. */
    void beside(float wide, float high, String name, String text, Runnable drawn) {
        List<String> lines = regular.lines(text, READ, width() - wide - 16);
        float words = (lines.size() + 1) * READ * LEADING + 6;
        need(Math.max(high, words));
        float top = y;
        drawn.run();
        y = top - READ * LEADING;
        tags.within("P", () -> {
            write(bold, bold.printable(name), READ, MARGIN + wide + 16, y);
            for (String line : lines) {
                y -= READ * LEADING;
                write(regular, line, READ, MARGIN + wide + 16, y);
            }
        });
        y = top - Math.max(high, words);
    }

    /** How high a table is whose cells are of one line each. */
    float tableHeight(int rows) {
        return (rows + 1) * (TEXT * LEADING + 5) + 6;
    }

    void table(List<String> heading, List<List<String>> rows, float... shares) {
        table(TEXT, heading, rows, shares);
    }

    /** A table; {@code shares} tell how wide each column is. */
    void table(float textSize, List<String> heading, List<List<String>> rows, float... shares) {
        tags.within("Table", () -> {
            if (heading.stream().anyMatch(head -> !head.isEmpty())) {
                row(textSize, heading, true, shares);
            }
            rows.forEach(row -> row(textSize, row, false, shares));
        });
        y -= 6;
    }

    private void row(float textSize, List<String> cells, boolean head, float... shares) {
        PrintedText font = head ? bold : regular;
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            lines.add(font.lines(cells.get(i), textSize, width() * shares[i] - 6));
        }
        float height = lines.stream().mapToInt(List::size).max().orElse(1) * textSize * LEADING + 5;
        need(height);
        tags.within("TR", () -> {
            float x = MARGIN;
            for (int i = 0; i < cells.size(); i++) {
                List<String> cell = lines.get(i);
                float left = x;
                Runnable written = () -> {
                    for (int line = 0; line < cell.size(); line++) {
                        write(font, cell.get(line), textSize, left, y - (line + 1) * textSize * LEADING);
                    }
                };
                if (head) {
                    tags.columnHead(written);
                } else {
                    tags.within("TD", written);
                }
                x += width() * shares[i];
            }
        });
        y -= height;
        float under = y;
        tags.artifact(page, () -> {
            page.setLineWidth(0.4f);
            page.moveTo(MARGIN, under);
            page.lineTo(MARGIN + width(), under);
            page.stroke();
        });
    }

    /** Colours with their names, side by side, as many in a line as fit. */
    void swatches(List<String> names, List<String> colours) {
        tags.within("L", () -> {
            float x = 0;
            need(TEXT * LEADING + 6);
            y -= TEXT * LEADING + 4;
            for (int i = 0; i < names.size(); i++) {
                String name = regular.printable(names.get(i));
                float wide = 22 + regular.width(name, TEXT) + 14;
                if (x > 0 && x + wide > width()) {
                    x = 0;
                    need(TEXT * LEADING + 6);
                    y -= TEXT * LEADING + 4;
                }
                swatch(name, colours.get(i), MARGIN + x);
                x += wide;
            }
        });
        y -= 8;
    }

    private void swatch(String name, String colour, float left) {
        float base = y;
        plate(colour, left, base - 2, TICK_BOX);
        tags.within("LI", () -> tags.within("LBody", () -> write(regular, name, TEXT, left + 20, base)));
    }

    /** A square of a cloth's colour. */
    private void plate(String colour, float left, float low, float side) {
        tags.artifact(page, () -> {
            page.saveGraphicsState();
            page.setLineWidth(0.6f);
            page.setNonStrokingColor(paper.black() ? Drawing.grey(colour) : Drawing.tint(colour));
            page.addRect(left, low, side, side);
            page.fillAndStroke();
            page.restoreGraphicsState();
        });
    }

    /**
     * A drawing so many units wide and high, as large as fits into these points, with what is said of it for those who do
     * not see it.
     *
     * @return how high it is, in points
     */
    float drawing(
            String words,
            double unitsWide,
            double unitsHigh,
            float mostWide,
            float mostHigh,
            float indent,
            Consumer<Drawing> drawn) {
        float scale = (float) Math.min(mostWide / unitsWide, mostHigh / unitsHigh);
        Drawing drawing = new Drawing(page, bold, paper.black(), scale, MARGIN + indent, y);
        tags.figure(words, () -> tags.content(sheet, page, () -> drawn.accept(drawing)));
        return drawing.points(unitsHigh);
    }

    /** Moves on below a drawing. */
    void below(float height) {
        y -= height;
    }

    /** Something in a frame of its own, at a place of the page: its colour, and its lines of text, each as large as it says. */
    void card(float left, float top, float wide, float high, String colour, List<CardLine> lines) {
        float right = MARGIN + left;
        float from = paper.size().getHeight() - MARGIN - top;
        tags.artifact(page, () -> {
            page.saveGraphicsState();
            page.setLineWidth(0.5f);
            page.setLineDashPattern(new float[] {4, 3}, 0);
            page.addRect(right, from - high, wide, high);
            page.stroke();
            page.restoreGraphicsState();
        });
        plate(colour, right + wide - 36, from - 36, 26);
        float[] base = {from - 8};
        tags.within("P", () -> {
            for (CardLine line : lines) {
                PrintedText font = line.bold() ? bold : regular;
                for (String text : font.lines(line.text(), line.size(), wide - 20)) {
                    base[0] -= line.size() * LEADING;
                    if (base[0] > from - high + 4) {
                        write(font, text, line.size(), right + 10, base[0]);
                    }
                }
            }
        });
        y = Math.min(y, from - high);
    }

    /** A line of a card. */
    record CardLine(String text, float size, boolean bold) {}

    private void write(PrintedText font, String printable, float textSize, float x, float base) {
        tags.content(sheet, page, () -> {
            page.beginText();
            page.setFont(font.font(), textSize);
            page.newLineAtOffset(x, base);
            page.showText(printable);
            page.endText();
        });
    }

    private static void run(Tags.Written work) {
        Tags.written(work);
    }

    /** The finished document, every page with its number. */
    byte[] finish() {
        run(() -> page.close());
        reserved.ifPresent(this::contents);
        int pages = document.getNumberOfPages();
        for (int i = 0; i < pages; i++) {
            String foot = bold.printable(title + " – page " + (i + 1) + " of " + pages);
            reopened(
                    document.getPage(i),
                    () -> tags.artifact(page, () -> {
                        page.beginText();
                        page.setFont(regular.font(), 11);
                        page.newLineAtOffset(MARGIN, MARGIN + 18);
                        page.showText(foot);
                        page.endText();
                        TrueRuler.draw(page, regular, paper, MARGIN, MARGIN - 8);
                    }));
        }
        tags.finish();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        run(() -> document.save(bytes));
        return bytes.toByteArray();
    }

    private void contents(Reserved place) {
        reopened(place.sheet(), () -> {
            y = place.y();
            tags.within(
                    place.contents(),
                    () -> chapters.stream().limit(place.most()).forEach(chapter -> {
                        y -= TEXT * LEADING;
                        String number = String.valueOf(chapter.page());
                        String name =
                                bold.lines(chapter.name(), TEXT, width() - 60).getFirst();
                        tags.within("TOCI", () -> {
                            write(regular, name, TEXT, MARGIN, y);
                            write(regular, number, TEXT, MARGIN + width() - regular.width(number, TEXT), y);
                        });
                    }));
        });
    }

    private void reopened(PDPage again, Runnable work) {
        run(() -> {
            try (PDPageContentStream more = new PDPageContentStream(document, again, AppendMode.APPEND, true, true)) {
                sheet = again;
                page = more;
                work.run();
            }
        });
    }

    @Override
    public void close() {
        run(document::close);
    }
}
