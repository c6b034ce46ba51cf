package org.goldentally.core.design;

import org.goldentally.core.problem.Limits;

/**
 * A cloth that the quilt is dressed in.
 *
 * @param key how patches refer to it
 * @param name as on the shelf, or as the quilter calls it
 * @param colour of its swatch, {@code #rrggbb}
 * @param lightness CIELAB L* from 0 to 100 as typed, where the quilter overrules the swatch; empty otherwise
 * @param background whether it may lie beside itself: the cloth that the others are set on
 * @param shelfCloth its identity on the shelf; empty if it is not there
 */
public record ClothInHand(
        String key, String name, String colour, String lightness, boolean background, String shelfCloth) {

    public ClothInHand {
        Limits.text(key, 60, "key");
        Limits.text(name, 200, "name");
        Limits.text(colour, 7, "colour");
        Limits.text(lightness, 10, "lightness");
        Limits.text(shelfCloth, 60, "shelfCloth");
        if (key.isBlank()) {
            throw new IllegalArgumentException("key of a cloth is missing");
        }
        if (!colour.matches("#[0-9a-fA-F]{6}")) {
            throw new IllegalArgumentException("colour is not written like #aabbcc");
        }
    }

    public ClothInHand(String key, String name, String colour) {
        this(key, name, colour, "", false, "");
    }

    /** With the name and swatch that it has on the shelf now. */
    public ClothInHand asOnShelf(String newName, String newColour) {
        return new ClothInHand(key, newName, newColour, lightness, background, shelfCloth);
    }
}
