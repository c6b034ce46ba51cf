package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import org.goldentally.core.cloth.HousePrint.Corner;
import org.goldentally.core.cloth.HousePrint.Shape;
import org.goldentally.core.cloth.HousePrint.Tone;

/** One tile of each print, drawn in inches. */
final class PrintTiles {

    private static final int CORNERS_OF_A_DISC = 12;
    private static final int CORNERS_OF_A_LEAF = 16;

    private PrintTiles() {}

    static List<Shape> of(HousePrint print) {
        return switch (print) {
            case PLAIN -> List.of();
            case PIN_DOT -> List.of(disc(0.125, 0.125, 0.05, Tone.STRONG), disc(0.375, 0.375, 0.05, Tone.STRONG));
            case DOT -> List.of(disc(0.4, 0.4, 0.28, Tone.CLEAR), disc(1.1, 1.1, 0.28, Tone.CLEAR));
            case CHECK -> check();
            case PLAID -> plaid();
            case PINSTRIPE -> List.of(box(0.1, 0, 0.05, 0.25, Tone.STRONG));
            case STRIPE -> stripe();
            case DASH -> dashes();
            case LEAF, LARGE_LEAF -> leaves(print.width());
            case FLORAL, LARGE_FLORAL -> flowers(print.width());
            case HERRINGBONE -> herringbone();
            case STAR -> stars();
        };
    }

    private static List<Shape> check() {
        return List.of(
                box(0, 0, 0.5, 0.25, Tone.FAINT),
                box(0, 0.25, 0.25, 0.25, Tone.FAINT),
                box(0, 0, 0.25, 0.25, Tone.CLEAR));
    }

    private static List<Shape> plaid() {
        return List.of(
                box(0, 0.3, 2, 0.5, Tone.FAINT),
                box(0.3, 0, 0.5, 2, Tone.FAINT),
                box(0.3, 0.3, 0.5, 0.5, Tone.CLEAR),
                box(0, 1.4, 2, 0.08, Tone.STRONG),
                box(1.4, 0, 0.08, 2, Tone.STRONG));
    }

    private static List<Shape> stripe() {
        return List.of(
                box(0, 0, 0.5, 1.5, Tone.CLEAR),
                box(0.7, 0, 0.08, 1.5, Tone.STRONG),
                box(1.2, 0, 0.08, 1.5, Tone.STRONG));
    }

    private static List<Shape> dashes() {
        return List.of(
                leaf(0.25, 0.25, 0.16, 0.035, 30, Tone.STRONG),
                leaf(0.75, 0.2, 0.16, 0.035, 100, Tone.STRONG),
                leaf(0.3, 0.75, 0.16, 0.035, 160, Tone.STRONG),
                leaf(0.78, 0.72, 0.16, 0.035, 60, Tone.STRONG));
    }

    private static List<Shape> herringbone() {
        return List.of(
                outline(Tone.CLEAR, 0, 0.375, 0.375, 0, 0.375, 0.15, 0, 0.525),
                outline(Tone.FAINT, 0.375, 0, 0.75, 0.375, 0.75, 0.525, 0.375, 0.15));
    }

    private static List<Shape> stars() {
        return List.of(
                star(0.4, 0.4, 0.3, Tone.CLEAR), star(1.1, 0.75, 0.16, Tone.STRONG), star(0.55, 1.2, 0.2, Tone.STRONG));
    }

    /** Two sprigs to a tile, leaning to both sides. */
    private static List<Shape> leaves(double tile) {
        List<Shape> shapes = new ArrayList<>();
        for (double[] at : new double[][] {{0.28, 0.3, 60}, {0.74, 0.76, 120}}) {
            double x = at[0] * tile;
            double y = at[1] * tile;
            shapes.add(leaf(x, y, 0.2 * tile, 0.012 * tile, at[2], Tone.STRONG));
            shapes.add(leaf(x - 0.1 * tile, y, 0.1 * tile, 0.04 * tile, at[2] + 50, Tone.CLEAR));
            shapes.add(leaf(x + 0.1 * tile, y, 0.1 * tile, 0.04 * tile, at[2] - 50, Tone.CLEAR));
            shapes.add(leaf(x, y - 0.13 * tile, 0.09 * tile, 0.04 * tile, at[2], Tone.CLEAR));
        }
        return shapes;
    }

    /** A large flower, a small one and two leaves to a tile. */
    private static List<Shape> flowers(double tile) {
        List<Shape> shapes = new ArrayList<>();
        shapes.add(leaf(0.62 * tile, 0.3 * tile, 0.14 * tile, 0.05 * tile, 20, Tone.FAINT));
        shapes.add(leaf(0.3 * tile, 0.72 * tile, 0.14 * tile, 0.05 * tile, 100, Tone.FAINT));
        shapes.addAll(flower(0.3 * tile, 0.3 * tile, 0.12 * tile, 6));
        shapes.addAll(flower(0.75 * tile, 0.72 * tile, 0.09 * tile, 5));
        return shapes;
    }

    private static List<Shape> flower(double x, double y, double petal, int petals) {
        List<Shape> shapes = new ArrayList<>();
        for (int i = 0; i < petals; i++) {
            double degrees = 360.0 * i / petals;
            double radians = Math.toRadians(degrees);
            shapes.add(leaf(
                    x + petal * Math.cos(radians),
                    y + petal * Math.sin(radians),
                    petal * 0.85,
                    petal * 0.45,
                    degrees,
                    Tone.CLEAR));
        }
        shapes.add(disc(x, y, petal * 0.45, Tone.STRONG));
        return shapes;
    }

    private static Shape box(double x, double y, double width, double height, Tone tone) {
        return outline(tone, x, y, x + width, y, x + width, y + height, x, y + height);
    }

    private static Shape outline(Tone tone, double... at) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 0; i < at.length; i += 2) {
            corners.add(new Corner(at[i], at[i + 1]));
        }
        return new Shape(tone, corners);
    }

    private static Shape disc(double x, double y, double radius, Tone tone) {
        return around(x, y, CORNERS_OF_A_DISC, tone, any -> radius);
    }

    private static Shape star(double x, double y, double radius, Tone tone) {
        return around(x, y, 10, tone, corner -> corner % 2 == 0 ? radius : radius * 0.45);
    }

    /** Corners at equal angles, the first one at the top. */
    private static Shape around(double x, double y, int corners, Tone tone, IntToDoubleFunction radius) {
        List<Corner> outline = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners - Math.PI / 2;
            outline.add(new Corner(
                    x + radius.applyAsDouble(i) * Math.cos(angle), y + radius.applyAsDouble(i) * Math.sin(angle)));
        }
        return new Shape(tone, outline);
    }

    /** Pointed at both ends: half as long as {@code reach} to each side of its middle, turned by so many degrees. */
    private static Shape leaf(double x, double y, double reach, double breadth, double degrees, Tone tone) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        List<Corner> outline = new ArrayList<>();
        for (int i = 0; i < CORNERS_OF_A_LEAF; i++) {
            double angle = 2 * Math.PI * i / CORNERS_OF_A_LEAF;
            double along = reach * Math.cos(angle);
            double across = breadth * Math.sin(angle) * Math.abs(Math.sin(angle));
            outline.add(new Corner(x + along * cos - across * sin, y + along * sin + across * cos));
        }
        return new Shape(tone, outline);
    }
}
