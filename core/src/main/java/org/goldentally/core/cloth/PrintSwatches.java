package org.goldentally.core.cloth;

import java.util.ArrayList;
import java.util.List;

/**
 * First swatches for the prints of a pack whose colours nobody has said yet, so that they can be told apart until the quilter
 * picks or photographs them. They follow the name: shades of teal for {@code teal}, leaves for {@code autumn}. A name that says
 * nothing has them spread round the colour wheel. Where no colour is named they are light, middle and dark in turn, but none so
 * light that it would vanish in white or cream, none so dark that it would in black.
 */
public final class PrintSwatches {

    /** The golden section of the circle: each hue falls into the widest gap left so far. */
    private static final double HUE_STEP = 0.381_966_011_25;

    private static final double[] LIGHTNESS = {0.72, 0.34, 0.53};
    private static final double[] SATURATION = {0.5, 0.45, 0.4};
    private static final double MIDDLE = 0.53;

    /** L* of the lightest and of the darkest: white is 97, cream 93 and black 12, and 20 apart reads as two. */
    private static final double LIGHTEST = 73;

    private static final double DARKEST = 38;
    private static final double STEP = 0.01;

    /** How far a hue that comes again is from the time before, in degrees, to either side. */
    private static final int[] SHIFTS = {0, 5, -5, 11, -11, 2, -2, 8, -8};

    /** How much lighter and darker the shades of one colour are. */
    private static final double[] SHADES = {0, 0.1, -0.1, 0.05, -0.05, 0.14, -0.14};

    private static final double DEGREES = 360;

    private PrintSwatches() {}

    /** {@code count} colours written {@code #rrggbb} for the prints of a pack of this name. */
    public static List<String> ofPack(String name, int count) {
        ColourWords.Swatch whole = ColourWords.swatchFor(name);
        List<Integer> hues = ColourWords.huesOf(name);
        List<String> swatches = new ArrayList<>();
        for (int print = 0; print < count; print++) {
            swatches.add(
                    !whole.guessed()
                            ? shade(whole.colour(), print)
                            : hues.isEmpty() ? roundTheWheel(whole, print) : ofHues(hues, whole, print));
        }
        return swatches;
    }

    /** A colour of this hue that is neither light nor dark. */
    static String middle(int degrees) {
        return colour(degrees / DEGREES, SATURATION[0], MIDDLE);
    }

    private static String roundTheWheel(ColourWords.Swatch whole, int print) {
        return told(hueOf(whole.colour()) + print * HUE_STEP, whole, print);
    }

    private static String ofHues(List<Integer> hues, ColourWords.Swatch whole, int print) {
        int round = print / hues.size();
        double hue = (hues.get(print % hues.size()) + SHIFTS[round % SHIFTS.length]) / DEGREES;
        // Of three hues each would always be as light as the time before.
        int turn = print + round;
        return told(hue, whole, turn);
    }

    /** Light, middle or dark in turn, or as is said of all prints. */
    private static String told(double hue, ColourWords.Swatch whole, int turn) {
        double saturation = SATURATION[turn % 3];
        if (!whole.lightness().isEmpty()) {
            return colour(hue, saturation, Double.parseDouble(whole.lightness()) / 100);
        }
        double lightness = LIGHTNESS[turn % 3];
        // HSL lightness is not L*: a yellow of the same is much lighter than a blue.
        while (Lightness.of(colour(hue, saturation, lightness)) > LIGHTEST) {
            lightness -= STEP;
        }
        while (Lightness.of(colour(hue, saturation, lightness)) < DARKEST) {
            lightness += STEP;
        }
        return colour(hue, saturation, lightness);
    }

    private static String shade(String of, int print) {
        int rgb = Integer.parseInt(of.substring(1), 16);
        double most = Math.max(rgb >> 16 & 255, Math.max(rgb >> 8 & 255, rgb & 255)) / 255.0;
        double least = Math.min(rgb >> 16 & 255, Math.min(rgb >> 8 & 255, rgb & 255)) / 255.0;
        double lightness = (most + least) / 2;
        double saturation = most == least ? 0 : (most - least) / (1 - Math.abs(2 * lightness - 1));
        double hue = hueOf(of) + SHIFTS[print % SHIFTS.length] / DEGREES;
        return colour(hue, saturation, Math.clamp(lightness + SHADES[print % SHADES.length], 0.1, 0.96));
    }

    private static double hueOf(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        return java.awt.Color.RGBtoHSB(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, null)[0];
    }

    /** From hue, saturation and lightness (HSL) to red, green and blue. */
    private static String colour(double anyHue, double saturation, double lightness) {
        double hue = anyHue - Math.floor(anyHue);
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
