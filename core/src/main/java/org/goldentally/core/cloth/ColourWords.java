package org.goldentally.core.cloth;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/**
 * A first swatch for a cloth from the colour words in its name: {@code marigold prints} starts out marigold. Our own
 * choice of colours, to be changed at will by the quilter; a name without a colour word gets a swatch from its letters.
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

    private ColourWords() {}

    /** A colour as {@code #rrggbb}. */
    public static String swatchFor(String clothName) {
        String name = clothName.toLowerCase(Locale.ROOT);
        for (String word : name.split("[^a-z]+")) {
            String swatch = SWATCHES.get(word);
            if (swatch != null) {
                return swatch;
            }
        }
        int pick = Math.floorMod(name.hashCode(), SWATCHES.size());
        return SWATCHES.values().stream().skip(pick).findFirst().orElseThrow();
    }
}
