package org.goldentally.core.cloth;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A first swatch for a cloth from the colour words in its name: {@code marigold prints} starts out marigold. Our own
 * choice of colours, to be changed at will by the quilter; a name without a colour word gets a swatch from its letters, which is said to be a
 * guess.
 */
public final class ColourWords {

    private static final Map<String, String> SWATCHES = new LinkedHashMap<>();

    static {
        String[] words = {
            "marigold #efa91c", "oat #ede4cc", "ink #22374f", "spruce #2f7059", "brick #b5482f", "sky #9cc3d8",
            "teal #1f7a7d", "cream #f3ead2", "white #f7f6f2", "ivory #f5efdf", "black #1f2024", "grey #8c9196",
            "gray #8c9196", "silver #b9bec2", "charcoal #43484d", "navy #1f2f52", "blue #3c6da3", "indigo #36407a",
            "aqua #6fbfbe", "mint #a9d3b5", "green #4c8a4f", "olive #7b7a3a", "moss #66753e", "lime #a6bf45",
            "yellow #f0cf4a", "lemon #f2e079", "gold #c99a2e", "mustard #c8971f", "orange #e08034", "peach #efb48c",
            "coral #e2725b", "red #b8323a", "cherry #a42238", "rose #cf6f85", "pink #e3a1b4", "plum #6d3a5d",
            "purple #6f4a8e", "violet #7a5aa6", "lavender #b3a5d1", "brown #7a5638", "chestnut #7b4a2f", "tan #c3a078",
            "sand #d9c8a3", "linen #e6dcc6", "denim #44618a", "rust #a34e26"
        };
        for (String word : words) {
            SWATCHES.put(word.substring(0, word.indexOf(' ')), word.substring(word.indexOf('#')));
        }
    }

    /** Hues in degrees that a name without a colour speaks of (our own choice). */
    private static final Map<String, List<Integer>> HUES = new LinkedHashMap<>();

    static {
        hues(List.of(14, 42, 28, 350, 70), "autumn", "autumnal", "fall", "harvest", "october", "november");
        hues(List.of(105, 335, 52, 275), "spring", "easter", "april", "blossom");
        hues(List.of(195, 48, 345, 120), "summer", "holiday", "picnic");
        hues(List.of(212, 228, 196, 250), "winter", "frost", "snow", "ice");
        hues(List.of(354, 135, 44), "christmas", "yule", "festive", "holly");
        hues(List.of(110, 340, 280, 45), "garden", "meadow", "flower", "flowers", "floral", "bloom");
        hues(List.of(190, 208, 175, 222), "sea", "ocean", "beach", "coast", "lake", "river", "water");
        hues(List.of(120, 92, 145, 30), "forest", "wood", "woods", "woodland", "fern", "leaf", "leaves");
        hues(List.of(20, 340, 44, 285), "sunset", "sunrise", "dawn", "dusk", "evening");
        hues(List.of(335, 302, 270, 352), "berry", "berries", "fruits", "wine");
        hues(List.of(332, 195, 50, 280), "candy", "sweets", "sweet", "sorbet", "pastel", "pastels");
        hues(List.of(46, 30, 80, 58), "citrus", "sunny", "honey");
        hues(List.of(26, 36, 14, 46), "desert", "earth", "spice", "spices", "coffee");
        hues(List.of(232, 252, 215, 270), "night", "midnight", "starry");
    }

    private static void hues(List<Integer> hues, String... words) {
        for (String word : words) {
            HUES.putIfAbsent(word, hues);
        }
    }

    /** Lightness that a word says, as the middle of its third of the range (our own choice). */
    private static final Map<String, String> VALUES = Map.of(
            "light", "84", "pale", "84", "medium", "54", "middle", "54", "mid", "54", "dark", "25", "deep", "25");

    /** How much black or white a shade has in it: {@code dark teal}, {@code pale rose} (our own choice). */
    private static final double SHADE = 0.4;

    private ColourWords() {}

    /**
     * A first swatch.
     *
     * @param colour as {@code #rrggbb}
     * @param guessed whether the name says no colour, so that it only tells cloths apart and nothing is judged by it
     * @param lightness what the name says of it where it says no colour: {@code heap dark} is dark; empty otherwise
     */
    public record Swatch(String colour, boolean guessed, String lightness) {}

    /** {@code marigold prints} is known to be marigold; {@code autumn} is a guess. */
    public static Swatch swatchFor(String clothName) {
        String name = clothName.toLowerCase(Locale.ROOT);
        String colour = "";
        String value = "";
        for (String word : name.split("[^a-z]+")) {
            colour = colour.isEmpty() ? SWATCHES.getOrDefault(word, "") : colour;
            value = value.isEmpty() ? VALUES.getOrDefault(word, "") : value;
        }
        if (!colour.isEmpty()) {
            return new Swatch(shaded(colour, value), false, "");
        }
        return new Swatch(value.isEmpty() ? anyFor(name) : shadeOfGrey(value), true, value);
    }

    /** Hues, in degrees, that a name speaks of without saying a colour: {@code autumn}; empty where it speaks of none. */
    static List<Integer> huesOf(String clothName) {
        return Stream.of(clothName.toLowerCase(Locale.ROOT).split("[^a-z]+"))
                .flatMap(word -> HUES.getOrDefault(word, List.of()).stream())
                .distinct()
                .toList();
    }

    private static String anyFor(String name) {
        List<Integer> hues = huesOf(name);
        if (!hues.isEmpty()) {
            return PrintSwatches.middle(hues.getFirst());
        }

        int pick = Math.floorMod(name.hashCode(), SWATCHES.size());
        return SWATCHES.values().stream().skip(pick).findFirst().orElseThrow();
    }

    /** A grey of the lightness that the word says, so that the grey view shows what was said. */
    private static String shadeOfGrey(String lightness) {
        double wanted = Double.parseDouble(lightness);
        int level = 0;
        while (level < 255 && Lightness.of(String.format("#%1$02x%1$02x%1$02x", level)) < wanted) {
            level++;
        }
        return String.format("#%1$02x%1$02x%1$02x", level);
    }

    private static String shaded(String colour, String value) {
        double wanted = value.isEmpty() ? -1 : Double.parseDouble(value);
        boolean darker = wanted >= 0 && wanted < 40;
        boolean lighter = wanted > 67;
        if (!darker && !lighter) {
            return colour;
        }
        int rgb = Integer.parseInt(colour.substring(1), 16);
        int towards = darker ? 0 : 255;
        StringBuilder mixed = new StringBuilder("#");
        for (int shift = 16; shift >= 0; shift -= 8) {
            int channel = rgb >> shift & 255;
            mixed.append(String.format("%02x", Math.round(channel + (towards - channel) * SHADE)));
        }
        return mixed.toString();
    }
}
