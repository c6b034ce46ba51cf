package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;

/**
 * First swatches for the prints of a pack whose colours nobody has said yet: spread round the colour wheel, light, middle
 * and dark in turn, so that they can be told apart until the quilter picks or photographs them.
 */
public final class PrintSwatches {

    /** The golden section of the circle: each hue falls into the widest gap left so far. */
    private static final double HUE_STEP = 0.381_966_011_25;

    private static final double[] LIGHTNESS = {0.78, 0.32, 0.55};
    private static final double[] SATURATION = {0.5, 0.45, 0.4};

    private PrintSwatches() {}

    /**
     * {@code count} colours written {@code #rrggbb}; the first begins near the given one.
     *
     * @param lightness what is said of all of them, from 0 to 100; empty where nothing is
     */
    public static List<String> spread(String first, int count, String lightness) {
        // HSL lightness is not L*, but orders colours much like it; what is judged by is the lightness that was said.
        double said = lightness.isEmpty() ? -1 : Double.parseDouble(lightness) / 100;
        return spread(first, count, said);
    }

    /** Light, middle and dark in turn. */
    public static List<String> spread(String first, int count) {
        return spread(first, count, -1);
    }

    private static List<String> spread(String first, int count, double lightness) {
        double hue = hue(Integer.parseInt(first.substring(1), 16));
        List<String> swatches = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            swatches.add(
                    colour((hue + i * HUE_STEP) % 1, SATURATION[i % 3], lightness < 0 ? LIGHTNESS[i % 3] : lightness));
        }
        return swatches;
    }

    private static double hue(int rgb) {
        return java.awt.Color.RGBtoHSB(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, null)[0];
    }

    /** From hue, saturation and lightness (HSL) to red, green and blue. */
    private static String colour(double hue, double saturation, double lightness) {
        double chroma = (1 - Math.abs(2 * lightness - 1)) * saturation;
        int[] channels = new int[3];
        double[] shift = {0, 8, 4};
        for (int i = 0; i < 3; i++) {
            double k = (shift[i] + hue * 12) % 12;
            double share = lightness - chroma / 2 * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
            channels[i] = (int) Math.round(255 * share);
        }
        return String.format("#%02x%02x%02x", channels[0], channels[1], channels[2]);
    }
}
