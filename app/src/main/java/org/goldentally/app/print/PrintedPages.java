package org.goldentally.app.print;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.goldentally.core.measure.MeasureSystem;

/**
 * Pages that fill from top to bottom: headings, paragraphs, boxes to tick, tables and drawings. A page that is full is
 * followed by another; each says the quilt's name and its number. Letter size for quilts in inches, A4 for centimetres.
 */
final class PrintedPages implements AutoCloseable {

    static final float TEXT = 12;
    static final float SMALL = 10;
    private static final float LEADING = 1.35f;
    private static final float MARGIN = 48;
    private static final float FOOT = 26;

    /** Drawings and text never leave less than this under them. */
    private static final float BOTTOM = MARGIN + FOOT;

    private final PDDocument document = new PDDocument();
    private final String title;
    private final PDRectangle size;
    /** A label that would be smaller is left out. */
    private static final float SMALLEST_LABEL = 5;

    private final PrintedText regular;
    private final PrintedText bold;
    private PDPageContentStream page;
    private float y;

    PrintedPages(String title, MeasureSystem system) {
        this.title = title;
        this.size = system == MeasureSystem.INCH ? PDRectangle.LETTER : PDRectangle.A4;
        this.regular = new PrintedText(load("inter-regular.ttf"));
        this.bold = new PrintedText(load("inter-bold.ttf"));
        document.getDocumentInformation().setTitle(title);
        this.page = open();
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

    private PDPageContentStream open() {
        try {
            PDPage next = new PDPage(size);
            document.addPage(next);
            y = size.getHeight() - MARGIN;
            return new PDPageContentStream(document, next);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    float width() {
        return size.getWidth() - 2 * MARGIN;
    }

    /** What is left of the page. */
    float room() {
        return y - BOTTOM;
    }

    void newPage() {
        if (y < size.getHeight() - MARGIN) {
            run(() -> page.close());
            page = open();
        }
    }

    /** Begins a page if less than this is left. */
    void need(float height) {
        if (room() < height) {
            newPage();
        }
    }

    void space(float height) {
        y -= height;
    }

    void heading(String text, float textSize) {
        List<String> lines = bold.lines(text, textSize, width());
        need(lines.size() * textSize * LEADING + 3 * TEXT);
        for (String line : lines) {
            y -= textSize * LEADING;
            write(bold, line, textSize, MARGIN, y);
        }
        y -= 4;
    }

    void paragraph(String text) {
        paragraph(text, TEXT, 0);
    }

    void paragraph(String text, float textSize, float indent) {
        for (String line : regular.lines(text, textSize, width() - indent)) {
            need(textSize * LEADING);
            y -= textSize * LEADING;
            write(regular, line, textSize, MARGIN + indent, y);
        }
        y -= 3;
    }

    /** A box to tick, and beside it what to do. */
    void step(String text, boolean done) {
        List<String> lines = regular.lines(text, TEXT, width() - 26);
        need(lines.size() * TEXT * LEADING + 4);
        float top = y - TEXT * LEADING;
        run(() -> {
            page.setLineWidth(1);
            page.addRect(MARGIN, top - 2, 13, 13);
            page.stroke();
            if (done) {
                page.moveTo(MARGIN + 2, top + 4);
                page.lineTo(MARGIN + 5, top);
                page.lineTo(MARGIN + 11, top + 9);
                page.stroke();
            }
        });
        for (String line : lines) {
            y -= TEXT * LEADING;
            write(regular, line, TEXT, MARGIN + 24, y);
        }
        y -= 5;
    }

    /** A framed note, such as a caution. */
    void note(String title, String text) {
        List<String> lines = regular.lines(title + " " + text, SMALL, width() - 20);
        float height = lines.size() * SMALL * LEADING + 10;
        need(height + 6);
        float top = y - 2;
        run(() -> {
            page.setLineWidth(0.8f);
            page.addRect(MARGIN, top - height, width(), height);
            page.stroke();
        });
        y -= 6;
        for (String line : lines) {
            y -= SMALL * LEADING;
            write(regular, line, SMALL, MARGIN + 10, y);
        }
        y -= 14;
    }

    /** Texts side by side, each in its own column. */
    void columns(List<String> texts, float column, float gap) {
        float lowest = y;
        for (int i = 0; i < texts.size(); i++) {
            float at = y;
            for (String line : regular.lines(texts.get(i), SMALL, column - gap)) {
                at -= SMALL * LEADING;
                write(regular, line, SMALL, MARGIN + i * column, at);
            }
            lowest = Math.min(lowest, at);
        }
        y = lowest - 10;
    }

    /** How high a table is whose cells are of one line each. */
    float tableHeight(int rows) {
        return (rows + 1) * (SMALL * LEADING + 5) + 6;
    }

    /** A table; {@code shares} tell how wide each column is. */
    void table(List<String> heading, List<List<String>> rows, float... shares) {
        row(heading, bold, shares);
        rows.forEach(row -> row(row, regular, shares));
        y -= 6;
    }

    private void row(List<String> cells, PrintedText font, float... shares) {
        int most = 1;
        for (int i = 0; i < cells.size(); i++) {
            most = Math.max(
                    most,
                    font.lines(cells.get(i), SMALL, width() * shares[i] - 6).size());
        }
        float height = most * SMALL * LEADING + 5;
        need(height);
        float x = MARGIN;
        for (int i = 0; i < cells.size(); i++) {
            float at = y;
            for (String line : font.lines(cells.get(i), SMALL, width() * shares[i] - 6)) {
                at -= SMALL * LEADING;
                write(font, line, SMALL, x, at);
            }
            x += width() * shares[i];
        }
        y -= height;
        float under = y;
        run(() -> {
            page.setLineWidth(0.4f);
            page.moveTo(MARGIN, under);
            page.lineTo(MARGIN + width(), under);
            page.stroke();
        });
    }

    /** A place for a drawing so many units wide and high, as large as fits into these points. */
    Drawing drawing(double unitsWide, double unitsHigh, float mostWide, float mostHigh, float indent) {
        float scale = (float) Math.min(mostWide / unitsWide, mostHigh / unitsHigh);
        return new Drawing(scale, MARGIN + indent, y);
    }

    /** Moves on below a drawing. */
    void below(float height) {
        y -= height;
    }

    private void write(PrintedText font, String printable, float textSize, float x, float base) {
        run(() -> {
            page.beginText();
            page.setFont(font.font(), textSize);
            page.newLineAtOffset(x, base);
            page.showText(printable);
            page.endText();
        });
    }

    private interface Work {
        void run() throws IOException;
    }

    private static void run(Work work) {
        try {
            work.run();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** A drawing to scale: x to the right and y downwards, in its own units. */
    final class Drawing {
        private final float scale;
        private final float left;
        private final float top;

        private Drawing(float scale, float left, float top) {
            this.scale = scale;
            this.left = left;
            this.top = top;
        }

        float points(double units) {
            return (float) (units * scale);
        }

        private float x(double at) {
            return left + (float) (at * scale);
        }

        private float y(double at) {
            return top - (float) (at * scale);
        }

        /** A rectangle; {@code fill} is {@code #rrggbb}, or empty for none. */
        void box(double atX, double atY, double wide, double high, String fill, float line) {
            polygon(
                    new double[] {atX, atY, atX + wide, atY, atX + wide, atY + high, atX, atY + high},
                    fill,
                    line,
                    false);
        }

        void polygon(double[] corners, String fill, float line, boolean dashed) {
            run(() -> {
                page.saveGraphicsState();
                if (!fill.isEmpty()) {
                    page.setNonStrokingColor(tint(fill));
                }
                page.setLineWidth(line);
                page.setLineDashPattern(dashed ? new float[] {3, 2} : new float[] {}, 0);
                page.moveTo(x(corners[0]), y(corners[1]));
                for (int i = 2; i < corners.length; i += 2) {
                    page.lineTo(x(corners[i]), y(corners[i + 1]));
                }
                page.closePath();
                if (fill.isEmpty()) {
                    page.stroke();
                } else {
                    page.fillAndStroke();
                }
                page.restoreGraphicsState();
            });
        }

        void line(double fromX, double fromY, double toX, double toY, float wide, boolean dashed) {
            run(() -> {
                page.saveGraphicsState();
                page.setLineWidth(wide);
                page.setLineDashPattern(dashed ? new float[] {3, 2} : new float[] {}, 0);
                page.moveTo(x(fromX), y(fromY));
                page.lineTo(x(toX), y(toY));
                page.stroke();
                page.restoreGraphicsState();
            });
        }

        /** A label on a white plate, which can be read on any cloth. */
        void plate(String text, double midX, double midY, double wide, double high, float largest) {
            String printable = bold.printable(text);
            float size = labelSize(printable, wide, high, largest);
            if (size > 0) {
                float half = bold.width(printable, size) / 2 + 1.5f;
                run(() -> {
                    page.saveGraphicsState();
                    page.setNonStrokingColor(Color.WHITE);
                    page.addRect(x(midX) - half, y(midY) - size * 0.5f, 2 * half, size);
                    page.fill();
                    page.restoreGraphicsState();
                });
                label(text, midX, midY, wide, high, largest);
            }
        }

        /** Text in the middle of a place, as large as fits up to {@code largest} points; none where it would be tiny. */
        void label(String text, double midX, double midY, double wide, double high, float largest) {
            String printable = bold.printable(text);
            float size = labelSize(printable, wide, high, largest);
            if (size > 0) {
                write(bold, printable, size, x(midX) - bold.width(printable, size) / 2, y(midY) - size * 0.35f);
            }
        }

        private float labelSize(String printable, double wide, double high, float largest) {
            float fits = Math.min(largest, points(high) * 0.8f);
            float natural = bold.width(printable, 1);
            fits = Math.min(fits, points(wide) * 0.92f / Math.max(0.01f, natural));
            return fits < SMALLEST_LABEL ? 0 : fits;
        }

        /** Cloth colours are lightened, so that lines and letters stand out on any printer. */
        private Color tint(String colour) {
            Color full = Color.decode(colour);
            return new Color(
                    255 - (255 - full.getRed()) * 45 / 100,
                    255 - (255 - full.getGreen()) * 45 / 100,
                    255 - (255 - full.getBlue()) * 45 / 100);
        }
    }

    /** The finished document, every page with its number. */
    byte[] finish() {
        run(() -> page.close());
        int pages = document.getNumberOfPages();
        for (int i = 0; i < pages; i++) {
            String foot = bold.printable(title + "  –  page " + (i + 1) + " of " + pages);
            int number = i;
            run(() -> {
                try (PDPageContentStream end = new PDPageContentStream(
                        document, document.getPage(number), PDPageContentStream.AppendMode.APPEND, true, true)) {
                    end.beginText();
                    end.setFont(regular.font(), SMALL);
                    end.newLineAtOffset(MARGIN, MARGIN);
                    end.showText(foot);
                    end.endText();
                }
            });
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        run(() -> document.save(bytes));
        return bytes.toByteArray();
    }

    @Override
    public void close() {
        run(document::close);
    }
}
