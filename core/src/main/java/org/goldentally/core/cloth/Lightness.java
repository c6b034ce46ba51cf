package org.goldentally.core.cloth;

/**
 * How light a colour is to the eye: CIELAB L*, 0 for black to 100 for white. A mid grey {@code #777777} is 50.
 *
 * <p>Source: IEC 61966-2-1 (sRGB to linear light and to luminance Y), CIE 15 (Y to L*, white point Y = 1). Both from
 * memory; the test holds L* against the JDK's own colour profile.
 */
public final class Lightness {

    /** Below this luminance L* goes straight up: (6/29)^3. */
    private static final double STRAIGHT_BELOW = 216.0 / 24_389;

    /** Slope of L* there: (29/3)^3. */
    private static final double SLOPE = 24_389.0 / 27;

    private Lightness() {}

    /**
     * As a cloth is judged: by its swatch, unless the quilter says otherwise.
     *
     * @param typed from 0 to 100 with a point or a comma; what is none says nothing
     */
    public static double judged(String colour, String typed) {
        try {
            return typed.isBlank()
                    ? of(colour)
                    : Math.clamp(Double.parseDouble(typed.strip().replace(',', '.')), 0, 100);
        } catch (NumberFormatException unreadable) {
            return of(colour);
        }
    }

    /** Of a colour written {@code #rrggbb}. */
    public static double of(String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        double luminance =
                0.2126 * linear(rgb >> 16 & 255) + 0.7152 * linear(rgb >> 8 & 255) + 0.0722 * linear(rgb & 255);
        return luminance > STRAIGHT_BELOW ? 116 * Math.cbrt(luminance) - 16 : SLOPE * luminance;
    }

    static double linear(int channel) {
        double share = channel / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    /** {@code light}, {@code middle} or {@code dark}: thirds of the range (our own limits). */
    public static String word(double lightness) {
        return lightness >= 67 ? "light" : lightness >= 40 ? "middle" : "dark";
    }
}
