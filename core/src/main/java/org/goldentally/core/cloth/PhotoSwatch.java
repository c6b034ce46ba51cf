package org.goldentally.core.cloth;

/**
 * Colour and lightness of a cloth from a photograph of it: the mean of all its points in linear light, as the eye sees a
 * print from across the room. The rim of the picture is left out, where table and fingers are.
 */
public final class PhotoSwatch {

    /** This share of the picture is left out at each side (our own choice). */
    private static final double RIM = 0.1;

    private PhotoSwatch() {}

    /**
     * The colour of a photographed cloth: the mean in linear light, the rim left out.
     *
     * @param rgb points row by row, each {@code 0xrrggbb}; what stands above is ignored
     */
    public static String colour(int[] rgb, int width) {
        int height = rgb.length / width;
        int left = (int) (width * RIM);
        int top = (int) (height * RIM);
        double[] sum = new double[3];
        long points = 0;
        for (int y = top; y < height - top; y++) {
            for (int x = left; x < width - left; x++) {
                int point = rgb[y * width + x];
                sum[0] += Lightness.linear(point >> 16 & 255);
                sum[1] += Lightness.linear(point >> 8 & 255);
                sum[2] += Lightness.linear(point & 255);
                points++;
            }
        }
        return String.format(
                "#%02x%02x%02x", channel(sum[0] / points), channel(sum[1] / points), channel(sum[2] / points));
    }

    /** The inverse of the sRGB curve (IEC 61966-2-1, from memory). */
    private static int channel(double linear) {
        double share = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * share);
    }
}
