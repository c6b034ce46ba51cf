package org.goldentally.core.design;

import java.util.List;
import org.goldentally.core.cloth.HousePrint;
import org.goldentally.core.cloth.Lightness;
import org.goldentally.core.problem.LeftOut;
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
 * @param directional whether its print has an up and a down, so that no piece may be cut turned
 * @param pack the pack that it is one of the prints of, or that its prints are dealt from; empty for neither
 * @param standsFor a cloth of its own, or a place that is dealt a print of the pack
 * @param guessed whether nobody has said its colour yet: the swatch only tells cloths apart, nothing is judged by it
 * @param print how it is drawn in quilts; its photograph is seen on the shelf only
 * @param but keys of prints that the place for a print of the pack may not have
 */
public record ClothInHand(
        String key,
        String name,
        String colour,
        @LeftOut("\"\"") String lightness,
        @LeftOut("false") boolean background,
        @LeftOut("\"\"") String shelfCloth,
        @LeftOut("false") boolean directional,
        @LeftOut("\"\"") String pack,
        @LeftOut("\"ITSELF\"") StandsFor standsFor,
        @LeftOut("false") boolean guessed,
        @LeftOut("\"PLAIN\"") HousePrint print,
        @LeftOut("[]") List<String> but) {

    /** What a cloth in hand is. */
    public enum StandsFor {
        ITSELF,
        ANY_PRINT,
        LIGHT_PRINT,
        DARK_PRINT
    }

    public ClothInHand {
        Limits.text(key, 60, "key");
        Limits.text(name, 200, "name");
        Limits.text(colour, 7, "colour");
        Limits.text(lightness, 10, "lightness");
        Limits.text(shelfCloth, 60, "shelfCloth");
        Limits.text(pack, 200, "pack");
        Limits.required(standsFor, "standsFor");
        Limits.required(print, "print");
        Limits.texts(but, 200, 60, "but");
        but = List.copyOf(but);
        if (key.isBlank()) {
            throw new IllegalArgumentException("key of a fabric is missing");
        }
        if (!colour.matches("#[0-9a-fA-F]{6}")) {
            throw new IllegalArgumentException("colour is not written like #aabbcc");
        }
    }

    /** A cloth of which only name and colour are known; its lightness is judged by the colour. */
    public ClothInHand(String key, String name, String colour) {
        this(key, name, colour, "", false, "");
    }

    /** A cloth of its own, of no pack, that may be cut any way round. */
    public ClothInHand(
            String key, String name, String colour, String lightness, boolean background, String shelfCloth) {
        this(key, name, colour, lightness, background, shelfCloth, false, "", StandsFor.ITSELF);
    }

    /** A cloth whose colour is known. */
    public ClothInHand(
            String key,
            String name,
            String colour,
            String lightness,
            boolean background,
            String shelfCloth,
            boolean directional,
            String pack,
            StandsFor standsFor) {
        this(key, name, colour, lightness, background, shelfCloth, directional, pack, standsFor, false, List.of());
    }

    /** A cloth that is drawn plain. */
    public ClothInHand(
            String key,
            String name,
            String colour,
            String lightness,
            boolean background,
            String shelfCloth,
            boolean directional,
            String pack,
            StandsFor standsFor,
            boolean guessed,
            List<String> but) {
        this(
                key,
                name,
                colour,
                lightness,
                background,
                shelfCloth,
                directional,
                pack,
                standsFor,
                guessed,
                HousePrint.PLAIN,
                but);
    }

    /** CIELAB L* from 0 to 100: as the quilter overruled it, or of its swatch. */
    public double judgedLightness() {
        return Lightness.judged(colour, lightness);
    }

    /** Whether its lightness is known, so that it can be judged: picked, photographed, named or overruled by hand. */
    public boolean canBeJudged() {
        return !guessed || !lightness.isBlank();
    }

    /** Whether it is no cloth itself but a place for a print of the pack. */
    public boolean dealt() {
        return standsFor != StandsFor.ITSELF;
    }

    /** The same cloth known to the shelf by another identity; empty if it is not there. */
    public ClothInHand onShelfAs(String otherShelfCloth) {
        return new ClothInHand(
                key,
                name,
                colour,
                lightness,
                background,
                otherShelfCloth,
                directional,
                pack,
                standsFor,
                guessed,
                print,
                but);
    }

    /** The same cloth drawn with another print. */
    public ClothInHand printed(HousePrint newPrint) {
        return new ClothInHand(
                key,
                name,
                colour,
                lightness,
                background,
                shelfCloth,
                directional,
                pack,
                standsFor,
                guessed,
                newPrint,
                but);
    }

    /** With the name, swatch, print and direction that it has on the shelf now. */
    public ClothInHand asOnShelf(
            String newName,
            String newColour,
            boolean nowGuessed,
            String newLightness,
            boolean nowDirectional,
            HousePrint nowPrint,
            String nowOfPack) {
        return new ClothInHand(
                key,
                newName,
                newColour,
                lightness.isBlank() ? newLightness : lightness,
                background,
                shelfCloth,
                nowDirectional,
                nowOfPack,
                standsFor,
                nowGuessed,
                nowPrint,
                but);
    }
}
