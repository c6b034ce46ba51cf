package org.goldentally.app.print;

import java.awt.Color;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.util.Matrix;
import org.goldentally.core.cloth.Lightness;

/** A drawing to scale: x to the right and y downwards, in its own units. */
final class Drawing {

    /** A label that would be smaller is left out. */
    private static final float SMALLEST_LABEL = 8;

    /** Size of the measures beside a drawing, and the room they take. */
    private static final float MEASURE = 13;

    static final float MEASURE_ROOM = 20;

    private final PDPageContentStream page;
    private final PrintedText bold;
    private final boolean black;
    private final float scale;
    private final float left;
    private final float top;

    /**
     * @param scale points for one unit
     * @param left of its origin, in points
     * @param top likewise, from the lower edge of the page
     */
    Drawing(PDPageContentStream page, PrintedText bold, boolean black, float scale, float left, float top) {
        this.page = page;
        this.bold = bold;
        this.black = black;
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
        polygon(new double[] {atX, atY, atX + wide, atY, atX + wide, atY + high, atX, atY + high}, fill, line, false);
    }

    /** The dashed edge of a rectangle. */
    void outline(double atX, double atY, double wide, double high) {
        polygon(new double[] {atX, atY, atX + wide, atY, atX + wide, atY + high, atX, atY + high}, "", 0.5f, true);
    }

    void polygon(double[] corners, String fill, float line, boolean dashed) {
        boolean filled = !fill.isEmpty();
        Tags.written(() -> {
            page.saveGraphicsState();
            if (filled) {
                page.setNonStrokingColor(black ? grey(fill) : tint(fill));
            }
            page.setLineWidth(line);
            page.setLineDashPattern(dashed ? new float[] {3, 2} : new float[] {}, 0);
            page.moveTo(x(corners[0]), y(corners[1]));
            for (int i = 2; i < corners.length; i += 2) {
                page.lineTo(x(corners[i]), y(corners[i + 1]));
            }
            page.closePath();
            if (filled) {
                page.fillAndStroke();
            } else {
                page.stroke();
            }
            page.restoreGraphicsState();
        });
    }

    void line(double fromX, double fromY, double toX, double toY, float wide, boolean dashed) {
        Tags.written(() -> {
            page.saveGraphicsState();
            page.setLineWidth(wide);
            page.setLineDashPattern(dashed ? new float[] {3, 2} : new float[] {}, 0);
            page.moveTo(x(fromX), y(fromY));
            page.lineTo(x(toX), y(toY));
            page.stroke();
            page.restoreGraphicsState();
        });
    }

    /** Only what lies in this rectangle is drawn from here on, its edges too. */
    void clip(double wide, double high) {
        Tags.written(() -> {
            page.addRect(x(0) - 1, y(high) - 1, points(wide) + 2, points(high) + 2);
            page.clip();
        });
    }

    /** How wide and how high it is, beneath it and to its right, each with its line. */
    void measures(double wide, double high, String across, String down) {
        double gap = 6 / scale;
        double tick = 3 / scale;
        line(0, high + gap, wide, high + gap, 0.6f, false);
        line(0, high + gap - tick, 0, high + gap + tick, 0.6f, false);
        line(wide, high + gap - tick, wide, high + gap + tick, 0.6f, false);
        line(wide + gap, 0, wide + gap, high, 0.6f, false);
        line(wide + gap - tick, 0, wide + gap + tick, 0, 0.6f, false);
        line(wide + gap - tick, high, wide + gap + tick, high, 0.6f, false);
        String under = bold.printable(across);
        String beside = bold.printable(down);
        text(under, MEASURE, x(wide / 2) - bold.width(under, MEASURE) / 2, y(high) - 6 - MEASURE, false);
        text(beside, MEASURE, x(wide) + 6 + MEASURE, y(high / 2) - bold.width(beside, MEASURE) / 2, true);
    }

    /** A label on a white plate, which can be read on any cloth. */
    void plate(String text, double midX, double midY, double wide, double high, float largest) {
        String printable = bold.printable(text);
        float size = labelSize(printable, wide, high, largest);
        if (size > 0) {
            float half = bold.width(printable, size) / 2 + 1.5f;
            Tags.written(() -> {
                page.saveGraphicsState();
                page.setNonStrokingColor(Color.WHITE);
                page.addRect(x(midX) - half, y(midY) - size * 0.55f, 2 * half, size * 1.1f);
                page.fill();
                page.restoreGraphicsState();
            });
            label(text, midX, midY, wide, high, largest);
        }
    }

    /** Text in the middle of a place, as large as fits up to {@code largest} points; none where it would be tiny. */
    boolean label(String text, double midX, double midY, double wide, double high, float largest) {
        String printable = bold.printable(text);
        float size = labelSize(printable, wide, high, largest);
        if (size > 0) {
            text(printable, size, x(midX) - bold.width(printable, size) / 2, y(midY) - size * 0.35f, false);
        }
        return size > 0;
    }

    private void text(String printable, float size, float fromX, float base, boolean upright) {
        Tags.written(() -> {
            page.beginText();
            page.setFont(bold.font(), size);
            if (upright) {
                page.setTextMatrix(Matrix.getRotateInstance(Math.PI / 2, fromX, base));
            } else {
                page.newLineAtOffset(fromX, base);
            }
            page.showText(printable);
            page.endText();
        });
    }

    private float labelSize(String printable, double wide, double high, float largest) {
        float fits = Math.min(largest, points(high) * 0.8f);
        float natural = bold.width(printable, 1);
        fits = Math.min(fits, points(wide) * 0.92f / Math.max(0.01f, natural));
        return fits < SMALLEST_LABEL ? 0 : fits;
    }

    /** Cloth colours are lightened, so that lines and letters stand out on any printer. */
    static Color tint(String colour) {
        Color full = Color.decode(colour);
        return new Color(lighter(full.getRed()), lighter(full.getGreen()), lighter(full.getBlue()));
    }

    /** About as light as the colour is judged, lightened. */
    static Color grey(String colour) {
        int grey = lighter((int) Math.round(Lightness.of(colour) / 100 * 255));
        return new Color(grey, grey, grey);
    }

    private static int lighter(int part) {
        return 255 - (255 - part) * 45 / 100;
    }
}
