package org.goldentally.core.cloth;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A print that a fabric is drawn with in quilts: a tile that repeats both ways, in inches, so that its scale is true
 * wherever the quilt is drawn. All of them are ours. Shapes are white or ink, laid thinly over the fabric's own colour; the
 * value that is judged stays that of the swatch.
 */
public enum HousePrint {
    PLAIN("plain", 1, 1),
    PIN_DOT("pin dots", 0.5, 0.5),
    DOT("large dots", 1.5, 1.5),
    CHECK("check", 0.5, 0.5),
    PLAID("plaid", 2, 2),
    PINSTRIPE("pinstripe", 0.25, 0.25),
    STRIPE("stripe", 1.5, 1.5),
    DASH("scattered dashes", 1, 1),
    LEAF("small leaves", 1, 1),
    LARGE_LEAF("large leaves", 2.5, 2.5),
    FLORAL("small flowers", 1.25, 1.25),
    LARGE_FLORAL("large flowers", 3, 3),
    HERRINGBONE("herringbone", 0.75, 0.75),
    STAR("scattered stars", 1.5, 1.5);

    /** How much of white, or of ink on a light fabric, a shape is mixed with. */
    public enum Tone {
        FAINT,
        CLEAR,
        STRONG
    }

    /** A corner, in inches from the upper left of the tile, to the right and down. */
    public record Corner(double x, double y) {}

    /** A filled outline within the tile. */
    public record Shape(Tone tone, List<Corner> outline) {
        public Shape {
            outline = List.copyOf(outline);
        }
    }

    private static final Map<String, HousePrint> WORDS = words();

    private static final List<HousePrint> IN_PACKS =
            List.of(FLORAL, PIN_DOT, LEAF, CHECK, LARGE_FLORAL, DASH, PINSTRIPE, DOT, STAR, HERRINGBONE, LARGE_LEAF);

    private static final List<String> SOLID = List.of("solid", "solids", "plain", "plains", "linen");

    private final String displayName;
    private final double width;
    private final double height;

    HousePrint(String displayName, double width, double height) {
        this.displayName = displayName;
        this.width = width;
        this.height = height;
    }

    /** What it is called: {@code large dots}. */
    public String displayName() {
        return displayName;
    }

    /** The print of this name. */
    public static Optional<HousePrint> of(String name) {
        return Arrays.stream(values())
                .filter(print -> print.displayName.equals(name))
                .findFirst();
    }

    /** What the name of a fabric says of its print: plain where it says nothing. */
    public static HousePrint named(String fabric) {
        List<String> words = wordsOf(fabric);
        return WORDS.entrySet().stream()
                .filter(word -> words.contains(word.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(PLAIN);
    }

    /**
     * How a print of a pack is drawn: by what the name of the pack says; where it says nothing, each has the next one, so that
     * they are told apart by more than colour.
     *
     * @param place from 0
     */
    public static HousePrint ofPack(String pack, int place) {
        HousePrint named = named(pack);
        boolean plain = named != PLAIN || wordsOf(pack).stream().anyMatch(SOLID::contains);
        return plain ? named : IN_PACKS.get(Math.floorMod(place, IN_PACKS.size()));
    }

    private static List<String> wordsOf(String name) {
        return List.of(name.toLowerCase(Locale.ROOT).split("[^a-z]+"));
    }

    /** Width of the tile, in inches. */
    public double width() {
        return width;
    }

    /** Height of the tile, in inches. */
    public double height() {
        return height;
    }

    /** What is drawn on one tile, none of it over its edges. */
    public List<Shape> shapes() {
        return PrintTiles.of(this);
    }

    private static Map<String, HousePrint> words() {
        Map<String, HousePrint> words = new LinkedHashMap<>();
        List.of("pindot", "pindots").forEach(word -> words.put(word, PIN_DOT));
        List.of("dot", "dots", "dotted", "spot", "spots", "spotted").forEach(word -> words.put(word, DOT));
        List.of("check", "checks", "checked", "gingham").forEach(word -> words.put(word, CHECK));
        List.of("plaid", "tartan").forEach(word -> words.put(word, PLAID));
        List.of("pinstripe", "pinstripes", "ticking").forEach(word -> words.put(word, PINSTRIPE));
        List.of("stripe", "stripes", "striped").forEach(word -> words.put(word, STRIPE));
        List.of("leaf", "leaves", "vine", "vines", "fern", "ferns").forEach(word -> words.put(word, LEAF));
        List.of("floral", "florals", "flower", "flowers", "rosebud", "rosebuds", "daisy", "daisies")
                .forEach(word -> words.put(word, FLORAL));
        List.of("herringbone", "chevron").forEach(word -> words.put(word, HERRINGBONE));
        List.of("star", "stars", "starry").forEach(word -> words.put(word, STAR));
        return words;
    }
}
